import type { School } from '../../../saying/school';
import type { Cautions } from '../../../plan/cautions';
import { isOver, makeupOf, rowOf } from '../plan/kinds';

/** What can hurt, where this is planned. */
export const cautions: Cautions = ({ covers }) => {
  const over = covers.filter(isOver);
  return [
    over.length > 0 &&
      'Snow and wind loads on anything that people stand under are checked by someone qualified; joints are not checked here.',
    over.some((c) => makeupOf(c).propHeight !== null) &&
      'Nothing long, such as props and tube, is raised near overhead lines.',
    over.some((c) => rowOf(c).catches) &&
      'Look at a net every day: keep it taut, no loose folds, and free what is caught.',
    over.some((c) => rowOf(c).sheds) &&
      'No work on a roof or ladder alone. Sheets and tarps go up in still air; a tarp is on the ground before snow.',
    covers.some((c) => !isOver(c)) &&
      'A wrap overheats in sun: leave the gap at the top open and take it off in spring.',
    'Cut dead limbs over the run before anything goes up.',
  ];
};

/** Where keepers disagree about covers. */
export const SCHOOLS = {
  over: {
    question: 'How much of a cover?',
    schools: [
      'Open by day, birds shut in at night',
      'Net: keeps birds of prey out',
      'Mesh: keeps climbers out too',
      'Roof: dry ground, shade, no wild birds',
    ],
    ours: 'By what is about: a knotted net where birds of prey hunt by day, mesh where something climbs, a roof over a part for rain and shade. Shutting in at night stays the rule with all of them.',
  },
  winter: {
    question: 'A net in winter?',
    schools: ['Leave it up and beat the snow off', 'Drop it before the first snow'],
    ours: 'Drop it: wet snow bridges even wide mesh, and pulls posts over within an hour.',
  },
  lap: {
    question: 'How far do strips lap?',
    schools: ['A hand over a rail', 'Half a roll, so that two rails carry three strips'],
    ours: 'A hand over a rail is enough; lap further where it saves a rail.',
  },
} as const satisfies Readonly<Record<string, School>>;

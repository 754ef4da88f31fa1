import type { Cautions } from '../../../plan/cautions';
import type { School } from '../../../saying/school';
import { rowOf } from '../plan/kinds';

/** What can hurt, where this is planned. */
export const cautions: Cautions = ({ arches }) => [
  arches.some((a) => rowOf(a).springs) &&
    'A bent panel springs back. Two people; stand clear of its ends, and fix one foot first.',
  arches.some((a) => rowOf(a).springs) &&
    'Cut panels with a grinder or cutters only with eye and ear protection; burrs and cut ends face outside.',
  arches.some((a) => a.ridge !== null) &&
    'Snow and wind loads on anything that people stand under are checked by someone qualified; joints are not checked here.',
  arches.some((a) => a.film !== null) &&
    'Film goes on in still air and comes off before snow and in spring: it overheats in sun. Leave the gap at the top of both ends open.',
  'Nothing long, such as panels and pipe, is raised near overhead lines.',
];

/** Where keepers disagree about arches. */
export const SCHOOLS = {
  lines: {
    question: 'One rail or pieces between tees?',
    schools: ['Pieces glued between tees: short lengths, cheap', 'A rail in one piece with tees slipped on'],
    ours: 'One piece: glued joints work loose each time it is moved. Put timber along the base before moving it.',
  },
  arch: {
    question: 'Panels or hoops?',
    schools: ['Stock panels bent between boards', 'Pipe hoops under mesh or film'],
    ours: 'Panels where you stand up in it; hoops for low pens that are moved by hand.',
  },
} as const satisfies Readonly<Record<string, School>>;

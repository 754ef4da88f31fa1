import { type School } from '../../../saying/school';
import { type Cautions } from '../../../plan/cautions';

/** What can hurt, or is asked by law. */
export const cautions: Cautions = () => [
  'Gloves with mesh, eye protection when cutting it. Cut ends face outside, turned back or hammered flat.',
  'Leave no wire or staple crumbs where birds peck.',
];

/** Where keepers disagree about walls. */
export const SCHOOLS = {
  hex: {
    question: 'Is hexagonal netting any good?',
    schools: ['Fine over a rigid panel', 'Never'],
    ours: 'Only to hold birds, or over panels: alone, a fox tears it.',
  },
  hanging: {
    question: 'Round the corners, or cut there?',
    schools: [
      'Round corners: fewer cuts, harder to pull',
      'Cut at each corner: easy to pull, one joint per corner',
    ],
    ours: 'Round corners, which leaves fewer ends; cut where one person pulls alone.',
  },
  pull: {
    question: 'How hard is mesh pulled?',
    schools: ['Hand-tight, a little slack: gives in wind and knocks', 'Winched taut'],
    ours: 'Hand-tight for welded mesh: hauled like field fence, its welds pop.',
  },
} as const satisfies Readonly<Record<string, School>>;

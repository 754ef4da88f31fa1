import { type School } from '../../../saying/school';
import { kitOf } from '../plan/kinds';
import { type Cautions } from '../../../plan/cautions';

/** What can hurt, or is asked by law. */
export const cautions: Cautions = ({ openings }) => [
  'Hinges that cannot be lifted off, a catch that works from inside as well.',
  'Leaves are measured after the mesh is on.',
  openings.some((o) => kitOf(o) === null) &&
    'Dust of treated timber is harmful: cut outdoors, with a mask. Eye protection with saws and drivers.',
];

/** Where keepers disagree about ways in. */
export const SCHOOLS = {
  door: {
    question: 'An automatic pop door?',
    schools: ['Trusted', 'Never'],
    ours: 'Allowed, with a look every day and a check that it fails shut.',
  },
} as const satisfies Readonly<Record<string, School>>;

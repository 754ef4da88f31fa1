import { type Cautions } from '../../../plan/cautions';

/** What can hurt, or is asked by law. */
export const cautions: Cautions = () => [
  'Check the boundary and the planning rules where you live: the old fence is often not on the line.',
  'Have buried services located before anything is dug.',
];

import { type Cautions } from '../../../plan/cautions';

/** What can hurt, or is asked by law. */
export const cautions: Cautions = () => [
  'Livestock registration and bird-housing orders are local: check what applies to you.',
];

import { type Cautions } from '../../../plan/cautions';

/** What can hurt, or is asked by law. */
export const cautions: Cautions = () => [
  'Wildlife law is local. Protected animals are deterred, not harmed.',
];

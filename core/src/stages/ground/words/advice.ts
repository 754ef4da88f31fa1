import { type Cautions } from '../../../plan/cautions';

/** What can hurt, or is asked by law. */
export const cautions: Cautions = () => [
  'Have buried services located before anything is dug: the marks on this sheet are only where you put them.',
  'Nothing long, such as tube or a measuring staff, raised near overhead lines.',
];

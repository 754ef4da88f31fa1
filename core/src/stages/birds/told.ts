import type { Term } from '../../working';

/** Headline numbers of the birds. */
export interface Headlines {
  readonly birds: Term;
  readonly areaWanted: Term;
  /** Left out where there are no birds. */
  readonly areaPerBird?: Term;
}

/** Names of its figures. */
export type FigureName = 'birds' | 'areaWanted' | 'areaPerBird' | 'largestOpening';

import type { Term } from '../../working';

/** Headline numbers of the outline. */
export interface Headlines {
  readonly area: Term;
  readonly perimeter: Term;
  readonly fenceLength: Term;
  readonly groundLength: Term;
}

/** Names of its figures. */
export type FigureName = 'area' | 'perimeter' | 'fenceLength' | 'groundLength' | 'gates' | 'standing';

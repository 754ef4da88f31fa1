import { type CuttingPool, type Reckoning, type StackProof, mayImprove, proofOf } from '@aviarum/core';

export interface PoolView extends CuttingPool {
  /** Looking further may better its price or prove it. */
  readonly open: boolean;
}
export type ReckoningView = Omit<Reckoning, 'workings' | 'docket' | 'cutting' | 'stacks'> & {
  readonly stacks: StackProof | null;
  readonly cutting: readonly PoolView[];
  readonly docket: Omit<Reckoning['docket'], 'working' | 'lines'> & {
    readonly lines: readonly Omit<Reckoning['docket']['lines'][number], 'working'>[];
  };
};

const poolView = (pool: Reckoning['cutting'][number]): PoolView => {
  const { task: _task, plan: _plan, ...shown } = pool;
  return { ...shown, open: mayImprove(pool) };
};

/** What the worker sends: without workings, and pools without what they were cut from. */
export function view({ workings: _, docket, cutting, stacks, ...rest }: Reckoning): ReckoningView {
  const { working: _working, lines, ...bare } = docket;
  return {
    ...rest,
    stacks: stacks && proofOf(stacks),
    cutting: cutting.map(poolView),
    docket: { ...bare, lines: lines.map(({ working: _line, ...line }) => line) },
  };
}

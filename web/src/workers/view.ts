import { type CuttingPool, type Reckoning, type ToldFinding, type ToldWorst, toldWorst } from '@aviarum/core';

/** A reckoning as it is shown: workings, mends and what is said of every part are asked for when they are looked at. */
export interface ReckoningView extends Omit<
  Reckoning,
  'workings' | 'findings' | 'verdicts' | 'worst' | 'docket' | 'cutting' | 'stacks'
> {
  readonly worst: ToldWorst;
  readonly findings: readonly ToldFinding[];
  readonly cutting: readonly CuttingPool[];
  readonly docket: Omit<Reckoning['docket'], 'working' | 'lines'> & {
    readonly lines: readonly Omit<Reckoning['docket']['lines'][number], 'working'>[];
  };
}

type Shown = keyof ReckoningView;
/** How each part of a reckoning is shown. */
type Show = { readonly [K in Shown]: (of: Reckoning[K]) => ReckoningView[K] };

const asItIs = <T>(of: T): T => of;

const SHOW: Show = {
  stages: asItIs,
  enclosures: asItIs,
  figures: asItIs,
  parts: asItIs,
  worst: toldWorst,
  night: asItIs,
  entries: asItIs,
  strength: asItIs,
  findings: (findings) => findings.map(({ mends: _, ...told }) => told),
  cutting: (pools) => pools.map(({ task: _task, cutting: _plan, ...shown }) => shown),
  docket: ({ working: _, lines, ...bare }) => ({
    ...bare,
    lines: lines.map(({ working: _line, ...line }) => line),
  }),
  proof: asItIs,
  largestOpening: asItIs,
  tightestBird: asItIs,
};

/**
 * What of a reckoning is another than before, as it is shown: what the steps kept is not sent again.
 *
 * @param before  what was sent last; null where nothing was
 */
export function changedView(now: Reckoning, before: Reckoning | null): Partial<ReckoningView> {
  const changed = (Object.keys(SHOW) as Shown[]).filter((name) => !before || now[name] !== before[name]);
  // Name and way of showing come from one row; a list of rows does not tell.
  return Object.fromEntries(
    changed.map((name) => [name, (SHOW[name] as (of: unknown) => unknown)(now[name])]),
  );
}

/** All of it. */
export const view = (reckoning: Reckoning): ReckoningView => changedView(reckoning, null) as ReckoningView;

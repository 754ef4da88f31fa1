/* Tells everything that a checkout reckons for plans on standard input, one line a plan. ROOT is the checkout. */
import { createInterface } from 'node:readline';
import type * as Core from '../core/src/index';
import type { everyOption as EveryOption } from '../core/src/testing/everyOption';

const root = process.env.ROOT ?? '';
const core = (await import(`${root}/core/src/index.ts`)) as typeof Core;
const { everyOption } = (await import(`${root}/core/src/testing/everyOption.ts`)) as {
  everyOption: typeof EveryOption;
};

/** Every how many plans the effects of all options are told: they take as long as fifty plans. */
const EFFECTS_EACH = 12;

/** Left out: what a figure was made from, where it is told by itself, and what is new or another name for the same. */
const UNTOLD = new Set(['market', 'choice', 'chosen', 'place']);

/** The plan in hand, by which mends are worked out. */
let inHand: Core.Plan | undefined;

/** A value as both commits tell it: mends worked out, parts by their paths, numbers to a ten-millionth. */
function told(value: unknown, key = ''): unknown {
  if (typeof value === 'function')
    return key === 'mends' ? told((value as (plan: unknown) => unknown)(inHand)) : undefined;
  if (typeof value === 'number')
    return Number.isFinite(value) ? Math.round(value * 1e7) / 1e7 : String(value);
  if (value === null || typeof value !== 'object') return value;
  if (Array.isArray(value)) return (value as readonly unknown[]).map((v) => told(v));
  const entries: [string, unknown][] = [];
  for (const [name, v] of Object.entries(value as Readonly<Record<string, unknown>>).sort(([a], [b]) =>
    a < b ? -1 : 1,
  )) {
    if (v === undefined || (UNTOLD.has(name) && key !== 'params')) continue;
    const isPart = (name === 'part' || name === 'path') && key !== 'params';
    const path = isPart && typeof v === 'object' ? core.formatPart(v as Core.PartRef) : v;
    entries.push([isPart ? 'part' : name, told(path, name)]);
  }
  return unordered(Object.fromEntries(entries));
}

/** Needs of fasteners and the lines of the total say the same in any order, with and without what is nothing. */
function unordered(of: Record<string, unknown>): unknown {
  if (of.code !== 'fasten.need' && of.code !== 'docket.total') return of;
  const terms = (of.terms as readonly { readonly value: number }[])
    .filter((t) => t.value !== 0)
    .map((t) => JSON.stringify(t))
    .sort()
    .map((t) => JSON.parse(t) as unknown);
  return of.code === 'fasten.need' && terms.length === 1 ? terms[0] : { ...of, terms };
}

/** The effects of changes of a plan, as either commit has them. */
function previewsOf(plan: Core.Plan): (change: Core.Change) => unknown {
  const now = core as unknown as Readonly<Record<string, (...args: unknown[]) => unknown>>;
  if (now.makePreviewer) {
    const preview = core.makePreviewer();
    return (change) => preview(plan, change);
  }
  const { makeEstimator, estimateOf, effectOf } = now;
  const base = estimateOf?.(core.reckon(plan));
  const estimate = makeEstimator?.();
  return (change) => effectOf?.(plan, base, change, estimate);
}

const tellPlan = (plan: Core.Plan, i: number): unknown => {
  inHand = plan;
  const { cutting, docket, ...rest } = core.reckon(plan);
  const effectOf = previewsOf(plan);
  const effects =
    i % EFFECTS_EACH === 0
      ? Object.entries(everyOption(plan)).map(([panel, groups]) => [
          panel,
          groups.flatMap((g) => g.options.map((o) => effectOf(o.change))),
        ])
      : [];
  return told({
    ...rest,
    docket: { ...docket, lines: Object.fromEntries(docket.lines.map((line) => [line.id, line])) },
    pools: cutting.map(({ unplaced, task: _task, cutting: _plan, units: _units, ...pool }) => ({
      ...pool,
      unplaced: unplaced.length,
    })),
    effects: Object.fromEntries<unknown>(effects as [string, unknown][]),
  });
};

let i = 0;
for await (const line of createInterface({ input: process.stdin })) {
  const plan = JSON.parse(line) as Core.Plan;
  let answer: unknown;
  try {
    answer = tellPlan(plan, i);
  } catch (error) {
    answer = { threw: error instanceof Error ? error.message : 'something' };
  }
  i += 1;
  process.stdout.write(`${JSON.stringify(answer)}\n`);
}

import simplify from 'simplify-js';
import { extentOf } from '../drawing/scene/scene';
import type { Severity, ToldFinding } from '../findings/types';
import { surveyRings } from '../ground/survey';
import type { Plan } from '../plan/schema';
import type { Reckoning } from '../reckoning';
import { readerFor } from '../saying/makeReader';
import { cutText } from '../schema/text';
import { sayFinding } from '../words/findings';
import { type Card, GRID, MOST_CORNERS, MOST_RUNS, SUMS, WORST } from './card';

const RANK: Readonly<Record<Severity, number>> = { blocks: 2, mend: 1, know: 0 };

/** The rings of a plan as a small drawing has them. */
function runsOf(plan: Plan): Card['runs'] {
  const rings = surveyRings(plan)
    .slice(0, MOST_RUNS)
    .map((r) => r.sides.map((s) => ({ x: s.start.x, y: s.start.y })));
  const { left, right, low, high } = extentOf(rings.flat());
  const scale = GRID / Math.max(right - left, high - low, 1e-9);
  return rings.map((ring) => {
    const on = ring.map((p) => ({ x: Math.round((p.x - left) * scale), y: Math.round((p.y - low) * scale) }));
    let few = on;
    for (let tolerance = 1; few.length > MOST_CORNERS; tolerance *= 1.5) few = simplify(on, tolerance, true);
    return few.flatMap((p) => [p.x, p.y]);
  });
}

const hundredths = (x: number | undefined) => Math.round((x ?? 0) * 100) / 100;

/** A sentence as far as a card has room: whole, to the end of its first clause, or cut. */
function shortened(sentence: string): string {
  const [first = ''] = sentence.split(/(?<=[.:])\s/u);
  const bare = first.replace(/[.:]$/u, '');
  return [...bare].length <= WORST ? bare : `${cutText(bare, WORST - 1).trimEnd()}…`;
}

/**
 * @param plan       that was reckoned
 * @param reckoning  of that very plan
 */
export function cardOf(
  plan: Plan,
  {
    figures,
    docket,
    findings,
  }: Pick<Reckoning, 'figures'> & {
    readonly docket: Pick<Reckoning['docket'], 'total' | 'complete' | 'currency' | 'pricesAsOf'>;
    readonly findings: readonly ToldFinding[];
  },
): Card {
  const [worst] = findings
    .filter((f) => f.severity !== 'know')
    .sort((a, b) => RANK[b.severity] - RANK[a.severity]);
  return {
    runs: runsOf(plan),
    ...(plan.units === 'imperial' ? { units: plan.units } : {}),
    area: hundredths(figures.area),
    fence: hundredths(figures.fenceLength),
    price: docket.complete ? docket.total : null,
    currency: plan.currency,
    asOf: docket.pricesAsOf,
    ...(worst ? { worst: shortened(sayFinding(worst, readerFor(plan))) } : {}),
    ...(plan.note === '' ? {} : { note: plan.note }),
    sums: SUMS,
  };
}

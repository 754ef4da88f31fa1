import simplify from 'simplify-js';
import * as z from 'zod/mini';
import type { Severity, ToldFinding } from '../findings/types';
import { surveyRings } from '../ground/survey';
import { extentOf } from '../drawing/scene';
import type { Plan } from '../plan/schema';
import type { Reckoning } from '../reckoning';
import { readerFor } from '../saying/makeReader';
import { currency, day } from '../schema/common';
import { LENGTHS, cutText, textOf } from '../schema/text';
import { sayFinding } from '../words/findings';

/** Counts up whenever the same plan comes to other figures: cards of before are made anew when they are seen. */
export const SUMS = 1;

/** Runs and corners that a small drawing shows, and characters of what is worst: two hundred cards are a small list. */
const MOST_RUNS = 8;
const MOST_CORNERS = 24;
const WORST = 48;
/** Corners lie on a grid of so many steps across the larger side of the plan. */
const GRID = 100;

const figure = z.number().check(z.minimum(0), z.maximum(1e9));

/** What a list tells of a plan without opening it: small, and made where the plan was reckoned. */
export const cardSchema = z.object({
  /** Rings as x, y, x, y … on a grid of a hundred, y up. */
  runs: z
    .array(z.array(z.int().check(z.minimum(0), z.maximum(GRID))).check(z.maxLength(2 * MOST_CORNERS)))
    .check(z.maxLength(MOST_RUNS)),
  /** Left out for metres. */
  units: z.optional(z.enum(['metric', 'imperial'])),
  /** m². */
  area: figure,
  /** m. */
  fence: figure,
  /** Minor units; null where a line has no price. */
  price: z.nullable(z.int().check(z.minimum(0), z.maximum(1e12))),
  currency,
  asOf: day,
  /** What asks most for a mend, in a sentence that may be cut; left out where nothing does. */
  worst: z.optional(textOf(WORST)),
  /** What the keeper wrote about it; left out where that is nothing. */
  note: z.optional(textOf(LENGTHS.note)),
  sums: z.int().check(z.minimum(1), z.maximum(1e6)),
});
export type Card = z.infer<typeof cardSchema>;

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

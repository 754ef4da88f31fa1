import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import loadHighs from 'highs';
import { highsSolver } from '../cutting/highs';
import type { OwnedPiece } from '../catalogue/own';
import type { Plan } from '../plan/schema';
import { reckon } from '../reckon';
import { reckonImproved } from './further/lookFurther';
import { aRun } from '../testing/aRun';
import { buyingAt } from '../testing/buying';
import { uniform } from '../testing/uniform';
import { costOfUnits, countWays, lowestCost, unitsOf } from '../testing/wholeBrute';

const solver = highsSolver(await loadHighs());
const EDITION = '2026-11-25b';
const YARDS = ['far-gate', 'longacre'];
const WIDTHS = [0.6, 0.9, 1.2];
const LENGTHS = [10, 15, 25];
/** So many small plans; more are tried by hand. */
const PLANS = Number(process.env.WHOLE_PLANS ?? 6);
/** More ways than these take too long to try one by one. */
const MOST_WAYS = 60;
const MOST_ROLLS = 4;

type Price = Plan['buying']['ownPrices'][number];

/** A mesh of the keeper's own: at either yard in some of its widths and lengths, at any price, of which the yard may hold a few. */
const prices = (product: string): fc.Arbitrary<readonly Price[]> =>
  fc
    .array(
      fc.record({
        yard: fc.constantFrom(...YARDS),
        width: fc.constantFrom(...WIDTHS),
        length: fc.constantFrom(...LENGTHS),
        rate: fc.integer({ min: 150, max: 700 }),
        stock: fc.constantFrom(null, null, 1, 2, 5),
      }),
      { minLength: 4, maxLength: 8 },
    )
    .map((offers) =>
      offers.map(({ yard, width, length, rate, stock }): Price => {
        const price = Math.round(rate * width * length);
        return { yard, asOf: null, offer: { kind: 'roll', product, width, length, price, stock } };
      }),
    );

const mesh = (id: string) => ({
  id,
  type: 'welded' as const,
  opening: { up: 0.025, along: 0.025 },
  wire: 0.0014,
  widths: [...WIDTHS],
  lengths: [...LENGTHS],
});

const bandsOf = (tops: readonly number[], high: string) =>
  tops.map((top, i) => ({
    id: `b${i}`,
    mesh: i === 0 ? 'my-mesh' : high,
    top,
    widths: 'cheapest' as const,
  }));

/** Three sides, a band or two, a skirt or none, at a yard or two. */
const aSmallPlan: fc.Arbitrary<Plan> = fc
  .record({
    size: fc.tuple(uniform(2, 3), uniform(2, 3.5)),
    tops: fc.constantFrom([0.9], [1.1], [1.5], [0.6, 1.5], [0.55, 1.1], [0.9, 1.7]),
    high: fc.constantFrom('my-mesh', 'my-other'),
    skirt: fc.constantFrom<Plan['choices']['plan']['skirt']>(
      { kind: 'none' },
      { kind: 'buried', mesh: 'my-mesh', depth: 0.4, lapUp: 0.1 },
      { kind: 'apron', mesh: 'my-mesh', width: 0.45, lapUp: 0.1 },
    ),
    yards: fc.constantFrom(YARDS, ['far-gate'], ['longacre']),
    fetched: fc.subarray(YARDS),
    mine: fc.tuple(prices('my-mesh'), prices('my-other')),
  })
  .map(({ size: [width, depth], tops, high, skirt, yards, fetched, mine }): Plan => {
    const bands = bandsOf(tops, high);
    const plan = aRun({ width, depth, gate: 0, choices: { bands, skirt, hanging: 'continuous' } });
    return {
      ...plan,
      buying: {
        ...buyingAt(yards, EDITION),
        fetched,
        ownProducts: [mesh('my-mesh'), mesh('my-other')],
        ownPrices: mine.flat(),
      },
    };
  })
  // Meshes that a yard has not at all are sold in common lengths without a price.
  .filter((plan) => {
    const { docket, findings } = reckon(plan);
    const unfit = findings.some((f) => ['band.no-roll', 'skirt.no-roll', 'goods.not-held'].includes(f.code));
    return docket.complete && !unfit && countWays(plan) <= MOST_WAYS;
  });

describe('a small plan as a whole', () => {
  test('costs what trying every width, every set of rolls and every yard comes to, as soon as it is looked into', async () => {
    let proved = 0;
    let looked = 0;
    await fc.assert(
      fc.asyncProperty(aSmallPlan, async (plan) => {
        const lowest = lowestCost(plan, MOST_ROLLS);
        const { docket, proof } = reckon(plan);
        const cost = costOfUnits(plan, unitsOf(docket));
        looked += 1;
        if (proof?.proved) {
          proved += 1;
          expect(cost).toBeCloseTo(lowest, 4);
        } else expect(cost).toBeGreaterThanOrEqual(lowest - 1e-4);
        const { reckoning } = await reckonImproved(plan, { solver });
        expect(costOfUnits(plan, unitsOf(reckoning.docket))).toBeCloseTo(lowest, 4);
      }),
      { numRuns: PLANS, endOnFailure: true },
    );
    expect(proved).toBeGreaterThan(looked / 2);
  });
});

describe('where the price is proved', () => {
  const run = (plan: Plan) => {
    const { docket, proof } = reckon(plan);
    return proof?.proved ? docket.total : null;
  };
  const roll = (length: number): OwnedPiece => ({
    id: 'old',
    kind: 'roll',
    product: 'my-mesh',
    width: 0.9,
    length,
    count: 1,
    condition: 'sound',
    note: '',
  });
  test('a yard, a length of roll or a piece in the shed more never raises it', () => {
    let more = 0;
    fc.assert(
      fc.property(aSmallPlan, uniform(1, 20), fc.integer({ min: 100, max: 900 }), (plan, length, rate) => {
        const { buying } = plan;
        const before = run(plan);
        const longer: Price = {
          yard: buying.yards[0] ?? '',
          asOf: null,
          offer: { kind: 'roll', product: 'my-mesh', width: 0.9, length: 20, price: rate * 18, stock: null },
        };
        const others: readonly Plan[] = [
          { ...plan, buying: { ...buying, yards: YARDS } },
          { ...plan, buying: { ...buying, ownPrices: [...buying.ownPrices, longer] } },
          { ...plan, owned: [roll(length)] },
        ];
        for (const other of others) {
          const after = run(other);
          if (before === null || after === null) continue;
          more += 1;
          // Tax is rounded once a rate.
          expect(after).toBeLessThanOrEqual(before + 1);
        }
      }),
      { numRuns: 25, endOnFailure: true },
    );
    expect(more).toBeGreaterThan(20);
  });
  test('every piece is cut from one roll, and what is needed is what the pieces take', () => {
    fc.assert(
      fc.property(aSmallPlan, (plan) => {
        const { cutting, docket } = reckon(plan);
        for (const pool of cutting) {
          const pieces = pool.rolls.flatMap((r) => r.pieces);
          expect(new Set(pieces.map((p) => p.letter)).size).toBe(pieces.length);
          for (const of of pool.rolls)
            expect(of.pieces.reduce((t, p) => t + p.length, of.left)).toBeCloseTo(of.length, 6);
          const line = docket.lines.find((l) => l.id === `roll:${pool.id}`);
          expect(line?.need).toBeCloseTo(
            pieces.reduce((t, p) => t + p.length, 0),
            6,
          );
        }
      }),
      { numRuns: 25, endOnFailure: true },
    );
  });
});

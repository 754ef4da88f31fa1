/* How many usual plans are proved as a whole, at first and after looking further, and what that gains; prints one JSON object. */
import fc from 'fast-check';
import loadHighs from 'highs';
import { highsSolver } from '../core/src/cutting/highs';
import { type Plan, blocking, checkPlan, reckon, reckonImproved, skirtOfKind } from '../core/src/index';
import { aRun } from '../core/src/testing/aRun';
import { buyingAt } from '../core/src/testing/buying';
import { uniform } from '../core/src/testing/uniform';

const PLANS = Number(process.env.PLANS ?? 500);
const EDITION = '2026-11-25b';

/** Runs as keepers build them: against a house or alone, a band or two, every skirt of mesh, a gate, one yard or two, something in the shed or not. */
const aUsualRun: fc.Arbitrary<Plan> = fc
  .record({
    size: fc.tuple(uniform(2, 9), uniform(2, 12)),
    house: fc.constantFrom('whole-side' as const, 'none' as const),
    low: fc.constantFrom(null, 'fine-13', 'welded-25'),
    mesh: fc.constantFrom('welded-50', 'welded-50x25', 'welded-25', 'hex-50', 'hex-25'),
    top: fc.constantFrom(1.2, 1.5, 1.8, 2, 2.1),
    skirt: fc.constantFrom('apron', 'buried', 'toe', 'folded', 'none'),
    yards: fc.constantFrom(['far-gate'], ['longacre'], ['far-gate', 'longacre']),
    old: fc.constantFrom(0, 0, 7.5, 18),
  })
  .map(({ size: [width, depth], house, low, mesh, top, skirt, yards, old }): Plan => {
    const high = { id: 'high', mesh, top, widths: 'cheapest' as const };
    const bands =
      low === null ? [high] : [{ id: 'low', mesh: low, top: 0.6, widths: 'cheapest' as const }, high];
    const plan = aRun({ width, depth, house, choices: { bands } });
    const worn = { ...plan.choices.plan, skirt: skirtOfKind(plan, skirt, plan.choices.plan.skirt) };
    const there = {
      id: 'old',
      kind: 'roll',
      product: mesh,
      width: 0.9,
      count: 1,
      condition: 'worn',
      note: '',
    };
    return {
      ...plan,
      choices: { ...plan.choices, plan: worn },
      buying: buyingAt(yards, EDITION),
      owned: old > 0 ? [{ ...there, length: old } as Plan['owned'][number]] : [],
    };
  });

const solver = highsSolver(await loadHighs());
const plans = fc
  .sample(aUsualRun, { seed: 14, numRuns: 2 * PLANS })
  .filter((plan) => checkPlan(plan).ok && blocking(plan).length === 0 && reckon(plan).proof !== null)
  .slice(0, PLANS);
let [first, after, cheaper, gained] = [0, 0, 0, 0];
for (const plan of plans) {
  const { docket, proof } = reckon(plan);
  if (proof?.proved) {
    first += 1;
    after += 1;
    continue;
  }
  const { reckoning } = await reckonImproved(plan, { solver });
  if (reckoning.proof?.proved) after += 1;
  if (reckoning.docket.total < docket.total) cheaper += 1;
  gained += docket.total - reckoning.docket.total;
}
const share = (n: number) => (100 * n) / plans.length;
process.stdout.write(
  JSON.stringify({
    'whole plans, how many': plans.length,
    'whole plans proved at first, %': share(first),
    'whole plans proved after looking further, %': share(after),
    'whole plans that looking further makes cheaper': cheaper,
    'whole plans, gained together, minor units': gained,
  }),
);

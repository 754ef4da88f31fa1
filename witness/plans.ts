/* Writes the plans that two commits are compared by, one a line: the demo plans, one of each verb, 500 generated ones. SEED makes others, PLANS more or fewer. */
import fc from 'fast-check';
import { type Change, DEMO_PLANS, type Plan, apply, blocking, checkPlan } from '../core/src/index';
import { aPolygon } from '../core/src/testing/aRun';
import { buyingAt } from '../core/src/testing/buying';
import { everyOption } from '../core/src/testing/everyOption';
import { EVERY_VERB, aFullRun } from '../core/src/testing/everyVerb';
import { aRandomRun, aChosenRun } from '../core/src/testing/randomRun';

const seed = Number(process.env.SEED ?? 13);
const GENERATED = Number(process.env.PLANS ?? 500);

const buyings = [
  buyingAt('far-gate', '2026-11-25b'),
  buyingAt('longacre', '2026-11-25b'),
  buyingAt(['far-gate', 'longacre'], '2026-11-25b'),
];

/** A few answers to the questions of the plan, changed one after the other. */
function answered(plan: Plan, picks: readonly number[]): Plan {
  return picks.reduce((now, pick) => {
    const changes: readonly Change[] = Object.values(everyOption(now))
      .flat()
      .flatMap((g) => g.options.map((o) => o.change));
    const change = changes[pick % changes.length];
    return change ? apply(now, change) : now;
  }, plan);
}

const generated = fc.sample(
  fc
    .tuple(
      fc.oneof(aRandomRun, aChosenRun),
      fc.array(fc.nat(10_000), { maxLength: 3 }),
      fc.nat(buyings.length),
      fc.constantFrom<Plan['threats']>(
        {},
        { fox: 'seen' },
        { badger: 'seen', rat: 'likely', raccoon: 'seen' },
      ),
    )
    .map(([plan, picks, at, threats]): Plan => {
      const bought = buyings[at];
      return answered({ ...plan, threats, ...(bought ? { buying: bought } : {}) }, picks);
    }),
  { seed, numRuns: GENERATED },
);
const full = aFullRun();
const plans = [
  ...DEMO_PLANS,
  full,
  ...Object.values(EVERY_VERB).map((change) => apply(full, change)),
  aPolygon(60, 3.1, DEMO_PLANS[0]?.choices.plan ?? {}),
  ...generated,
].filter((plan) => checkPlan(plan).ok && blocking(plan).length === 0);
process.stdout.write(plans.map((plan) => `${JSON.stringify(plan)}\n`).join(''));

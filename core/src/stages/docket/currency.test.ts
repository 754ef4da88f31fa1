import { expect, test } from '@jest/globals';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { checkPlan } from '../../formats/planFile';
import { reckon } from '../../reckon';
import { aRun } from '../../testing/aRun';
import { buyingAt, ownRoll } from '../../testing/buying';

const priced = (currency: string | undefined, own: string): Plan => {
  const price = ownRoll('welded-50', { width: 1.8, length: 25 }, 9000);
  const plan = aRun({ width: 6 });
  return {
    ...plan,
    currency: own,
    buying: { ...buyingAt('far-gate'), ownPrices: [currency === undefined ? price : { ...price, currency }] },
  };
};
const refusal = (plan: Plan) => {
  const read = checkPlan(plan);
  return read.ok ? null : read.problems[0];
};

test('a price that names no currency is read in the plan’s', () => {
  expect(checkPlan(priced(undefined, 'EUR')).ok).toBe(true);
  expect(checkPlan(priced('EUR', 'EUR')).ok).toBe(true);
});
test('two currencies in one plan are refused at the price, with the way out', () => {
  expect(refusal(priced('GBP', 'EUR'))).toMatchObject({
    pointer: '/buying/ownPrices/0/currency',
    message:
      'is in GBP and the plan in EUR; a plan has one currency: leave these prices out, or set the plan’s currency to GBP',
  });
  expect(refusal(priced('GBP', 'XXX'))?.message).toContain('set the plan’s currency to GBP');
});
test('choosing another currency leaves out prices of the one before, and nothing else', () => {
  const chosen = apply(priced('GBP', 'GBP'), { verb: 'set-currency', currency: 'EUR' });
  expect(checkPlan(chosen).ok).toBe(true);
  expect(chosen.buying.ownPrices).toEqual([]);
  const kept = apply(priced(undefined, 'XXX'), { verb: 'set-currency', currency: 'EUR' });
  expect(kept.buying.ownPrices).toHaveLength(1);
  expect(reckon(kept).docket.total).toBe(reckon(priced(undefined, 'XXX')).docket.total);
});

import { formatPart } from '../plan/partRef';
import { describe, expect, test } from '@jest/globals';
import type { Plan } from '../plan/schema';
import { checkPlan } from '../formats/planFile';
import { reckon } from '../reckon';
import { reckonImproved } from '../buying/further/lookFurther';
import { anOutline, aPolygon } from '../testing/aRun';
import { EXTREMES, withExtras } from '../testing/extremes';

/** The same at once and again by nobody who remembers anything of it. */
const again = (plan: Plan) => reckon(structuredClone(plan)).docket;

describe('plans at the ends of the schema', () => {
  test.each(Object.entries(EXTREMES))(
    '%s: valid, and reckoned without searching on',
    (_, make) => {
      const read = checkPlan(make());
      if (!read.ok) throw new Error(JSON.stringify(read.problems));
      const { docket, cutting } = reckon(read.plan);
      expect(docket.total).toBeGreaterThan(0);
      for (const pool of cutting) {
        // Every piece once, none longer than its roll.
        const pieces = pool.rolls.flatMap((roll) => roll.pieces);
        expect(new Set(pieces.map((p) => `${formatPart(p.part)} ${p.from}`)).size).toBe(pieces.length);
        for (const roll of pool.rolls) expect(roll.left).toBeGreaterThanOrEqual(0);
        expect(pool.proved).toBe((pool.cost ?? 0) <= (pool.bound ?? 0) + 1e-9);
      }
    },
    600_000,
  );
  test('all of fifty sizes, a hundred of each, come out of the rolls that are bought', () => {
    const plan = withExtras(50, 100);
    const { cutting } = reckon(plan);
    const extras = cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces)).filter((p) => p.use === 'extra');
    expect(extras).toHaveLength(5000);
    for (const { lies } of extras) expect(lies).not.toBeNull();
    for (const pool of cutting) {
      const area = pool.rolls
        .flatMap((r) => r.pieces)
        .reduce((t, p) => t + (p.lies ? p.lies.along * p.lies.across : p.length * pool.width), 0);
      const bought = pool.rolls.reduce((t, r) => t + r.length * pool.width, 0);
      expect(area).toBeLessThanOrEqual(bought + 1e-6);
    }
    // Their widths were chosen by the metre: what others would cost is not known, and it is not claimed.
    const { stacks } = reckon(plan);
    expect(stacks === null || stacks.proved).toBe(false);
  });
  test('twelve small pieces lie side by side no worse than one after the other', () => {
    const without = reckon(withExtras(0)).docket.total;
    const together = reckon(withExtras(12)).docket.total;
    const alone = withExtras(12).extras.map(
      (extra) => reckon({ ...withExtras(0), extras: [extra] }).docket.total - without,
    );
    expect(together - without).toBeLessThanOrEqual(alone.reduce((a, b) => a + b, 0) + Math.max(...alone) + 1);
    expect(again(withExtras(12)).total).toBe(together);
  });
  test('a fence with more posts than one plan can have is refused with what to do', () => {
    const read = checkPlan(
      anOutline([
        [0, 0],
        [9000, 0],
        [9000, 9000],
        [0, 9000],
      ]),
    );
    expect(read.ok ? [] : read.problems.map((p) => p.code)).toEqual(['outline.too-long']);
  });
});

describe('looking further', () => {
  test('has one limit for the whole plan, and comes to the same answer every time', async () => {
    let programs = 0;
    const solver = () => {
      programs += 1;
      return Promise.resolve({ objective: 0, status: 'stopped' as const, values: {} });
    };
    const plan = aPolygon(60, 3.1);
    const { reckoning: first } = await reckonImproved(plan, { solver });
    const asked = programs;
    const { reckoning: second } = await reckonImproved(structuredClone(plan), { solver });
    expect(second.docket.total).toBe(first.docket.total);
    expect(second.cutting.map((p) => p.bound)).toEqual(first.cutting.map((p) => p.bound));
    expect(asked).toBeLessThan(40);
  });
});

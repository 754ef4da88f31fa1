import { describe, expect, test } from '@jest/globals';
import { newMemo } from '../cutting/memo';
import type { AnyStep } from '../engine/step';
import type { Finding } from '../findings/types';
import { apply } from '../plan/changes/apply';
import { DEMO_PLANS } from '../plan/samples';
import type { Plan } from '../plan/schema';
import { TABLES } from '../reckon';
import { reckonerWith, reckoningFrom } from './reckoner';
import { ALL_LATER } from '../stages/allLater';
import { LATER_IDS, type LaterId, usedLater } from '../stages/later';
import { tableFor, tablesWith } from './tables';
import { aFullRun } from '../testing/everyVerb';
import { plainly } from '../testing/plainly';

/** A plan without one of the later stages, whatever it had of it. */
const WITHOUT: Readonly<Record<LaterId, (plan: Plan) => Plan>> = {
  heights: (plan) => ({ ...plan, ground: { ...plan.ground, spotHeights: [] } }),
  arch: (plan) => plan.arches.reduce((p, { id }) => apply(p, { verb: 'remove-arch', id }), plan),
  cover: (plan) => ({ ...plan, covers: [] }),
  live: (plan) => ({
    ...plan,
    nets: [],
    hotWires: [],
    power: { ...plan.power, at: null, rods: null },
  }),
};
const plans: readonly Plan[] = [aFullRun(), ...DEMO_PLANS];
const stepsOf = (plan: Plan): ReadonlySet<AnyStep> =>
  new Set(TABLES(plan).makers.flatMap((rows) => rows.map(({ step }) => step)));

describe.each(LATER_IDS)('%s, which many plans do without', (id) => {
  const without = plans.map((plan) => WITHOUT[id](plan));

  test('is used by some plan of these, and by none from which it was taken', () => {
    expect(plans.some((plan) => usedLater(plan).includes(id))).toBe(true);
    for (const plan of without) expect(usedLater(plan)).not.toContain(id);
  });
  test('costs no step where it is not used', () => {
    const { steps, parts } = ALL_LATER[id];
    for (const plan of without) {
      const there = stepsOf(plan);
      expect([...steps, ...parts].filter((step) => there.has(step))).toEqual([]);
    }
    const used = plans.filter((plan) => usedLater(plan).includes(id));
    for (const plan of used) for (const step of steps) expect(stepsOf(plan).has(step)).toBe(true);
  });
  test('would say nothing of a plan that does not use it', () => {
    const memo = newMemo();
    for (const plan of without) {
      const used = [...usedLater(plan), id];
      const [bare, whole] = [TABLES, () => tableFor(used, ALL_LATER)].map((tables) => {
        const { findings, ...rest } = plainly(plan, reckoningFrom(reckonerWith(tables, memo).read(plan)));
        // That nothing lies over a run is found in place of covers.
        const others = (findings as readonly Finding[]).filter(({ code }) => code !== 'cover.bare');
        return { ...rest, findings: others };
      });
      expect(whole).toEqual(bare);
    }
  });
});

test('a plan that uses what is not loaded is not worked out without it', () => {
  const arched = plans.find(({ arches }) => arches.length > 0);
  if (!arched) throw new Error('no plan has an arch');
  const { arch: _, ...others } = ALL_LATER;
  expect(() => tablesWith(others)(arched)).toThrow('arch');
  expect(() => tablesWith({})(WITHOUT.arch(arched))).not.toThrow('arch');
});

import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Plan } from '../schema';
import { apply } from './apply';
import { blocking } from '../../stages/blocking';
import { checkPlan } from '../../formats/planFile';
import { proposePlan } from '../../starts';
import { reckon } from '../../reckon';
import { ownRoll } from '../../testing/buying';
import { aRun } from '../../testing/aRun';

const hens = (count: number) => [{ id: 'f1', kind: 'hen-heavy', count, keeping: 'confined' }] as const;
const size = (plan: Plan) => {
  const xs = plan.corners.map((c) => c.x);
  const ys = plan.corners.map((c) => c.y);
  return [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)].map((n) =>
    Number(n.toFixed(4)),
  );
};

describe('a proposed run', () => {
  test('holds its birds, is valid, has a gate and a docket, and asks for no mend', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 200 }),
        fc.integer({ min: 8, max: 40 }),
        fc.constantFrom('metric', 'imperial'),
        (count, house, units) => {
          const plan = proposePlan({
            id: 'p',
            name: 'Run',
            units,
            flock: hens(count),
            houseWidth: house / 10,
          });
          expect(checkPlan(plan).ok).toBe(true);
          const reckoning = reckon(plan);
          expect(reckoning.figures.area).toBeGreaterThanOrEqual((reckoning.figures.areaWanted ?? 0) - 1e-9);
          expect(reckoning.docket.complete).toBe(true);
          expect(reckoning.findings.filter((f) => f.severity !== 'know')).toEqual([]);
        },
      ),
      { numRuns: 40 },
    );
  });
  test('starts with fox and rat likely', () => {
    expect(proposePlan({ id: 'p', name: 'Run', units: 'metric', flock: [], houseWidth: 2 }).threats).toEqual({
      fox: 'likely',
      rat: 'likely',
    });
  });
});

describe('moving a side', () => {
  test('out from the house makes the run deeper and keeps the gate in the middle', () => {
    const plan = apply(aRun(), { verb: 'move-side', side: 's1', by: 1 });
    expect(size(plan)).toEqual([6, 4.6]);
    const gate = plan.openings[0];
    expect(gate && gate.along + gate.width / 2).toBeCloseTo(2.3, 4);
  });
  test('past the end of the house leaves fence, house wall, fence', () => {
    const plan = apply(aRun(), { verb: 'move-side', side: 's3', by: 1 });
    expect(plan.sides.map((s) => s.kind)).toEqual(['fence', 'fence', 'fence', 'fence', 'building']);
    expect(reckon(plan).figures['posts.wall']).toBe(2);
    expect(reckon(plan).figures.fenceLength).toBeCloseTo(6 + 4.6 + 6 + 1, 9);
  });
  test('and back again is where it was', () => {
    fc.assert(
      fc.property(fc.constantFrom('s1', 's2', 's3'), fc.integer({ min: -20, max: 60 }), (side, tenths) => {
        const plan = aRun({ width: 6 });
        const there = apply(plan, { verb: 'move-side', side, by: tenths / 10 });
        const back = apply(there, { verb: 'move-side', side, by: -tenths / 10 });
        expect(back.corners).toEqual(plan.corners);
        expect(blocking(there)).toEqual([]);
      }),
    );
  });
  test('a length typed for a side moves the side after it', () => {
    expect(size(apply(aRun(), { verb: 'set-side-length', side: 's1', length: 7.25 }))).toEqual([7.25, 3.6]);
  });
  test('inward past the far side is a draft, not an exception', () => {
    const plan = apply(aRun(), { verb: 'move-side', side: 's2', by: -6 });
    expect(blocking(plan).map((f) => f.severity)).toContain('blocks');
    expect(() => reckon(plan)).not.toThrow();
  });
});

describe('choices', () => {
  test('of a side stand before the plan’s', () => {
    const bands = [{ id: 'wall', mesh: 'welded-50', top: 1.2, widths: [1.2] }];
    const base = aRun({ choices: { bands: [{ id: 'wall', mesh: 'welded-50', top: 1.8, widths: [1.8] }] } });
    const plan: Plan = { ...base, choices: { ...base.choices, side: { s2: { bands } } } };
    const reckoning = reckon(plan);
    expect(reckoning.cutting.map((pool) => pool.width).sort()).toEqual([0.6, 1.2, 1.8]);
    // The mesh of side 2 ends at its corners: two more free ends on each side of them.
    expect(reckoning.figures['mesh.wall.length']).toBeCloseTo(14.65 + 8 * 0.1, 9);
  });
  test('the last band stays', () => {
    const plan = apply(aRun(), { verb: 'remove-band', scope: { scope: 'plan' }, id: 'wall' });
    expect(plan.choices.plan.bands).toHaveLength(1);
  });
  test('an own price is used at its yard', () => {
    const base = aRun();
    const ownPrices = [ownRoll('welded-50', { width: 1.8, length: 25 }, 100)];
    const plan: Plan = { ...base, buying: { ...base.buying, ownPrices } };
    expect(reckon(plan).docket.lines.find((l) => l.id === 'roll:welded-50@1.8')?.price).toBe(100);
  });
  test('an own mesh can be hung', () => {
    const base = aRun({ choices: { bands: [{ id: 'wall', mesh: 'mine', top: 1.8, widths: 'cheapest' }] } });
    const own = {
      id: 'mine',
      type: 'welded',
      opening: { up: 0.04, along: 0.04 },
      wire: 0.0016,
      widths: [1.8],
      lengths: [20],
    } as const;
    const plan: Plan = {
      ...base,
      buying: { ...base.buying, ownProducts: [{ ...own, widths: [1.8], lengths: [20] }] },
    };
    expect(checkPlan(plan).ok).toBe(true);
    const line = reckon(plan).docket.lines.find((l) => l.product === 'mine');
    expect(line).toMatchObject({ buy: 20, price: null });
  });
});

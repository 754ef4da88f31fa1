import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { OwnedPiece } from '../catalogue/own';
import type { Plan, Choices } from '../plan/schema';
import { reckon } from '../reckon';
import { aRun } from '../testing/aRun';
import { uniform } from '../testing/uniform';
import { boughtWith, choicesOf } from '../testing/boughtWith';

const roll = (product: string, width: number, length: number, id = 'old'): OwnedPiece => ({
  id,
  kind: 'roll',
  product,
  width,
  length,
  count: 1,
  condition: 'sound',
  note: '',
});

const hexWall = (top: number, widths: 'cheapest' | number[] = 'cheapest'): Partial<Choices> => ({
  skirt: { kind: 'none' },
  bands: [{ id: 'wall', mesh: 'hex-25', top, widths }],
});

const withOwned = (plan: Plan, ...owned: OwnedPiece[]): Plan => ({ ...plan, owned });

/** Pools of mesh, as width and what they cost. */
const pools = (plan: Plan) =>
  reckon(plan)
    .cutting.filter((p) => p.kind === 'mesh')
    .map(({ width, cost, proved }) => ({ width, cost, proved }));

describe('rolls of a width that no yard sells', () => {
  // A wall of 15.6 with a gate, 1.0 high: one row 1.0 wide, which is made by nobody.
  const wall = aRun({ choices: hexWall(1) });
  const length = reckon(wall).figures['mesh.wall.length'] ?? NaN;

  test('hang the wall where there is enough of them, and nothing is bought', () => {
    const plan = withOwned(wall, roll('hex-25', 1, 20));
    expect(pools(plan)).toEqual([{ width: 1, cost: 0, proved: true }]);
    const { docket } = reckon(plan);
    expect(docket.complete).toBe(true);
    expect(docket.lines.find((l) => l.id.includes('hex-25'))).toMatchObject({ price: 0, buy: 0 });
  });
  test('stay in the shed where there is too little, which is less than the wall is long', () => {
    expect(length).toBeGreaterThan(12);
    const plan = withOwned(wall, roll('hex-25', 1, 12));
    expect(pools(plan)).toEqual(pools(wall));
    expect(reckon(plan).docket.total).toBe(reckon(wall).docket.total);
  });
  test('stack with widths that are sold', () => {
    // 1.0 of the shed and 0.6 bought reach 1.55.
    const high = aRun({ choices: hexWall(1.55) });
    const rows = pools(withOwned(high, roll('hex-25', 1, 20)));
    expect(rows.map((p) => p.width).sort()).toEqual([0.6, 1]);
    expect(reckon(withOwned(high, roll('hex-25', 1, 20))).docket.total).toBeLessThan(
      reckon(high).docket.total,
    );
  });
  test('have no price where a band is kept to them beyond what is there', () => {
    const kept = aRun({ choices: hexWall(1, [1]) });
    expect(reckon(withOwned(kept, roll('hex-25', 1, 20))).docket.complete).toBe(true);
    expect(reckon(withOwned(kept, roll('hex-25', 1, 12))).docket.complete).toBe(false);
  });
  test('serve pieces wanted besides, as far as they reach', () => {
    const vents = { id: 'vents', name: 'Vents', mesh: 'fine-13', width: 0.5, height: 0.4, count: 4 };
    const plan = { ...wall, extras: [vents] };
    const price = (p: Plan) => reckon(p).docket.total - reckon(wall).docket.total;
    expect(price(plan)).toBeGreaterThan(0);
    expect(price(withOwned(plan, roll('fine-13', 0.75, 2)))).toBe(0);
    expect(price(withOwned(plan, roll('fine-13', 0.75, 0.6)))).toBe(price(plan));
  });
});

describe('the roll of a skirt', () => {
  test('is a wider one of the shed where that costs less', () => {
    // Strips of 0.55 are cut from 0.6 when they are bought.
    const plan = aRun();
    const skirt = (p: Plan) => reckon(p).cutting.find((pool) => pool.product === 'welded-75x50');
    expect(skirt(plan)?.width).toBe(0.6);
    expect(skirt(withOwned(plan, roll('welded-75x50', 0.9, 25)))).toMatchObject({ width: 0.9, cost: 0 });
    expect(skirt(withOwned(plan, roll('welded-75x50', 0.7, 25)))).toMatchObject({ width: 0.7, cost: 0 });
    expect(skirt(withOwned(plan, roll('welded-75x50', 0.5, 25)))?.width).toBe(0.6);
  });
});

test('no widths for walls and skirt together, sold or from the shed, cost less than those chosen', () => {
  let shed = 0;
  const meshes = fc.constantFrom('welded-25', 'fine-13', 'welded-50x25', 'hex-50');
  const pieces = fc.array(
    fc.tuple(fc.nat(1), fc.constantFrom(0.6, 0.75, 0.9, 1, 1.2, 1.5), fc.integer({ min: 4, max: 40 })),
    { maxLength: 2 },
  );
  fc.assert(
    fc.property(
      fc.tuple(meshes, fc.constantFrom('fine-13', 'welded-25')),
      fc.tuple(uniform(3, 10), uniform(3, 10)),
      fc.integer({ min: 100, max: 220 }),
      fc.constantFrom(0.45, 0.5, 0.75, 0.8),
      pieces,
      ([mesh, under], [width, depth], top, out, old) => {
        const owned = old.map(([of, w, length], i) => roll(of === 0 ? mesh : under, w, length, `o${i}`));
        const choices: Partial<Choices> = {
          skirt: { kind: 'apron', mesh: under, width: out, lapUp: 0.1 },
          bands: [{ id: 'wall', mesh, top: top / 100, widths: 'cheapest' }],
        };
        const plan = withOwned(aRun({ width, depth, choices }), ...owned);
        const { docket, stacks } = reckon(plan);
        if (!stacks) throw new Error('no widths were chosen');
        const { assigned, ways } = choicesOf(plan);
        if ([...assigned.values()].some((taking) => !taking.sold)) shed += 1;
        const others = ways.map((way) => {
          const other = boughtWith(plan, way, 'traded');
          const bought = other.cutting.every((p) => p.kind !== 'mesh' || p.cost !== null);
          return bought ? other.docket.total : Infinity;
        });
        const cheapest = Math.min(...others);
        if (stacks.proved) expect(docket.total).toBe(cheapest);
        else expect(docket.total - cheapest).toBeLessThanOrEqual(stacks.cost - stacks.bound + 1);
      },
    ),
    {
      numRuns: 20,
      endOnFailure: true,
      // A roll that no yard sells, long enough and just as high as the wall.
      examples: [[['hex-50', 'fine-13'], [6, 4], 100, 0.45, [[0, 1, 40]]]],
    },
  );
  expect(shed).toBeGreaterThan(0);
});

import { formatPart } from '../../plan/partRef';
import { describe, expect, test } from '@jest/globals';
import type { Finding, FindingCode } from '../../findings/types';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { reckon } from '../../reckon';
import { aRun, anOutline } from '../../testing/aRun';
import { near } from '../../testing/near';

const square = () =>
  anOutline([
    [0, 0],
    [6, 0],
    [6, 4],
    [0, 4],
  ]);
const on = (plan: Plan, ground: Partial<Plan['ground']>): Plan => ({
  ...plan,
  ground: { ...plan.ground, ...ground },
});
const found = (plan: Plan, code: FindingCode) => reckon(plan).findings.filter((f) => f.code === code);
const params = (f: Finding | undefined) => f?.params as Record<string, unknown>;
/** The first mend of the first finding of a kind; after it none of that kind and part is left. */
function mended(plan: Plan, code: FindingCode): Plan {
  const [first] = found(plan, code);
  const [mend] = first?.mends(plan) ?? [];
  if (!first || !mend) throw new Error(`no mend for ${code}`);
  const next = apply(plan, mend);
  expect(found(next, code).filter((f) => formatPart(f.part) === formatPart(first.part))).toEqual([]);
  return next;
}
const house = (outline: readonly (readonly [number, number])[], id = 'barn') => ({
  id,
  name: 'Barn',
  outline: outline.map(([x, y]) => ({ x, y })),
  eaves: 2,
  stands: 'walls' as const,
  height: 3,
});
const box = (left: number, low: number, right: number, high: number) =>
  house([
    [left, low],
    [right, low],
    [right, high],
    [left, high],
  ]);

describe('the boundary', () => {
  const fence = {
    id: 'b',
    name: 'hedge',
    kind: 'boundary' as const,
    line: [
      { x: 5.6, y: -5 },
      { x: 5.6, y: 9 },
    ],
  };
  const plan = on(square(), { boundaries: [fence] });
  test('is passed by a side and by what leads to it', () => {
    const over = found(plan, 'side.over-boundary');
    expect(over.map((f) => params(f).side).sort()).toEqual([1, 2, 3]);
    expect(params(over.find((f) => formatPart(f.part) === 'side:e1')).by).toBeCloseTo(0.4, 9);
  });
  test('a side moved back stands on our side of it', () => {
    const side = found(plan, 'side.over-boundary').find((f) => formatPart(f.part) === 'side:e1');
    const [mend] = side?.mends(plan) ?? [];
    if (!mend) throw new Error('no mend');
    expect(found(apply(plan, mend), 'side.over-boundary')).toEqual([]);
  });
  test('our side is where the house is that the run leans on, however much lies over it', () => {
    const run = on(aRun({ depth: 10 }), {
      boundaries: [
        {
          ...fence,
          kind: 'boundary',
          line: [
            { x: 3, y: -5 },
            { x: 3, y: 9 },
          ],
        },
      ],
      buildings: aRun({ depth: 10 }).ground.buildings,
    });
    const far = found(run, 'side.over-boundary').find((f) => formatPart(f.part) === 'side:s2');
    expect(params(far).by).toBeCloseTo(7, 9);
  });
  test('is not passed by a run that keeps off it', () => {
    expect(
      found(
        on(square(), {
          boundaries: [
            {
              ...fence,
              kind: 'boundary',
              line: [
                { x: 6.1, y: -5 },
                { x: 6.1, y: 9 },
              ],
            },
          ],
        }),
        'side.over-boundary',
      ),
    ).toEqual([]);
  });
});

describe('a way for the barrow', () => {
  test('under 1.0 beside a shed is said, and the side moves to make it', () => {
    const plan = on(square(), { buildings: [box(6.7, 1, 9, 3)] });
    const [lane] = found(plan, 'lane.narrow');
    expect(params(lane)).toMatchObject({ side: 2, width: near(0.7, 9) });
    const next = mended(plan, 'lane.narrow');
    expect(Math.max(...next.corners.map((c) => c.x))).toBeCloseTo(5.7, 6);
  });
  test('of 1.0 is enough, and a wall that the fence stands against is no way', () => {
    expect(found(on(square(), { buildings: [box(7, 1, 9, 3)] }), 'lane.narrow')).toEqual([]);
    expect(found(on(square(), { buildings: [box(6, 1, 9, 3)] }), 'lane.narrow')).toEqual([]);
  });
  test('is not asked for round the corner from where the run leans on its house', () => {
    expect(found(aRun(), 'lane.narrow')).toEqual([]);
    expect(found(aRun({ width: 6 }), 'lane.narrow')).toEqual([]);
  });
});

describe('houses', () => {
  test('a fence through one is said', () => {
    const through = found(on(square(), { buildings: [box(5, 1, 8, 3)] }), 'side.through-building');
    expect(through.map((f) => formatPart(f.part))).toEqual(['side:e1']);
  });
  test('a side that is to be a house wall and is not on it closes nothing', () => {
    const plan = apply(aRun(), { verb: 'move-corner', corner: 'c1', to: { x: 0.5, y: 0 } });
    expect(params(found(plan, 'side.off-wall')[0]).by).toBeCloseTo(0.5, 9);
    mended(plan, 'side.off-wall');
    expect(found(aRun(), 'side.off-wall')).toEqual([]);
  });
  test('taken off the ground leaves fence where their wall was', () => {
    const plan = apply(aRun(), { verb: 'remove-from-ground', list: 'buildings', id: 'house' });
    expect(plan.sides.every((s) => s.kind === 'fence')).toBe(true);
    expect(reckon(plan).figures.fenceLength).toBeCloseTo(19.2, 9);
  });
});

describe('heights', () => {
  const spot = (id: string, x: number, height: number) => ({ id, at: { x, y: 0 }, height });
  test('that contradict each other at one stake are said, and either can go', () => {
    const plan = on(square(), { spotHeights: [spot('a', 0, 0), spot('b', 0.01, 0.3), spot('c', 6, 0.1)] });
    const [finding] = found(plan, 'heights.contradict');
    expect(params(finding).by).toBeCloseTo(0.3, 9);
    expect(finding?.mends(plan)).toHaveLength(2);
    mended(plan, 'heights.contradict');
  });
  test('steeper than one in one are doubted', () => {
    const plan = on(square(), { spotHeights: [spot('a', 0, 0), spot('b', 1, 1.2)] });
    expect(params(found(plan, 'heights.cliff')[0]).grade).toBeCloseTo(1.2, 9);
    expect(
      found(on(square(), { spotHeights: [spot('a', 0, 0), spot('b', 2, 1.2)] }), 'heights.cliff'),
    ).toEqual([]);
  });
  test('a hollow between two posts is a hole under the mesh, and a post in it mends it', () => {
    const base = { ...square(), threats: { fox: 'seen' as const } };
    const plan = on(apply(base, { verb: 'set-slope', scope: { scope: 'plan' }, slope: { hang: 'follow' } }), {
      spotHeights: [spot('a', 0, 0), spot('b', 1, -0.1), spot('c', 2, 0), spot('d', 6, 0)].concat(
        [0, 1, 2, 6].map((x, i) => ({ id: `f${i}`, at: { x, y: 4 }, height: i === 1 ? -0.1 : 0 })),
      ),
    });
    const hollows = (p: Plan) =>
      found(p, 'opening.passes').filter((f) => params(f).of === 'hollow' && formatPart(f.part) === 'side:e0');
    const [hollow] = hollows(plan);
    expect(params(hollow).opening).toBeCloseTo(0.1, 9);
    const [mend] = hollow?.mends(plan) ?? [];
    if (!mend) throw new Error('no mend');
    expect(mend).toMatchObject({ verb: 'set-pin', pin: { side: 'e0', along: 1 } });
    expect(hollows(apply(plan, mend))).toEqual([]);
  });
  test('set at a stake that has one change it; elsewhere they are new', () => {
    const plan = on(square(), { spotHeights: [spot('a', 0, 0)] });
    const next = apply(plan, {
      verb: 'set-heights',
      heights: [
        { id: 'x', at: { x: 0.001, y: 0 }, height: 0.4 },
        { id: 'y', at: { x: 6, y: 0 }, height: 0.1 },
      ],
    });
    expect(next.ground.spotHeights.map((s) => [s.id, s.height])).toEqual([
      ['a', 0.4],
      ['y', 0.1],
    ]);
  });
});

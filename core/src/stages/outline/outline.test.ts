import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { PLAIN_GATE } from '../ways/plan/kinds/gate';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { blocking } from '../blocking';
import { canRemoveCorner } from './verbs/corners';
import { checkPlan } from '../../formats/planFile';
import { reckon } from '../../reckon';
import { surveyRings } from '../../ground/survey';
import { aPolygon, aRun, anOutline } from '../../testing/aRun';
import type { FigureName } from '../told';

const square = () =>
  anOutline([
    [0, 0],
    [6, 0],
    [6, 4],
    [0, 4],
  ]);
const sideOf = (plan: Plan, id: string) => {
  const side = surveyRings(plan)
    .flatMap((r) => r.sides)
    .find((s) => s.side.id === id);
  if (!side) throw new Error(`no side ${id}`);
  return side;
};
const gate = (plan: Plan, side: string, along: number) =>
  apply(plan, {
    verb: 'add-opening',
    opening: {
      ...PLAIN_GATE,
      id: 'g1',
      side,
      along,
      width: 0.95,
    },
  });

describe('a corner put on a side', () => {
  const split = (along: number, plan = square()) =>
    apply(plan, { verb: 'split-side', side: 'e0', along, corner: 'm', second: 'e0b' });
  test('leaves its first half the id, and the fence as long as it was', () => {
    const plan = split(2.5);
    expect(sideOf(plan, 'e0').length).toBeCloseTo(2.5, 9);
    expect(sideOf(plan, 'e0b').length).toBeCloseTo(3.5, 9);
    expect(checkPlan(plan).ok).toBe(true);
    expect(reckon(plan).figures).toEqual(reckon(square()).figures);
  });
  test('sends a gate beyond it with the second half', () => {
    const plan = split(2.5, gate(square(), 'e0', 4));
    expect(plan.openings[0]).toMatchObject({ side: 'e0b', along: 1.5 });
    expect(reckon(plan).figures['posts.gate']).toBe(2);
  });
  test('and taken out again is where it was', () => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 55 }), fc.integer({ min: 0, max: 50 }), (corner, along) => {
        // A gate that the corner would stand in moves out of its way, and stays there.
        fc.pre(corner / 10 <= along / 10 || corner / 10 >= along / 10 + 0.95);
        const before = gate(square(), 'e0', along / 10);
        const there = split(corner / 10, before);
        const back = apply(there, { verb: 'remove-corner', corner: 'm' });
        expect(back.sides).toEqual(before.sides);
        expect(back.corners).toEqual(before.corners);
        expect(back.openings[0]?.side).toBe('e0');
        expect(back.openings[0]?.along).toBeCloseTo(along / 10, 3);
      }),
    );
  });
});

/** A second run, 3 deep, beside the square. */
const twoRuns = () =>
  apply(square(), {
    verb: 'add-beside',
    side: 'e1',
    depth: 3,
    enclosure: { id: 'two', name: 'Two' },
    corners: ['q1', 'q2'],
    sides: ['t1', 't2', 't3'],
  });

describe('a corner taken out', () => {
  test('leaves three: the last three stay', () => {
    const plan = aPolygon(3, 4);
    expect(canRemoveCorner(plan, 'p0')).toBe(false);
    expect(apply(plan, { verb: 'remove-corner', corner: 'p0' })).toBe(plan);
  });
  test('where two runs meet stays', () => {
    const plan = twoRuns();
    expect(canRemoveCorner(plan, 'p1')).toBe(false);
    expect(canRemoveCorner(plan, 'q1')).toBe(true);
  });
});

describe('a turn', () => {
  test('swings the next side about the corner and keeps its length, either way round', () => {
    for (const points of [
      [
        [0, 0],
        [6, 0],
        [6, 4],
        [0, 4],
      ],
      [
        [0, 4],
        [6, 4],
        [6, 0],
        [0, 0],
      ],
    ] as const) {
      const plan = anOutline(points);
      const corner = sideOf(plan, 'e0').endCorner;
      const turned = apply(plan, { verb: 'set-turn', enclosure: 'run', corner, turn: Math.PI / 3 });
      expect(sideOf(turned, 'e0').turn).toBeCloseTo(Math.PI / 3, 4);
      expect(sideOf(turned, 'e1').length).toBeCloseTo(4, 3);
    }
  });
});

describe('a length typed for a side', () => {
  test('is what the side then has, wherever its neighbours can give way', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 3 }), fc.integer({ min: 10, max: 90 }), (i, tenths) => {
        const plan = apply(square(), { verb: 'set-side-length', side: `e${i}`, length: tenths / 10 });
        expect(sideOf(plan, `e${i}`).length).toBeCloseTo(tenths / 10, 3);
      }),
    );
  });
  test('beside the house moves the side away from it', () => {
    const plan = apply(aRun({ width: 3.6 }), { verb: 'set-side-length', side: 's3', length: 7 });
    expect(sideOf(plan, 's3').length).toBeCloseTo(7, 9);
    expect(sideOf(plan, 's5').length).toBeCloseTo(3.6, 9);
  });
});

describe('runs that share a side', () => {
  const divided = () => {
    let plan = apply(square(), { verb: 'split-side', side: 'e0', along: 3, corner: 'a', second: 'e0b' });
    plan = apply(plan, { verb: 'split-side', side: 'e2', along: 3, corner: 'b', second: 'e2b' });
    return apply(plan, {
      verb: 'divide',
      enclosure: 'run',
      from: 'a',
      to: 'b',
      side: 'm',
      second: { id: 'two', name: 'Two' },
    });
  };
  test('come of a fence across, and together are the run they were', () => {
    const plan = divided();
    expect(checkPlan(plan).ok).toBe(true);
    const { figures, enclosures } = reckon(plan);
    expect(figures.area).toBeCloseTo(24, 9);
    expect(figures.fenceLength).toBeCloseTo(20 + 4, 9);
    expect(enclosures.map((e) => e.figures.area)).toEqual([expect.closeTo(12, 9), expect.closeTo(12, 9)]);
    expect(enclosures.map((e) => e.figures.fenceLength)).toEqual([
      expect.closeTo(14, 9),
      expect.closeTo(14, 9),
    ]);
  });
  test('count its posts, mesh and skirt once together, and in each run’s own figures', () => {
    const { figures, enclosures } = reckon(divided());
    const each = (name: FigureName) => enclosures.map((e) => e.figures[name] ?? NaN);
    // Six corners, one line post on each half of 3.0 and on each of the three sides of 4.0.
    expect(figures['posts.total']).toBe(6 + 4 + 3);
    const [a = NaN, b = NaN] = each('posts.total');
    expect(a + b - (figures['posts.total'] ?? NaN)).toBe(3);
    const [meshA = NaN, meshB = NaN] = each('mesh.wall.length');
    // Each run by itself is a closed ring: one piece with two free ends.
    expect([meshA, meshB]).toEqual([expect.closeTo(14.2, 9), expect.closeTo(14.2, 9)]);
    // Together: the first run's ring, and the rest of the second with two free ends at the shared side.
    expect(figures['mesh.wall.length']).toBeCloseTo(14.2 + 10 + 0.2, 9);
    const strips = each('skirt.stripLength').reduce((t, n) => t + n, 0);
    // The fence between them takes no skirt, and the apron goes straight past it.
    expect(strips).toBeCloseTo(figures['skirt.stripLength'] ?? NaN, 9);
  });
  test('are parted again when one is taken out', () => {
    const plan = apply(divided(), { verb: 'remove-enclosure', enclosure: 'two' });
    expect(checkPlan(plan).ok).toBe(true);
    expect(reckon(plan).figures.area).toBeCloseTo(12, 9);
    expect(apply(plan, { verb: 'remove-enclosure', enclosure: 'run' })).toBe(plan);
  });
  test('beside a side, as deep as asked', () => {
    const plan = twoRuns();
    expect(checkPlan(plan).ok).toBe(true);
    expect(reckon(plan).enclosures[1]?.figures).toMatchObject({ area: 12, fenceLength: 14 });
    expect(sideOf(plan, 't2').number).toBe(6);
  });
  test('a fence between neighbours is none', () => {
    const plan = square();
    const change = {
      verb: 'divide',
      enclosure: 'run',
      from: 'p0',
      to: 'p1',
      side: 'm',
      second: { id: 'two', name: 'Two' },
    } as const;
    expect(apply(plan, change)).toBe(plan);
  });
});

describe('a draft and not a broken picture', () => {
  test.each<[string, Parameters<typeof apply>[1], string]>([
    [
      'a corner over the far side',
      { verb: 'move-corner', corner: 'p0', to: { x: 3, y: 6 } },
      'outline.crosses',
    ],
    ['a corner on another corner', { verb: 'move-corner', corner: 'p0', to: { x: 6, y: 4 } }, 'outline.'],
    [
      'a corner on its neighbour',
      { verb: 'move-corner', corner: 'p0', to: { x: 6, y: 0 } },
      'outline.collapsed',
    ],
    ['a corner on another side', { verb: 'move-corner', corner: 'p0', to: { x: 6, y: 2 } }, 'outline.'],
  ])('%s', (_, change, code) => {
    const plan = apply(square(), change);
    expect(blocking(plan).some((f) => f.code.startsWith(code))).toBe(true);
    expect(() => reckon(plan)).not.toThrow();
  });
  test('a side of 0.05 can be built, though 3.65 − 3.60 is less in the machine; one of 0.04 cannot', () => {
    expect(3.65 - 3.6).toBeLessThan(0.05);
    const ending = (x: number) =>
      blocking(
        anOutline([
          [0, 0],
          [3.6, 0],
          [x, 0],
          [x, 4],
          [0, 4],
        ]),
      ).map((f) => f.code);
    expect(ending(3.65)).toEqual([]);
    expect(ending(3.64)).toEqual(['outline.collapsed']);
  });
  test('a house inside out is one; a house walked clockwise is a house', () => {
    const house = (points: readonly (readonly [number, number])[]): Plan => {
      const plan = square();
      const building = {
        id: 'b',
        name: 'Barn',
        outline: points.map(([x, y]) => ({ x, y })),
        eaves: 2,
        stands: 'walls' as const,
        height: 3,
      };
      return apply(plan, { verb: 'add-to-ground', list: 'buildings', thing: building });
    };
    const crossed = house([
      [10, 0],
      [13, 2],
      [13, 0],
      [10, 2],
    ]);
    expect(blocking(crossed).map((f) => f.code)).toEqual(['building.tangled']);
    const refused = checkPlan(crossed);
    expect(refused.ok ? [] : refused.problems.map((p) => p.pointer)).toEqual(['/ground/buildings/0']);
    const clockwise = house([
      [10, 0],
      [10, 2],
      [13, 2],
      [13, 0],
    ]);
    expect(blocking(clockwise)).toEqual([]);
  });
});

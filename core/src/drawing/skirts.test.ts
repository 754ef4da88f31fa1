import { inkOf } from './scene/inks';
import { type Skirt, KIND_IDS } from '../stages/skirt/plan/kinds';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Plan } from '../plan/schema';
import type { Primitive } from './scene/scene';
import { apply } from '../plan/changes/apply';
import { reckon } from '../reckon';
import { sheetScene } from './sheet';
import { skirtOfKind } from '../stages/skirt/plan/wanted';
import { stripScene } from './strip';
import { doubleArea } from '../ground/vector';
import { aRun, anOutline } from '../testing/aRun';
import { uniform } from '../testing/uniform';

const whole = { scope: 'plan' } as const;
const withSkirt = (skirt: Skirt, on: Plan = aRun({ house: 'none' })) =>
  apply(on, { verb: 'set-skirt', scope: whole, skirt });
const drawn = (plan: Plan) => sheetScene(plan, reckon(plan).parts).layers.foot;
const kinds = (plan: Plan) => [...new Set(drawn(plan).map((p) => p.kind))];
const areaOf = (shapes: readonly Primitive[]) =>
  shapes.reduce((total, s) => total + (s.shape === 'polygon' ? Math.abs(doubleArea(s.points)) / 2 : 0), 0);
const threats = { threats: {}, threatFigures: {} };

describe('a skirt on the sheet', () => {
  test.each<[Skirt['kind'], readonly string[]]>([
    ['apron', ['apron']],
    ['house-apron', ['apron']],
    ['folded', ['apron']],
    ['toe', ['toe']],
    ['buried', ['buried']],
    ['stone', ['stones']],
    ['concrete', ['concrete']],
    ['none', []],
  ])('of kind %s is drawn as %s', (kind, expected) => {
    expect(kinds(withSkirt(skirtOfKind(threats, kind, { kind: 'none' })))).toEqual(expected);
  });
  test('that lies flat covers its sides and its corners: L·W and a square a right-angled corner', () => {
    fc.assert(
      fc.property(uniform(2, 9), uniform(2, 9), uniform(0.2, 0.9), (depth, width, w) => {
        const plan = withSkirt(
          { kind: 'apron', mesh: 'welded-75x50', width: w, lapUp: 0.1 },
          aRun({ depth, width, house: 'none', gate: 0 }),
        );
        expect(areaOf(drawn(plan))).toBeCloseTo(2 * (depth + width) * w + 4 * w * w, 3);
      }),
      { numRuns: 40 },
    );
  });
  test('with stones on it has both, the stones as wide as they are laid', () => {
    const plan = withSkirt({
      kind: 'apron',
      mesh: 'fine-13',
      width: 0.6,
      lapUp: 0.1,
      stones: { width: 0.3, height: 0.2 },
    });
    expect(kinds(plan)).toEqual(['apron', 'stones']);
    expect(areaOf(drawn(plan).filter((s) => s.kind === 'stones'))).toBeCloseTo(19.2 * 0.3, 6);
  });
  test('round the house goes along its three free walls, past the corners where it runs on', () => {
    const plan = withSkirt({ kind: 'house-apron', mesh: 'fine-13', width: 0.5, lapUp: 0.1 }, aRun());
    const house = drawn(plan).filter((s) => s.part.startsWith('building:'));
    expect(house.map((s) => s.part)).toEqual([
      'building:house/skirt:1',
      'building:house/skirt:2',
      'building:house/skirt:3',
    ]);
    // 1.8 and 0.5 past the corner, 3.6 and 0.5, 1.8 up to the run.
    expect(areaOf(house)).toBeCloseTo(0.5 * (2.3 + 4.1 + 1.8), 6);
    for (const s of house) {
      if (s.shape !== 'polygon') throw new Error('a strip is an outline');
      for (const p of s.points) expect(p.x).toBeLessThanOrEqual(1e-9);
    }
  });
});

describe('in the strip', () => {
  const strip = (plan: Plan) => {
    const { parts, cutting } = reckon(plan);
    return stripScene(plan, parts, cutting);
  };
  test('flat lies on the ground, buried under it, and a toe turns out at its depth', () => {
    const of = (kind: Skirt['kind']) => {
      const [line] = strip(withSkirt(skirtOfKind(threats, kind, { kind: 'none' }))).lines;
      return { deep: line?.points.map((p) => p.y), lower: line?.lower };
    };
    expect(of('apron')).toEqual({ deep: [0, 0], lower: [5] });
    expect(of('buried')).toEqual({ deep: [-0.3, -0.3], lower: [0] });
    expect(of('toe')).toEqual({ deep: [-0.3, -0.3], lower: [0, -4] });
    expect(of('stone')).toEqual({ deep: [0, 0], lower: [5] });
    expect(of('concrete')).toEqual({ deep: [-0.3, -0.3], lower: [0] });
    expect(of('none')).toEqual({ deep: undefined, lower: undefined });
  });
  test('every kind of shape that a plan draws has an ink, on the screen and on paper', () => {
    for (const kind of KIND_IDS) {
      const plan = withSkirt(skirtOfKind(threats, kind, { kind: 'none' }));
      const { layers } = sheetScene(plan, reckon(plan).parts);
      const { post, ...others } = layers;
      expect(post.length).toBeGreaterThan(0);
      for (const shape of Object.values(others).flat()) expect(inkOf(shape.kind).paper).toBeDefined();
    }
  });
  test('a board stands at the foot and hangs at the top, as high as it is wide', () => {
    const plan = apply(aRun(), {
      verb: 'set-boards',
      scope: whole,
      boards: { ground: 'board-150x25', top: 'rail-88x38' },
    });
    const heights = strip(plan).boards.map((b) => b.points.map((p) => p.y));
    const spans = new Set(heights.map((ys) => `${Math.min(...ys).toFixed(3)} ${Math.max(...ys).toFixed(3)}`));
    expect(spans).toEqual(new Set(['0.000 0.150', '1.712 1.800']));
    expect(heights).toHaveLength(2 * 8);
  });
  test('a hatch is lifted off the ground, a pop door stands on it, mesh closes the wall above a low leaf', () => {
    const hatch = {
      id: 'h1',
      kind: 'hatch',
      use: 'eggs',
      side: 's1',
      along: 2.5,
      width: 0.4,
      height: 0.3,
      bottom: 0.5,
      make: 'kit',
    } as const;
    const low = apply(apply(aRun(), { verb: 'add-opening', opening: hatch }), {
      verb: 'set-opening',
      id: 'g1',
      to: { height: 1.2 },
    });
    const scene = strip(low);
    expect(scene.gates.find((g) => g.way === 'hatch')).toMatchObject({ bottom: 0.5, top: 0.8 });
    expect(scene.gates.find((g) => g.way === 'gate')).toMatchObject({ bottom: 0, top: 1.2 });
    const above = scene.panels.filter((p) => p.part.includes('/above/'));
    expect(above.map((p) => [p.bottom, Number((p.to - p.from).toFixed(6))])).toEqual([[1.2, 0.95]]);
  });
});

test('a side that is bare among aprons is drawn bare, and the corners at its ends are open', () => {
  const square = anOutline([
    [0, 0],
    [4, 0],
    [4, 4],
    [0, 4],
  ]);
  const bare = apply(square, {
    verb: 'set-skirt',
    scope: { scope: 'side', of: 'e1' },
    skirt: { kind: 'none' },
  });
  expect(areaOf(drawn(bare))).toBeCloseTo(3 * 4 * 0.45 + 2 * 0.45 ** 2, 6);
});

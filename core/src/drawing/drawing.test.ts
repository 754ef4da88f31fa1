import { describe, expect, test } from '@jest/globals';
import { DEMO_PLANS } from '../plan/samples';
import { USES } from '../stages/facts';
import { apply } from '../plan/changes/apply';
import { groundUnder } from './unrolled';
import { reckon } from '../reckon';
import { relief } from './relief';
import { roomIn, roomiest } from './roomiest';
import { sheetScene } from './sheet';
import { stripScene } from './strip';
import { doubleArea, insideOrOn } from '../ground/vector';
import { aPolygon, aRun, anOutline, onSlope } from '../testing/aRun';

/** How much of a line these stretches cover together: a band laid over another covers nothing more. */
function covered(stretches: readonly { from: number; to: number }[]): number {
  let [total, reached] = [0, -Infinity];
  for (const { from, to } of [...stretches].sort((p, q) => p.from - q.from)) {
    total += Math.max(0, to - Math.max(from, reached));
    reached = Math.max(reached, to);
  }
  return total;
}

describe('sheet and strip are two views of the same parts', () => {
  for (const plan of [...DEMO_PLANS, aRun(), aRun({ house: 'none' })]) {
    const { parts, figures, cutting } = reckon(plan);
    const sheet = sheetScene(plan, parts);
    const strips = plan.enclosures.map((_, ring) => stripScene(plan, parts, cutting, ring));
    test(`${plan.name}: posts agree on sheet, strip and docket`, () => {
      expect(sheet.layers.post).toHaveLength(figures['posts.total'] ?? -1);
      expect(new Set(strips.flatMap((x) => x.posts.map((p) => p.part))).size).toBe(figures['posts.total']);
    });
    test(`${plan.name}: the strip is as long as the outline, mesh as long as fence less gates`, () => {
      const sum = (of: (strip: (typeof strips)[number]) => number) => strips.reduce((t, x) => t + of(x), 0);
      expect(sum((x) => x.length)).toBeCloseTo(figures.perimeter ?? NaN, 9);
      const meshed = sum((x) => covered(x.panels.filter((p) => p.bottom <= 0)));
      const fences = (x: (typeof strips)[number]) =>
        x.gates.filter((g) =>
          x.sides.some(
            (side) => side.kind === 'fence' && g.from >= side.begins && g.to <= side.begins + side.length,
          ),
        );
      const gates = sum((x) => fences(x).reduce((t, g) => t + g.to - g.from, 0));
      expect(meshed + gates).toBeCloseTo((figures.fenceLength ?? NaN) + (figures.standing ?? 0), 6);
    });
    test(`${plan.name}: every lettered piece is on the strip`, () => {
      // What lies over the run or round the house is lettered on the sheet; sticks of doors in the cut list alone.
      const elsewhere = ({ use, part }: (typeof cutting)[number]['rolls'][number]['pieces'][number]) =>
        USES[use].letters === 'over' || part.on === 'house-skirt' || part.on === 'stick';
      const letters = cutting.flatMap((p) =>
        p.rolls.flatMap((r) => r.pieces.flatMap((x) => (elsewhere(x) ? [] : [x.letter]))),
      );
      expect([...new Set(strips.flatMap((x) => x.pieces.map((p) => p.letter)))].sort()).toEqual(
        [...letters].sort(),
      );
    });
  }
  test('a side with a wall of its own height has its letters in the middle of it', () => {
    const band = (top: number) => ({ id: 'wall', mesh: 'welded-50', top, widths: [top] });
    const run = aRun({ gate: 0, house: 'none', choices: { bands: [band(1.8)] } });
    const [side = ''] = run.sides.map((s) => s.id);
    const plan = { ...run, choices: { ...run.choices, side: { [side]: { bands: [band(0.9)] } } } };
    const { parts, cutting } = reckon(plan);
    const heights = stripScene(plan, parts, cutting)
      .pieces.filter((p) => p.use === 'band')
      .map((p) => p.height);
    expect(new Set(heights)).toEqual(new Set([0.45, 0.9]));
  });
  test('the apron on the sheet is as large as the strips that make it, square corners', () => {
    const plan = aRun({ house: 'none' });
    const { parts, figures } = reckon(plan);
    const area = sheetScene(plan, parts).layers.foot.reduce(
      (total, s) => total + (s.shape === 'polygon' ? Math.abs(doubleArea(s.points)) / 2 : 0),
      0,
    );
    expect(area).toBeCloseTo((figures['skirt.stripLength'] ?? NaN) * 0.45, 6);
  });
});

describe('the strip over its ground', () => {
  const sloping = (hang: 'follow' | 'step') =>
    onSlope(aRun({ house: 'none', choices: { slope: { hang, foot: 'mesh' } } }), 0.075, -0.03);
  const scene = (plan: ReturnType<typeof sloping>) =>
    stripScene(plan, reckon(plan).parts, reckon(plan).cutting);
  test('rises and falls with the corners, and comes back to where it began', () => {
    const { ground, sides } = scene(sloping('step'));
    expect(ground[0]?.y).toBeCloseTo(ground[ground.length - 1]?.y ?? NaN, 9);
    const heights = sides.map((s) => Number(groundUnder(ground, s.begins + 1e-7).toFixed(4)));
    expect(heights).toEqual([0, 0.45, 0.342, -0.108]);
  });
  test('mesh that follows keeps its height above the ground; mesh that steps is level bay by bay', () => {
    const follow = scene(sloping('follow'));
    for (const panel of follow.panels) {
      const tops = panel.points.slice(0, panel.points.length / 2);
      for (const p of tops) expect(p.y - groundUnder(follow.ground, p.x)).toBeCloseTo(1.8, 5);
    }
    const step = scene(sloping('step'));
    expect(step.panels.length).toBeGreaterThan(follow.panels.length);
    const lowest = step.panels.filter((p) => p.bottom < 0);
    expect(lowest.length).toBeGreaterThan(3);
    for (const panel of lowest) {
      const [a, b] = panel.points;
      expect(a?.y).toBeCloseTo(b?.y ?? NaN, 9);
      // The foot is on the ground at both posts.
      const foot = panel.points.slice(2);
      for (const p of foot) expect(p.y).toBeCloseTo(groundUnder(step.ground, p.x), 5);
    }
  });
  test('says the grade of each bay', () => {
    const { bays } = scene(sloping('step'));
    expect(bays[0]?.grade).toBeCloseTo(0.075, 6);
    expect(bays.every((b) => Math.abs(b.grade) <= 0.0751)).toBe(true);
  });
  test('every post stands on it', () => {
    const { posts, ground } = scene(sloping('step'));
    for (const p of posts) expect(p.foot).toBeCloseTo(groundUnder(ground, p.x), 5);
  });
});

test('each of two runs that share a fence shows all its corner posts on its own strip', () => {
  const base = anOutline([
    [0, 0],
    [3, 0],
    [6, 0],
    [6, 4],
    [3, 4],
    [0, 4],
  ]);
  const plan = apply(base, {
    verb: 'divide',
    enclosure: 'run',
    from: 'p1',
    to: 'p4',
    side: 'm',
    second: { id: 'two', name: 'Two' },
  });
  const { parts, cutting } = reckon(plan);
  for (const index of [0, 1]) {
    const { posts, length } = stripScene(plan, parts, cutting, index);
    const corners = posts.filter((p) => p.part.startsWith('corner:'));
    expect(new Set(corners.map((p) => p.part)).size).toBe(4);
    expect(Math.min(...corners.map((p) => p.x))).toBe(0);
    expect(Math.max(...corners.map((p) => p.x))).toBeCloseTo(length, 9);
  }
});

describe('the lie of the land', () => {
  const plan = onSlope(aRun({ house: 'none' }), 0.08, 0);
  const { contours, tints, arrows } = relief(plan.ground.spotHeights, {
    left: 0,
    right: 6,
    low: 0,
    high: 3.6,
  });
  test('contours of a plane are straight, at their height', () => {
    expect(contours.length).toBeGreaterThanOrEqual(2);
    for (const { height, lines } of contours) {
      for (const p of lines.flat()) expect(p.x * 0.08).toBeCloseTo(height, 2);
    }
  });
  test('arrows point downhill with its grade; over 5 % welded mesh steps', () => {
    for (const a of arrows) {
      expect(a.grade).toBeCloseTo(0.08, 9);
      expect([a.way.x, a.way.y]).toEqual([expect.closeTo(-1, 9), expect.closeTo(0, 9)]);
    }
    expect(new Set(tints.map((t) => t.steepness))).toEqual(new Set(['steps-welded']));
  });
  test('level ground has none', () => {
    expect(relief([], { left: 0, right: 1, low: 0, high: 1 })).toEqual({
      contours: [],
      tints: [],
      arrows: [],
    });
  });
});

test('words about a run stand inside it, whatever its shape', () => {
  const [orchard] = DEMO_PLANS;
  for (const plan of [...(orchard ? [orchard] : []), aPolygon(3, 4), aPolygon(9, 2)]) {
    const [run] = sheetScene(plan, []).layers.run;
    if (run?.shape !== 'polygon') throw new Error('no run');
    expect(insideOrOn(roomiest(run.points), run.points, 0)).toBe(true);
  }
});

test('words beside a house stand clear of it, as far from its walls as from the ring', () => {
  const box = (left: number, low: number, right: number, high: number) => [
    { x: left, y: low },
    { x: right, y: low },
    { x: right, y: high },
    { x: left, y: high },
  ];
  const [ring, house] = [box(0, 0, 12, 12), box(0, 3, 6, 12)];
  const { at, room } = roomIn(ring, [house]);
  expect(insideOrOn(at, house, 0)).toBe(false);
  expect(at.x).toBeCloseTo(9, 0);
  expect(room).toBeCloseTo(3, 0);
  expect(roomIn(ring, [box(-1, -1, 13, 13)]).room).toBe(0);
});

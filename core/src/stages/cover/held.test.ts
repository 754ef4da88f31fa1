import { describe, expect, test } from '@jest/globals';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { reckon } from '../../reckon';
import { L_SHAPE, anOutline, onSlope } from '../../testing/aRun';
import { type Cover, type CoverOf, KINDS, type KindId } from './plan/kinds';
import { newCover } from './proposed';
import { inDirection, layIn } from './over/strips';

const over = { id: 'lid', name: 'lid', enclosure: 'run', outline: null, height: 1.8 };
function covered<K extends KindId>(
  points: Parameters<typeof anOutline>[0],
  kind: K,
  to: Partial<CoverOf<K>> = {},
): Plan {
  const cover = { ...KINDS[kind].usual(over), ...to } as Cover;
  return { ...anOutline(points), covers: [cover] };
}
const rectangle = (x: number, y: number) =>
  [
    [0, 0],
    [x, 0],
    [x, y],
    [0, y],
  ] as const;
const figuresOf = (plan: Plan) => {
  const { figures } = reckon(plan);
  return (name: string) => (figures as Readonly<Record<string, number>>)[`cover.lid.${name}`];
};

describe('rails and beams', () => {
  // 3.6 across from rolls of 1.2: seams at 1.125, 2.175 and 3.225; two beams cross 6.0, each with a post under it.
  const plan = covered(rectangle(6, 3.6), 'strips', { roll: 1.2, way: { direction: 0, edge: 'low' } });
  test('lie along the middle of each lap, and cross at equal distances', () => {
    const figure = figuresOf(plan);
    expect(['rails', 'beams', 'props', 'edgeRails'].map(figure)).toEqual([3, 2, 2, 4]);
    const rails = reckon(plan).parts.flatMap((p) =>
      p.kind === 'cover-bar' && p.is === 'rail' ? [[p.from.y, p.to.y]] : [],
    );
    for (const [i, y] of [1.125, 2.175, 3.225].entries())
      for (const end of rails[i] ?? []) expect(end).toBeCloseTo(y, 9);
  });
  test('carry half the way to the next on each side', () => {
    const rows = reckon(plan).strength.filter((s) => s.member === 'rail');
    const shares = [2.175 / 2, (3.225 - 1.125) / 2, (3.6 - 2.175) / 2];
    rows.forEach((row, i) => expect(row.carries).toBeCloseTo(shares[i] ?? NaN, 9));
    for (const row of rows) expect(row.span).toBeCloseTo(2, 9);
  });
  test('are in one piece from support to support, and all of them are cut', () => {
    const { cutting } = reckon(plan);
    const bars = cutting
      .filter((p) => p.kind === 'timber')
      .flatMap((p) => p.rolls.flatMap((r) => r.pieces))
      .filter((p) => p.part.on === 'cover-bay' && p.part.of === 'rail');
    expect(bars).toHaveLength(9);
    for (const bar of bars) expect(bar.length).toBeCloseTo(2, 9);
  });
  test('are none along an edge that has a top rail already', () => {
    const railed: Plan = {
      ...plan,
      choices: {
        ...plan.choices,
        side: { e0: { boards: { ground: null, top: 'rail-88x38' } } },
      },
    };
    expect(figuresOf(railed)('edgeRails')).toBe(3);
  });
  test('of a wider roll lie half way as well where seams are over 1.2 apart', () => {
    // One roll of 1.8 and one more reach 3.3: the seam at 1.725 has a rail half way on either side.
    const wide = covered(rectangle(6, 3.3), 'strips', {
      roll: 1.8,
      way: { direction: 0, edge: 'low' },
    });
    expect(figuresOf(wide)('strips')).toBe(2);
    expect(figuresOf(wide)('rails')).toBe(3);
  });
});

describe('strips', () => {
  /** A block with a notch so wide from above. */
  const notched = (wide: number) =>
    [
      [0, 0],
      [6, 0],
      [6, 1],
      [3 + wide / 2, 1],
      [3 + wide / 2, 0.5],
      [3 - wide / 2, 0.5],
      [3 - wide / 2, 1],
      [0, 1],
    ].map(([x = 0, y = 0]) => ({ x, y }));
  const laying = { width: 0.5, lap: 0, turnDown: 0.1, bridge: 0.2 };
  test('bridge a gap of two turn-downs, and are cut at a wider one', () => {
    expect(layIn(inDirection(notched(0.2), 0), laying, 'low')?.lengths).toEqual([6.2, 6.2]);
    const cut = layIn(inDirection(notched(0.3), 0), laying, 'low')?.lengths ?? [];
    expect(cut.map((l) => Number(l.toFixed(6)))).toEqual([6.2, 3.05, 3.05]);
  });
  test('do not count an edge that is only touched', () => {
    const laid = layIn(
      inDirection(
        [
          { x: 0, y: 0 },
          { x: 4, y: 0 },
          { x: 4, y: 1 },
          { x: 2, y: 1 },
          { x: 2, y: 2 },
          { x: 0, y: 2 },
        ],
        0,
      ),
      { width: 1, lap: 0, turnDown: 0, bridge: 0 },
      'low',
    );
    expect(laid?.lengths).toEqual([4, 2]);
  });
  test('on ground that falls are longer by its slope, and a level lid leaves its posts taller', () => {
    const sloped = (lies: 'level' | 'ground') => {
      const plan = covered(rectangle(6, 4), 'strips', {
        lies,
        roll: 1.2,
        way: { direction: 0, edge: 'low' },
      });
      return onSlope(plan, 0.1, 0);
    };
    const strip = 6 * Math.hypot(1, 0.1) + 0.2;
    expect(figuresOf(sloped('ground'))('stripLength')).toBeCloseTo(4 * strip, 6);
    expect(figuresOf(sloped('level'))('stripLength')).toBeCloseTo(4 * 6.2, 6);
    const tallest = Math.max(
      ...reckon(sloped('level')).parts.flatMap((p) => (p.kind === 'post' ? [p.above] : [])),
    );
    expect(tallest).toBeCloseTo(1.8 + 0.6, 6);
  });
});

describe('a tent', () => {
  test('takes √(c² + Δh²) at each end and the way between its props', () => {
    const figure = figuresOf(covered(rectangle(12, 9), 'net', { tent: 3 }));
    expect(figure('props')).toBe(6);
    const size = (c: number, between: number) => 2 * Math.hypot(c, 1.2) + between;
    expect(figure('netArea')).toBeCloseTo(size(2, 8) * size(2.25, 4.5), 9);
    expect(figure('area')).toBeCloseTo(108, 9);
  });
  test('over an L keeps the props that are inside it', () => {
    // 9.0 × 8.1 in two by two cells; the middle of the far one, (6.75, 6.075), is outside.
    expect(figuresOf(covered(L_SHAPE, 'net', { tent: 3 }))('props')).toBe(3);
  });
});

describe('a sheet roof', () => {
  const plan = covered(rectangle(4.8, 3), 'sheet', { rise: 0.4 });
  test('has purlins each 0.9 down the slope, and rafters each 1.2', () => {
    const figure = figuresOf(plan);
    expect(figure('rails')).toBe(Math.ceil(Math.hypot(3, 0.4) / 0.9) + 1);
    expect(figure('beams')).toBe(4.8 / 1.2 + 1);
  });
  test('is as long as its slope and 0.05 at the eave', () => {
    const figure = figuresOf(plan);
    expect(figure('stripLength')).toBeCloseTo((figure('strips') ?? 0) * (Math.hypot(3, 0.4) + 0.05), 6);
  });
  test('longer than a sheet has rows that lap by 0.20', () => {
    const long = reckon(covered(rectangle(3, 6), 'sheet', { rise: 0.6 }));
    const slope = Math.hypot(6, 0.6) + 0.05;
    const rows = Math.ceil((slope - 0.2) / (3.6 - 0.2));
    const pieces = long.cutting
      .filter((p) => p.product === 'sheet')
      .flatMap((p) => p.rolls.flatMap((r) => r.pieces));
    expect(pieces).toHaveLength((long.figures['cover.lid.strips'] ?? 0) * rows);
    for (const piece of pieces) expect(piece.length).toBeCloseTo((slope + 0.2 * (rows - 1)) / rows, 6);
  });
});

test('a wrap is its sides × the wall less the gap at the top, under battens', () => {
  const plan = covered(rectangle(6, 4), 'wrap');
  const { figures, docket } = reckon(plan);
  expect(figures['cover.lid.area']).toBeCloseTo(20 * (1.8 - 0.15), 9);
  const posts = 2 * 2 + 2;
  const battens = 2 * 20 + (posts + 2 * 4) * 1.65;
  const line = docket.lines.find((l) => l.id === 'timber:batten-38x19');
  expect(line?.need).toBeCloseTo(battens, 6);
});

test('ties go round a net each 0.30: a closed edge has no end to add one at', () => {
  for (const [wide, deep, ties] of [
    [9, 6, 100],
    [3, 3, 40],
    [3.1, 3, 41],
  ] as const) {
    const { docket } = reckon(covered(rectangle(wide, deep), 'net', { tent: null, edge: 'none' }));
    expect([wide, docket.lines.find((l) => l.id.startsWith('pack:tie'))?.need]).toEqual([wide, ties]);
  }
});

test('a new net is dropped before the first snow, and asks no more of its posts than the fence does', () => {
  const bare = covered(rectangle(9, 6), 'net', {});
  const without = apply(bare, { verb: 'remove-cover', id: 'lid' });
  const posts = (plan: Plan) =>
    reckon(plan)
      .docket.lines.filter((l) => l.id.startsWith('post:'))
      .map((l) => [l.id, l.need]);
  expect(bare.covers[0]).toMatchObject({ hung: 'summer', stays: 'none' });
  expect(posts(bare)).toEqual(posts(without));
  expect(reckon(bare).docket.lines.some((l) => l.id.startsWith('pack:stay'))).toBe(false);
  const up = apply(bare, { verb: 'set-cover', id: 'lid', to: { hung: 'always', stays: 'stayed' } });
  expect(posts(up)).not.toEqual(posts(without));
  const housed: Plan = { ...without, threats: { 'wild-birds': 'seen' } };
  expect(newCover(housed, 'net')?.cover).toMatchObject({ hung: 'always', stays: 'stayed' });
});

test('a corner post is pulled from both its edges, by half a bay of each', () => {
  const plan = covered(rectangle(3.6, 3.6), 'net', { tent: null, stays: 'none', hung: 'always' });
  const rows = reckon(plan).strength.filter((s) => s.member === 'post');
  // 0.1 kPa over 3.6 with a sag of 0.3: 0.54 kN for each metre; posts 1.8 apart.
  const pull = (0.1 * 3.6 ** 2) / (8 * 0.3);
  const loads = rows.map((r) => Number(r.load.toFixed(6))).sort((a, b) => a - b);
  expect(loads).toHaveLength(8);
  expect(loads[0]).toBeCloseTo(pull * Math.hypot(0.9, 0.9), 5);
  expect(loads[7]).toBeCloseTo(pull * 1.8, 5);
});

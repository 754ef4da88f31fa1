import { describe, expect, test } from '@jest/globals';
import { type Cover, type CoverOf, type KindId, KINDS } from './plan/kinds';
import { apply } from '../../plan/changes/apply';
import type { Plan } from '../../plan/schema';
import type { Reckoning } from '../../reckoning';
import { reckon } from '../../reckon';
import { type Section, postSection, timberSection } from '../../catalogue/sections';
import { L_SHAPE, anOutline } from '../../testing/aRun';
import { bent, footStress, pullOf } from '../../strength/beams';
import { POSTS } from '../../catalogue/posts';
import { TIMBERS_2026_11_28 } from '../../catalogue/timbers';
import { upliftOf } from '../../strength/wind';

/** Rolls of one width and length alone, so that nothing else is chosen. */
const rolls = (width: number, length: number): Pick<Plan, 'buying'>['buying']['ownProducts'] => [
  {
    id: 'mesh',
    type: 'welded',
    opening: { up: 0.025, along: 0.025 },
    wire: 0.0016,
    widths: [width],
    lengths: [length],
  },
];

function covered<K extends KindId>(
  points: Parameters<typeof anOutline>[0],
  kind: K,
  to: Partial<CoverOf<K>> = {},
  more: Partial<Plan> = {},
): Plan {
  const base = anOutline(points);
  const over = { id: 'lid', name: 'lid', enclosure: 'run', outline: null, height: 1.8 };
  const cover = { ...KINDS[kind].usual(over), ...to } as Cover;
  return {
    ...base,
    buying: { ...base.buying, ownProducts: rolls(1.2, 25) },
    ...more,
    covers: [cover],
  };
}
const rectangle = (x: number, y: number) =>
  [
    [0, 0],
    [x, 0],
    [x, y],
    [0, y],
  ] as const;

const figure = (
  { figures }: Reckoning,
  name: 'strips' | 'stripLength' | 'direction' | 'rails' | 'edgeRails' | 'props' | 'area',
) => figures[`cover.lid.${name}`];

describe('strips', () => {
  test('over 6.0 × 3.6 run across, which takes less than along', () => {
    const across = reckon(covered(rectangle(6, 3.6), 'strips', { mesh: 'mesh' }));
    expect(figure(across, 'strips')).toBe(6);
    expect(figure(across, 'stripLength')).toBeCloseTo(22.8, 9);
    expect(figure(across, 'direction')).toBe(90);
    const along = reckon(
      covered(rectangle(6, 3.6), 'strips', { mesh: 'mesh', way: { direction: 0, edge: 'low' } }),
    );
    expect(figure(along, 'strips')).toBe(4);
    expect(figure(along, 'stripLength')).toBeCloseTo(24.8, 9);
  });
  test('over an L run along x: five of 9.2 and three of 5.6', () => {
    const along = reckon(covered(L_SHAPE, 'strips', { mesh: 'mesh', way: { direction: 0, edge: 'low' } }));
    expect(figure(along, 'strips')).toBe(8);
    expect(figure(along, 'stripLength')).toBeCloseTo(62.8, 9);
    const lengths = along.cutting
      .flatMap((pool) => pool.rolls.flatMap((roll) => roll.pieces))
      .filter((p) => p.use === 'cover')
      .map((p) => Number(p.length.toFixed(4)))
      .sort((a, b) => a - b);
    expect(lengths).toEqual([5.6, 5.6, 5.6, 9.2, 9.2, 9.2, 9.2, 9.2]);
    const up = reckon(
      covered(L_SHAPE, 'strips', { mesh: 'mesh', way: { direction: Math.PI / 2, edge: 'low' } }),
    );
    expect(figure(up, 'stripLength')).toBeCloseTo(63.9, 9);
  });
  test('of a wide roll overlapped by half cover 3.0 exactly on two rails', () => {
    const lid = reckon(covered(rectangle(3, 3), 'strips', { mesh: 'mesh', lap: 0.3 }));
    expect(figure(lid, 'strips')).toBe(3);
    expect(figure(lid, 'rails')).toBe(2);
    expect(figure(lid, 'area')).toBeCloseTo(9, 9);
  });
});

const sectionOf = (id: string): Section => {
  const timber = TIMBERS_2026_11_28.find((t) => t.id === id);
  if (!timber) throw new Error(`no ${id}`);
  return timberSection(timber);
};

describe('what holds it up', () => {
  test('a rail 47 × 75 over 2.4 carries a third of 0.6 kPa on 1.2 m, and not all of it', () => {
    const rail = sectionOf('joist-75x47');
    const dry = bent(rail, 2.4, 240);
    expect(dry.moment).toBeCloseTo(172.8, 6);
    expect(dry.stress / 1e6).toBeCloseTo(3.92, 2);
    expect(dry.deflection * 1000).toBeCloseTo(7.8, 1);
    expect(dry.allowedDeflection).toBeCloseTo(0.016, 9);
    const bridged = bent(rail, 2.4, 720);
    expect(bridged.stress / 1e6).toBeCloseTo(11.8, 1);
    expect(bridged.deflection * 1000).toBeCloseTo(23.5, 1);
  });
  test('and so it is told of one in a lid', () => {
    // One roll across: rails 1.2 apart, a beam each 2.4.
    const plan = covered(rectangle(4.8, 3.6), 'strips', {
      mesh: 'mesh',
      lap: 0,
      way: { direction: 0, edge: 'low' },
    });
    const row = reckon(plan).strength.find((s) => s.member === 'rail');
    expect(row).toMatchObject({ span: 2.4, carries: 1.2, snow: 0.6, verdict: 'holds dry snow' });
    expect(row?.load).toBeCloseTo(0.24, 9);
    expect(row?.stress).toBeCloseTo(3.92, 2);
    expect(row?.bridged?.load).toBeCloseTo(0.72, 9);
  });
  test('a net 6.0 across that hangs 0.3 pulls 1.5 kN for each metre, and bends a post of 100 over', () => {
    expect(pullOf(100, 6, 0.3)).toBeCloseTo(1500, 9);
    const post = POSTS.find((p) => p.id === 'round-100');
    if (!post) throw new Error('no post');
    expect(footStress(postSection(post), 2700, 1.8) / 1e6).toBeCloseTo(49.5, 1);
    const choices = {
      posts: {
        corner: 'round-100',
        end: 'round-100',
        wall: 'round-100',
        gate: 'round-100',
        line: 'round-100',
      },
    };
    const base = covered(rectangle(6, 9), 'net', { tent: null, stays: 'none', hung: 'always' });
    const plan: Plan = {
      ...base,
      choices: { ...base.choices, plan: { ...base.choices.plan, ...choices } },
    };
    const { strength, findings } = reckon(plan);
    const posts = strength.filter((s) => s.member === 'post');
    expect(Math.max(...posts.map((s) => s.load))).toBeCloseTo(2.7, 9);
    expect(posts.some((s) => s.verdict === 'fails' && Math.abs(s.stress - 49.5) < 0.05)).toBe(true);
    const pulled = findings.find((f) => f.code === 'cover.weak' && f.params.member === 'post');
    const [mend] = pulled?.mends(plan) ?? [];
    expect(mend).toMatchObject({ verb: 'set-cover', to: { stays: 'stayed' } });
  });
  test('a tarp 3.0 × 4.8 open beneath is lifted with 6.9 kN at 20 m/s, more than five straps hold', () => {
    expect(upliftOf(20, 14.4, 'open')).toBeCloseTo(6.912, 9);
    const plan = covered(rectangle(4.8, 3), 'tarp', { straps: 5 }, { assumptions: { gust: 20 } });
    const row = reckon(plan).strength.find((s) => s.member === 'uplift');
    expect(row).toMatchObject({ verdict: 'fails' });
    expect(row?.load).toBeCloseTo(6.912, 3);
    const seven = covered(rectangle(4.8, 3), 'tarp', { straps: 7 }, { assumptions: { gust: 20 } });
    expect(reckon(seven).strength.find((s) => s.member === 'uplift')?.verdict).toBe('holds');
  });
});

const SQUARE = [
  [0, 0],
  [4, 0],
  [4, 3],
  [0, 3],
] as const;

describe('a cover that is there already', () => {
  const over = Object.keys(KINDS).filter((kind) => kind !== 'wrap') as readonly Exclude<KindId, 'wrap'>[];
  test.each(over)('%s is bought nothing for and takes no hours, but is drawn and said', (kind) => {
    const there = covered(SQUARE, kind, { found: true });
    const without = { ...there, covers: [] };
    const [a, b] = [reckon(there), reckon(without)];
    expect(a.docket.lines.filter((l) => l.buy > 0).map((l) => [l.id, l.need])).toEqual(
      b.docket.lines.filter((l) => l.buy > 0).map((l) => [l.id, l.need]),
    );
    expect(a.figures.hours).toBeCloseTo(b.figures.hours ?? NaN, 9);
    expect(a.strength).toEqual([]);
    expect(a.findings.map((f) => f.code)).toContain('cover.found');
    expect(a.parts.some((p) => 'part' in p && JSON.stringify(p.part).includes('"lid"'))).toBe(true);
  });
});

describe('a run that is covered in part', () => {
  const bare = (plan: Plan) => reckon(plan).findings.filter((f) => f.code === 'cover.bare');
  const half = [
    { x: 0, y: 0 },
    { x: 2, y: 0 },
    { x: 2, y: 3 },
    { x: 0, y: 3 },
  ];
  const hawk = { threats: { hawk: 'seen' } } as const;
  test('is told as open over the rest, and the mend covers all of it', () => {
    const plan = covered(SQUARE, 'strips', { outline: half }, hawk);
    const [found] = bare(plan);
    expect(found?.params).toMatchObject({ of: 'part', threats: ['hawk'] });
    const [mend] = found?.mends(plan) ?? [];
    if (!mend) throw new Error('no mend');
    expect(bare(apply(plan, mend))).toEqual([]);
  });
  test('is told of the second run where only the first has a cover', () => {
    const plan = covered(SQUARE, 'strips', {}, hawk);
    const two = apply(plan, {
      verb: 'add-beside',
      side: plan.sides[0]?.id ?? '',
      depth: 3,
      enclosure: { id: 'two', name: 'Two' },
      corners: ['q1', 'q2'],
      sides: ['r1', 'r2', 'r3'],
    });
    expect(bare(plan)).toEqual([]);
    expect(bare(two)).toHaveLength(1);
  });
});

import { describe, expect, test } from '@jest/globals';
import type { LiveNet } from './plan/choice';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { checkPlan, completePlan } from '../../formats/planFile';
import { emptyPlan } from '../../starts/newPlan';
import { makeReader } from '../../saying/makeReader';
import { reckon } from '../../reckon';
import { sayFinding } from '../../words/findings';
import { aNet, squareOf } from '../../testing/aNet';
import { aRun, onSlope } from '../../testing/aRun';

const reader = makeReader('metric', 'XXX');
const bare = emptyPlan('nets', 'Nets', 'metric');
const withNets = (nets: readonly LiveNet[], plan: Plan = bare): Plan => ({ ...plan, nets: [...nets] });
const figure = (plan: Plan, name: 'length' | 'area' | 'nets' | 'surplus' | 'gapWorst', id = 'n') =>
  reckon(plan).figures[`liveNet.${id}.${name}`];
const codes = (plan: Plan) =>
  reckon(plan)
    .findings.filter((f) => f.stage === 'live')
    .map((f) => f.code);
const found = (plan: Plan, code: string) => {
  const f = reckon(plan).findings.find((one) => one.code === code);
  if (!f) throw new Error(`no ${code}`);
  return f;
};

const house = {
  id: 'h',
  name: 'House',
  outline: [
    { x: -1.2, y: -0.9 },
    { x: 1.2, y: -0.9 },
    { x: 1.2, y: 0.9 },
    { x: -1.2, y: 0.9 },
  ],
  eaves: 2,
  height: 2.6,
  stands: 'walls' as const,
};
const sapling = { id: 'plum', name: 'plum', at: { x: 9.2, y: 0 }, trunk: 0, roots: 2.5, crown: 0 };
const garden: Plan = { ...bare, ground: { ...bare.ground, buildings: [house], trees: [sapling] } };

describe('power (rules: Live nets)', () => {
  const two = withNets([aNet({ points: squareOf(25), pieces: [50, 50] })]);
  const power = { ...bare.power, growth: 'light', battery: 60 } as const;
  test('two nets of 50 in light growth want 0.6 J, one rod and 0.14 A; 60 Ah last 8.93 days', () => {
    const { figures } = reckon({ ...two, power });
    expect(figures['power.output']).toBeCloseTo(0.6, 9);
    expect(figures['power.rods']).toBe(1);
    expect(figures['power.draw']).toBeCloseTo(0.14, 9);
    expect(figures['power.batteryDays']).toBeCloseTo((0.5 * 60) / 3.36, 9);
  });
  test('10 W of panel at 2 peak-sun hours stretch that to 13.7 days', () => {
    const { figures } = reckon({ ...two, power: { ...power, solar: 10, sun: 2 } });
    expect(figures['power.batteryDays']).toBeCloseTo(30 / (3.36 - (10 * 2 * 0.7) / 12), 9);
    expect(figures['power.batteryDays']).toBeCloseTo(13.7, 1);
  });
  test('a panel that gives as much as is used never lets it go flat', () => {
    const { figures } = reckon({ ...two, power: { ...power, solar: 10, sun: (3.36 * 12) / 7 } });
    expect(figures['power.batteryDays']).toBeUndefined();
  });
  test('rods follow the energiser chosen, and are doubled in dry sand', () => {
    const own = { kind: 'own', output: 2.2, draw: 0.3, supply: 'battery' } as const;
    expect(reckon({ ...two, power: { ...power, energiser: own } }).figures['power.rods']).toBe(3);
    expect(reckon({ ...two, power: { ...power, energiser: own, earth: 'dry' } }).figures['power.rods']).toBe(
      6,
    );
    expect(reckon({ ...two, power: { ...power, energiser: own } }).figures['power.draw']).toBe(0.3);
  });
  test('a net that is doubled back and a hot wire count by all their metres', () => {
    const run = aRun();
    const plan: Plan = {
      ...run,
      nets: [aNet({ points: squareOf(8), pieces: [50] })].map((n) => ({
        ...n,
        points: squareOf(8).map(({ x, y }) => ({ x: x + 30, y })),
      })),
      hotWires: [{ id: 'w', name: 'Wire', sides: ['s2'], offset: 0.15, heights: [0.2, 1.2], gates: 'over' }],
    };
    const { figures } = reckon(plan);
    expect(figures['power.length']).toBeCloseTo(50 + 2 * (figures['hotWire.w.strand'] ?? 0), 9);
    expect(figures['power.output']).toBeCloseTo(((figures['power.length'] ?? 0) / 50) * 0.15, 9);
  });
  test('no more than 5 J, enough for the length, a battery where it runs on one', () => {
    const own = (output: number) => ({ kind: 'own', output, draw: null, supply: 'battery' }) as const;
    const at = (energiser: ReturnType<typeof own> | null, battery: number | null = 60) =>
      codes({ ...two, power: { ...power, energiser, battery } });
    expect(at(null)).toContain('power.none');
    expect(at(own(8))).toContain('power.too-strong');
    expect(at(own(0.3))).toContain('power.weak');
    expect(at(own(1), null)).toContain('power.no-battery');
    expect(at(own(1))).toEqual([]);
  });
  test('rods within 10 m of a cable or of a building with mains are told, and a place is found that is not', () => {
    const plan: Plan = {
      ...garden,
      nets: [aNet({ inside: ['building:h'] })],
      power: { ...bare.power, rods: { x: 4, y: 0 }, mainsIn: ['h'] },
    };
    const near = found(plan, 'power.rods-near');
    expect(near.params).toMatchObject({ thing: 'House', gap: expect.closeTo(2.8, 9), wanted: 10 });
    const [mend] = near.mends(plan);
    expect(mend && codes(apply(plan, mend))).not.toContain('power.rods-near');
    expect(codes({ ...plan, power: { ...plan.power, mainsIn: [] } })).not.toContain('power.rods-near');
  });
});

describe('whole nets', () => {
  test('a square of one net of 50 encloses 156.25 m²', () => {
    const plan = withNets([aNet({ points: squareOf(12.5) })]);
    expect(figure(plan, 'area')).toBeCloseTo(156.25, 9);
    expect(figure(plan, 'nets')).toBe(1);
    expect(figure(plan, 'surplus')).toBeCloseTo(0, 9);
  });
  test('tight round house and sapling it takes 25.843: 25 falls 0.843 short, 50 has 24.157 over', () => {
    const round = (pieces: number[] | null) =>
      withNets([aNet({ inside: ['building:h', 'tree:plum'], pieces })], garden);
    const exact = 1.8 + 2 * 2.4 + 2 * Math.hypot(8, 0.9) + Math.PI;
    expect(figure(round([25]), 'length')).toBeCloseTo(exact, 9);
    expect(figure(round([25]), 'surplus')).toBeCloseTo(25 - exact, 9);
    expect(figure(round([50]), 'surplus')).toBeCloseTo(50 - exact, 9);
    expect(exact).toBeCloseTo(25.843, 3);
    const short = found(round([25]), 'live.short');
    expect(sayFinding(short, reader)).toMatch(/1 net.*House and plum.*0\.84.*short/);
    // One more net, or one of the two left out.
    expect(short.mends(round([25]))).toHaveLength(3);
    for (const mend of short.mends(round([25])))
      expect(codes(apply(round([25]), mend))).not.toContain('live.short');
  });
  test('those in the shed go first, and no net of it is counted twice', () => {
    const owned = [
      { id: 'o', kind: 'pack', product: 'net-single-107-50', count: 1, condition: 'worn', note: '' } as const,
    ];
    const both = (when: LiveNet['when']) => ({
      ...withNets([
        aNet({ points: squareOf(12), when: when === 'always' ? 'always' : 'day' }),
        aNet({
          id: 'm',
          name: 'Other',
          points: squareOf(12).map(({ x, y }) => ({ x: x + 40, y })),
          when: when === 'always' ? 'always' : 'night',
        }),
      ]),
      owned: [...owned],
    });
    const bought = (plan: Plan) =>
      reckon(plan).docket.lines.find((l) => l.product === 'net-single-107-50') ?? { owned: 0, buy: 0 };
    expect(bought(both('always'))).toMatchObject({ need: 2, owned: 1, buy: 1 });
    // By day here, by night there: one net takes turns.
    expect(bought(both('day'))).toMatchObject({ need: 1, owned: 1, buy: 0 });
  });
  test('a length that nobody makes is a finding, and no docket line', () => {
    const plan = withNets([aNet({ points: squareOf(9), pieces: [37] })]);
    expect(codes(plan)).toContain('live.no-such-net');
  });
});

describe('what stands about', () => {
  const pole = (x: number) => ({
    ...bare,
    ground: {
      ...bare.ground,
      obstacles: [{ id: 'p', name: 'pole', kind: 'pole' as const, at: { x, y: 6 }, across: 0.2, height: 4 }],
    },
  });
  test('a pole 0.6 outside the loop: move the net in, or take the pole inside with 1.0', () => {
    const plan = withNets([aNet({ points: squareOf(12.5) })], pole(13.2));
    const near = found(plan, 'live.near-outside');
    expect(near.params).toMatchObject({ gap: expect.closeTo(0.6, 9), wanted: 1 });
    const mends = near.mends(plan);
    expect(mends).toHaveLength(2);
    for (const mend of mends) expect(codes(apply(plan, mend))).not.toContain('live.near-outside');
    const [away, around] = mends.map((mend) => apply(plan, mend));
    expect(figure(away as Plan, 'area')).toBeLessThan(156.25);
    expect(figure(around as Plan, 'area')).toBeGreaterThan(156.25);
    expect(around?.nets[0]?.inside).toEqual(['obstacle:p']);
  });
  test('a line may end against a wall, and goes through no house', () => {
    const line = (...points: { x: number; y: number }[]) =>
      codes(withNets([aNet({ form: 'line', points })], garden)).filter((c) => /through|near/.test(c));
    expect(line({ x: 1.2, y: 0 }, { x: 4, y: 8 })).toEqual([]);
    // From one wall through the other, and past a wall that no end of it stands against.
    expect(line({ x: 1.2, y: 0 }, { x: -6, y: 0 })).toEqual(['live.through']);
    expect(line({ x: 1.6, y: -6 }, { x: 1.6, y: 6 })).toEqual(['live.near-outside']);
  });
  test('1.0 off is far enough, and so is 1.0 inside', () => {
    expect(codes(withNets([aNet({ points: squareOf(12.5) })], pole(13.6)))).not.toContain(
      'live.near-outside',
    );
    expect(codes(withNets([aNet({ points: squareOf(12.5) })], pole(11.4)))).not.toContain('live.near-inside');
    expect(codes(withNets([aNet({ points: squareOf(12.5) })], pole(11.6)))).toContain('live.near-inside');
  });
  test('a loop through a house, and one that crosses itself', () => {
    const through = withNets([aNet({ points: squareOf(9) })], garden);
    expect(codes(through)).toContain('live.through');
    const bow = withNets([
      aNet({
        points: [
          { x: 0, y: 0 },
          { x: 10, y: 10 },
          { x: 10, y: 0 },
          { x: 0, y: 10 },
        ],
      }),
    ]);
    expect(codes(bow)).toContain('live.crosses');
    const [mend] = found(bow, 'live.crosses').mends(bow);
    expect(mend && codes(apply(bow, mend))).not.toContain('live.crosses');
  });
  test.each([
    ['path', 2],
    ['water', 2],
    ['live-fence', 2.5],
  ] as const)('a %s is kept off by %d', (kind, keeps) => {
    const beside = (x: number): Plan => ({
      ...bare,
      ground: {
        ...bare.ground,
        boundaries: [
          {
            id: 'l',
            name: 'line',
            kind,
            line: [
              { x, y: -5 },
              { x, y: 20 },
            ],
          },
        ],
      },
      nets: [aNet({ points: squareOf(10) })],
    });
    expect(codes(beside(10 + keeps - 0.05))).toContain('live.near-line');
    expect(codes(beside(10 + keeps + 0.01))).not.toContain('live.near-line');
    expect(codes(beside(5))).toContain('live.over-line');
    const near = beside(10 + keeps - 0.5);
    const [mend] = found(near, 'live.near-line').mends(near);
    expect(mend && codes(apply(near, mend))).not.toContain('live.near-line');
  });
});

describe('ground under it', () => {
  test('level and evenly sloping ground leaves no gap', () => {
    expect(
      figure(withNets([aNet({ points: squareOf(12) })], onSlope(bare, 0.1, 0.05)), 'gapWorst'),
    ).toBeCloseTo(0, 6);
  });
  /** A trough across the net, half way between two of its posts. */
  const trough = (deep: number): Plan => ({
    ...bare,
    ground: {
      ...bare.ground,
      spotHeights: [
        [-10, -10, 0],
        [40, -10, 0],
        [-10, 40, 0],
        [40, 40, 0],
        [4, 0, 0],
        [5.35, 0, -deep],
        [6.7, 0, 0],
      ].map(([x, y, height], i) => ({ id: `z${i}`, at: { x: x ?? 0, y: y ?? 0 }, height: height ?? 0 })),
    },
    nets: [aNet({ points: squareOf(12.5) })],
  });
  test('a hollow of 80 mm is a hole, and a strut, a peg or earth closes it', () => {
    const plan = trough(0.08);
    expect(figure(plan, 'gapWorst')).toBeCloseTo(0.08, 2);
    const hole = found(plan, 'live.gap');
    expect(hole.mends(plan)).toHaveLength(3);
    for (const mend of hole.mends(plan)) expect(codes(apply(plan, mend))).not.toContain('live.gap');
    expect(codes(trough(0.04))).not.toContain('live.gap');
  });
  test('what the keeper notes counts as well', () => {
    const dips = [{ id: 'd1', along: 3, gap: 0.07, mend: 'none' as const }];
    const plan = withNets([aNet({ points: squareOf(12.5), dips })]);
    expect(figure(plan, 'gapWorst')).toBe(0.07);
    const [strut] = found(plan, 'live.gap').mends(plan);
    expect(strut && figure(apply(plan, strut), 'gapWorst')).toBe(0);
  });
});

describe('hot wires', () => {
  const wired = (to: Partial<Plan['hotWires'][number]> = {}, plan = aRun({ house: 'none' })): Plan => ({
    ...plan,
    hotWires: [
      {
        id: 'w',
        name: 'Wire',
        sides: plan.sides.map((s) => s.id),
        offset: 0.15,
        heights: [0.2, 1.2],
        gates: 'under',
        ...to,
      },
    ],
  });
  const of = (plan: Plan, name: 'strand' | 'lead' | 'insulators' | 'length' | 'joints') =>
    reckon(plan).figures[`hotWire.w.${name}`];
  test('round a rectangle a strand is as long as the rectangle 0.15 further out, without its gate', () => {
    const plan = wired();
    const gate = plan.openings.reduce((t, o) => t + (o.kind === 'gate' ? o.width : 0), 0);
    expect(gate).toBeGreaterThan(0);
    expect(of(plan, 'strand')).toBeCloseTo(2 * (6.3 + 3.9) - gate, 9);
    expect(of(plan, 'lead')).toBeCloseTo(gate + 1, 9);
    expect(of(plan, 'insulators')).toBe(2 * (reckon(plan).figures['posts.total'] ?? 0));
    expect(of(wired({ gates: 'over' }), 'strand')).toBeCloseTo(2 * (6.3 + 3.9), 9);
  });
  test('each strand is jointed at every corner between two of its sides, and on both sides of a gate', () => {
    const gates = wired().openings.filter((o) => o.kind === 'gate').length;
    expect(gates).toBe(1);
    expect(of(wired(), 'joints')).toBe(2 * (4 + 2 * gates));
    expect(of(wired({ gates: 'over' }), 'joints')).toBe(2 * 4);
    expect(of(wired({ gates: 'over', heights: [0.2], sides: ['s1', 's2', 's3'] }), 'joints')).toBe(2);
    expect(of(wired({ gates: 'over', heights: [0.2], sides: ['s1', 's3'] }), 'joints')).toBe(0);
  });
  test('a nose meets one strand, and none is over the wall', () => {
    expect(codes(wired({ heights: [0.4] }))).toEqual(
      expect.arrayContaining(['wire.no-nose', 'wire.no-climb']),
    );
    expect(codes(wired({ heights: [0.2, 2.5] }))).toContain('wire.over-top');
    const plan = wired({ heights: [0.2, 2.5] });
    const [mend] = found(plan, 'wire.over-top').mends(plan);
    expect(mend && codes(apply(plan, mend))).not.toContain('wire.over-top');
  });
  test('a side that is parted keeps its wire on both halves; one that goes takes it along', () => {
    const parted = apply(wired({ sides: ['s2'] }), {
      verb: 'split-side',
      side: 's2',
      along: 1.2,
      corner: 'cx',
      second: 'sx',
    });
    expect(parted.hotWires[0]?.sides).toEqual(['s2', 'sx']);
    const joined = apply(parted, { verb: 'remove-corner', corner: 'cx' });
    expect(joined.hotWires[0]?.sides).toEqual(['s2']);
    expect(checkPlan(completePlan(joined)).ok).toBe(true);
  });
});

describe('what a net is for', () => {
  const guarded = (to: Partial<Plan> = {}): Plan => ({
    ...withNets([aNet({ inside: ['building:h'], kind: 'single-107' })], garden),
    threats: { fox: 'seen', dog: 'seen', hawk: 'seen', mink: 'seen' },
    power: { ...bare.power, energiser: { kind: 'sold', product: 'energiser-mains-1' } },
    ...to,
  });
  const ratings = (plan: Plan) => Object.fromEntries(reckon(plan).entries.map((e) => [e.threat, e.rating]));
  test('a live one holds all that come on the ground, and meets no hawk', () => {
    expect(ratings(guarded())).toEqual({ fox: 'holds', dog: 'holds', mink: 'holds', hawk: 'open' });
    const high = guarded();
    expect(ratings({ ...high, nets: high.nets.map((n) => ({ ...n, kind: 'double-122' })) }).dog).toBe(
      'holds',
    );
  });
  test('a hot wire by itself goes round nothing and holds nothing', () => {
    const run = aRun();
    const wired: Plan = {
      ...run,
      threats: { fox: 'seen', hawk: 'seen' },
      hotWires: [{ id: 'w', name: 'Wire', sides: ['s2'], offset: 0.15, heights: [0.2], gates: 'under' }],
      power: { ...run.power, energiser: { kind: 'sold', product: 'energiser-mains-1' } },
    };
    expect(ratings(wired)).toEqual({ fox: 'open', hawk: 'open' });
    const why = (plan: Plan) => reckon(plan).entries.find((e) => e.threat === 'fox')?.why.code;
    expect([why(wired), why({ ...wired, power: run.power })]).toEqual(['line.wire', 'line.dead']);
  });
  test('a dead one, one under snow and one with a pole beside it hold nothing', () => {
    expect(ratings(guarded({ power: bare.power })).fox).toBe('open');
    expect(ratings(guarded({ power: { ...guarded().power, snow: 0.6 } })).fox).toBe('open');
    const beside = [
      { id: 'p', name: 'pole', kind: 'pole' as const, at: { x: 2.2, y: 0 }, across: 0, height: 3 },
    ];
    expect(ratings(guarded({ ground: { ...garden.ground, obstacles: beside } })).fox).toBe('open');
  });
  test('a line with two ends is not closed all round, wherever it ends', () => {
    const line = (...points: { x: number; y: number }[]) =>
      ratings(guarded({ nets: [aNet({ form: 'line', points })] })).fox;
    expect(line({ x: 1.2, y: 0 }, { x: 4, y: 8 })).toBe('open');
    expect(line({ x: 1.2, y: 0 }, { x: -6, y: 0 })).toBe('open');
    expect(line({ x: 1.6, y: -6 }, { x: 1.6, y: 6 })).toBe('open');
  });
});

test('what a net goes round may be taken away: the plan stands, without it', () => {
  const plan = withNets([aNet({ inside: ['building:h', 'tree:plum'] })], garden);
  const gone = apply(plan, { verb: 'remove-from-ground', list: 'trees', id: 'plum' });
  expect(gone.nets[0]?.inside).toEqual(['building:h']);
  expect(checkPlan(completePlan(gone)).ok).toBe(true);
  const all = apply(gone, { verb: 'remove-from-ground', list: 'buildings', id: 'h' });
  expect(codes(all)).toContain('live.nothing-inside');
});

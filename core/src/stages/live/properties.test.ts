import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { LiveNet } from './plan/choice';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { checkPlan } from '../../formats/planFile';
import { emptyPlan } from '../../starts/newPlan';
import { makeReader } from '../../saying/makeReader';
import { makeReckoner, reckon } from '../../reckon';
import { sayChange } from '../../words/changes';
import { sayFinding } from '../../words/findings';
import { EDITIONS, LATEST_EDITION } from '../../catalogue/editions';
import { marketOf } from '../../catalogue/market';
import { buyingAt } from '../../testing/buying';
import { aNet } from '../../testing/aNet';
import { aRun } from '../../testing/aRun';
import { fewest } from './pieces';

const edition = EDITIONS[LATEST_EDITION];
if (!edition) throw new Error('the edition is gone');
const market = marketOf(edition, buyingAt(['far-gate', 'longacre'], LATEST_EDITION));
const reader = makeReader('metric', 'XXX');

const place = fc
  .tuple(fc.integer({ min: -150, max: 150 }), fc.integer({ min: -150, max: 150 }))
  .map(([x, y]) => ({ x: x / 10, y: y / 10 }));
/** Loops in the round, corners at rising angles; and any corners at all, most of which cross. */
const rounds = fc.array(fc.integer({ min: 20, max: 130 }), { minLength: 3, maxLength: 9 }).map((radii) =>
  radii.map((r, i) => {
    const turn = (2 * Math.PI * i) / radii.length;
    return { x: Math.round(r * Math.cos(turn)) / 10, y: Math.round(r * Math.sin(turn)) / 10 };
  }),
);
const points = fc.oneof(
  { weight: 4, arbitrary: rounds },
  { weight: 1, arbitrary: fc.array(place, { minLength: 2, maxLength: 6 }) },
);

const net = fc.record({
  form: fc.constantFrom<LiveNet['form']>('loop', 'loop', 'line'),
  kind: fc.constantFrom<LiveNet['kind']>('single-107', 'double-107', 'double-122', 'close-107'),
  points: fc.oneof({ weight: 5, arbitrary: points }, { weight: 1, arbitrary: fc.constant(null) }),
  pieces: fc.constantFrom<LiveNet['pieces']>(null, null, [25], [50, 25], [37]),
  inside: fc.subarray(['building:h', 'tree:t', 'obstacle:p', 'obstacle:q']),
  when: fc.constantFrom<LiveNet['when']>('always', 'always', 'day', 'night'),
  foot: fc.constantFrom<LiveNet['foot']>('live', 'off', 'raised'),
  dips: fc.constantFrom<LiveNet['dips']>(
    [],
    [{ id: 'd1', along: 4, gap: 0.09, mend: 'none' }],
    [{ id: 'd1', along: 900, gap: 0.09, mend: 'strut' }],
  ),
});
const power = fc.record({
  energiser: fc.constantFrom<Plan['power']['energiser']>(
    null,
    { kind: 'sold', product: 'energiser-12v-02' },
    { kind: 'sold', product: 'energiser-mains-1' },
    { kind: 'own', output: 0.3, draw: null, supply: 'battery' },
    { kind: 'own', output: 9, draw: 2, supply: 'battery' },
  ),
  battery: fc.constantFrom(null, 5, 60, 110),
  solar: fc.constantFrom(null, 10, 60),
  sun: fc.constantFrom(null, 0, 2),
  growth: fc.constantFrom<Plan['power']['growth']>('mown', 'light', 'heavy'),
  earth: fc.constantFrom<Plan['power']['earth']>('moist', 'dry'),
  layout: fc.constantFrom<Plan['power']['layout']>('all-live', 'pos-neg'),
  snow: fc.constantFrom(0, 0.2, 0.9),
  rods: fc.option(place, { nil: null }),
  at: fc.option(place, { nil: null }),
});
const ground = fc.record({
  house: place,
  tree: place,
  poles: fc.tuple(place, place),
  line: fc.tuple(place, place),
  kind: fc.constantFrom<Plan['ground']['boundaries'][number]['kind']>(
    'boundary',
    'path',
    'water',
    'live-fence',
  ),
  heights: fc.array(fc.tuple(place, fc.integer({ min: 0, max: 12 })), { maxLength: 7 }),
});

type Made = typeof ground extends fc.Arbitrary<infer G> ? G : never;

/** A plan of two nets with something of everything about them. */
function planOf(nets: readonly Omit<LiveNet, 'id' | 'name' | 'gate'>[], own: object, about: Made): Plan {
  const bare = emptyPlan('p', 'Plan', 'metric');
  const { house, tree, poles, line, kind, heights } = about;
  return {
    ...bare,
    threats: { fox: 'seen', dog: 'likely', mink: 'likely', hawk: 'likely', bear: 'likely' },
    ground: {
      ...bare.ground,
      buildings: [
        {
          id: 'h',
          name: 'House',
          outline: [
            house,
            { x: house.x + 2.4, y: house.y },
            { x: house.x + 2.4, y: house.y + 1.8 },
            { x: house.x, y: house.y + 1.8 },
          ],
          eaves: 2,
          height: 2.6,
          stands: 'walls',
        },
      ],
      trees: [{ id: 't', name: 'plum', at: tree, trunk: 0.2, roots: 2, crown: 1.5 }],
      obstacles: poles.map((at, i) => ({
        id: 'pq'.charAt(i),
        name: `pole ${i + 1}`,
        kind: 'pole',
        at,
        across: 0.2,
        height: 3,
      })),
      boundaries: [{ id: 'l', name: 'line', kind, line: [...line] }],
      services: [{ id: 's', name: 'cable', kind: 'power', depth: 0.5, line: [...line] }],
      spotHeights: heights.map(([at, height], i) => ({ id: `z${i}`, at, height: height / 20 })),
    },
    nets: nets.map((n, i) => ({
      ...n,
      id: `n${i}`,
      name: `Net ${i + 1}`,
      gate: null,
      points: n.form === 'line' && n.points === null ? [...line] : n.points,
    })),
    power: { ...bare.power, ...own, mainsIn: ['h'] },
  };
}
const plans = fc
  .tuple(fc.array(net, { minLength: 1, maxLength: 2 }), power, ground)
  .map((given) => planOf(...given));

describe('any nets on any ground', () => {
  test('are told and never thrown; each mend leaves a valid plan without what it mends', () => {
    const seen = new Set<string>();
    // What a mend leaves alone is not worked out anew.
    const again = makeReckoner();
    fc.assert(
      fc.property(plans, (plan) => {
        expect(checkPlan(plan).ok).toBe(true);
        const reckoning = again(plan);
        for (const value of Object.values(reckoning.figures)) expect(Number.isFinite(value)).toBe(true);
        for (const f of reckoning.findings) {
          if (f.stage !== 'live') continue;
          expect(sayFinding(f, reader)).toMatch(/^\S.*\.$/);
          for (const mend of f.mends(plan)) {
            seen.add(f.code);
            expect(sayChange(mend, reader, market)).toMatch(/\S/);
            const after = apply(plan, mend);
            const checked = checkPlan(after);
            expect([f.code, checked.ok ? [] : checked.problems]).toEqual([f.code, []]);
            const left = again(after).findings.filter((o) => o.code === f.code);
            // The same of the same thing: another hole, another pole or the other net may be left.
            const same = left.filter(
              (o) => JSON.stringify([o.part, o.params]) === JSON.stringify([f.part, f.params]),
            );
            expect([f.code, mend, same.map((o) => o.params)]).toEqual([f.code, mend, []]);
          }
        }
        for (const entry of reckoning.entries) expect(['open', 'delays', 'holds']).toContain(entry.rating);
      }),
      { numRuns: 60, endOnFailure: true },
    );
    expect(seen.size).toBeGreaterThan(12);
  });
  test('bought nets are those that are needed at once, whole', () => {
    fc.assert(
      fc.property(plans, (plan) => {
        const { figures, docket } = reckon(plan);
        const bought = docket.lines
          .filter((l) => l.product.startsWith('net-') && l.product !== 'net-peg')
          .reduce((t, l) => t + l.buy * Number(l.product.split('-').pop()), 0);
        const made = plan.nets.reduce((t, n) => {
          const [length, surplus] = [figures[`liveNet.${n.id}.length`], figures[`liveNet.${n.id}.surplus`]];
          return t + (length ?? 0) + (surplus ?? 0);
        }, 0);
        expect(bought).toBeLessThanOrEqual(made + 1e-6);
        if (plan.nets.every((n) => n.when === 'always' && n.pieces?.[0] !== 37))
          expect(bought).toBeCloseTo(made, 6);
      }),
      { numRuns: 60 },
    );
  });
});

test('nets at the ends of the schema are told, and none is endless', () => {
  const bare = emptyPlan('p', 'Plan', 'metric');
  const round = (radius: number) =>
    Array.from({ length: 400 }, (_, i) => ({
      x: radius * (1 + 0.3 * Math.sin(i * 7)) * Math.cos((i * Math.PI) / 200),
      y: radius * (1 + 0.3 * Math.sin(i * 7)) * Math.sin((i * Math.PI) / 200),
    }));
  const nets = Array.from({ length: 12 }, (_, i) =>
    aNet({ id: `n${i}`, name: `Net ${i + 1}`, points: round(i < 6 ? 30 + i : 7000) }),
  );
  const plan = { ...bare, nets };
  expect(checkPlan(plan).ok).toBe(true);
  const { figures, findings, parts } = reckon(plan);
  for (const value of Object.values(figures)) expect(Number.isFinite(value)).toBe(true);
  // Forty nets at the most are joined: of a way of many kilometres most stays bare, and is told.
  expect(figures['liveNet.n11.nets']).toBe(40);
  expect(findings.some((f) => f.code === 'live.short')).toBe(true);
  for (const part of parts) if (part.kind === 'live-net') expect(part.posts.length).toBeLessThan(1200);
});

test('the fewest nets that go round are those of trying all', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 1900 }),
      fc.constantFrom([25, 50], [25, 30, 50], [50]),
      (tenths, lengths) => {
        const wanted = tenths / 10;
        let [count, least] = [Infinity, Infinity];
        const walk = (n: number, sum: number) => {
          if (sum >= wanted - 1e-9) {
            if (n < count || (n === count && sum < least)) [count, least] = [n, sum];
            return;
          }
          if (n >= 8) return;
          for (const l of lengths) walk(n + 1, sum + l);
        };
        walk(0, 0);
        const made = fewest(lengths, wanted);
        expect([made.length, made.reduce((t, l) => t + l, 0)]).toEqual([count, least]);
      },
    ),
    { numRuns: 80 },
  );
});

test('a hot wire round any corner is as long as the outline that far outside it', () => {
  const plan = aRun({ house: 'none' });
  const wired = (sides: readonly string[], offset: number) =>
    reckon({
      ...plan,
      openings: [],
      hotWires: [{ id: 'w', name: 'Wire', sides: [...sides], offset, heights: [0.2], gates: 'under' }],
    }).figures['hotWire.w.strand'];
  const [a, b] = plan.sides;
  if (!a || !b) throw new Error('no sides');
  for (const offset of [0.05, 0.15, 0.4]) {
    expect(wired([a.id], offset)).toBeCloseTo(6, 9);
    expect(wired([a.id, b.id], offset)).toBeCloseTo(6 + 3.6 + 2 * offset, 9);
  }
});

import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { checkPlan } from '../../formats/planFile';
import { reckon } from '../../reckon';
import { PLAIN_GATE } from '../ways/plan/kinds/gate';
import { anOutline } from '../../testing/aRun';
import { reckonedAnew } from '../../testing/anew';
import { insideOrOn } from '../../ground/vector';
import { along, axesOf } from './over/bands';
import { directionsOf, inDirection, layIn } from './over/strips';
import { type CoverOf, KINDS, KIND_IDS } from './plan/kinds';

/** Outlines in the round, some of them with a notch: corners at rising angles, 1 to 9 m from the middle. */
const outlines = fc.array(fc.integer({ min: 10, max: 90 }), { minLength: 3, maxLength: 12 }).map((radii) =>
  radii.map((r, i) => {
    const turn = (2 * Math.PI * i) / radii.length;
    return [Math.round(r * Math.cos(turn)) / 10, Math.round(r * Math.sin(turn)) / 10] as const;
  }),
);
const edges = fc.constantFrom('low' as const, 'high' as const);
const layings = fc.record({
  width: fc.integer({ min: 6, max: 20 }).map((w) => w / 10),
  lap: fc.integer({ min: 0, max: 50 }).map((l) => l / 100),
  turnDown: fc.integer({ min: 0, max: 20 }).map((t) => t / 100),
});

describe('strips over any outline', () => {
  test('cover every point of it, and are together at least as large', () => {
    fc.assert(
      fc.property(outlines, layings, edges, fc.nat(), (points, laying, edge, seed) => {
        const outline = points.map(([x, y]) => ({ x, y }));
        for (const direction of directionsOf(outline)) {
          const laid = layIn(
            inDirection(outline, direction),
            { ...laying, bridge: 2 * laying.turnDown },
            edge,
          );
          if (!laid) throw new Error('not laid');
          const turned = along(axesOf(direction), outline);
          const [xs, ys] = [turned.map((p) => p.x), turned.map((p) => p.y)];
          for (let i = 0; i < 40; i++) {
            const [u, v] = [((seed + i * 7919) % 1000) / 999, ((seed * 31 + i * 104729) % 1000) / 999];
            const p = {
              x: Math.min(...xs) + u * (Math.max(...xs) - Math.min(...xs)),
              y: Math.min(...ys) + v * (Math.max(...ys) - Math.min(...ys)),
            };
            if (!insideOrOn(p, turned, 0)) continue;
            const by = laid.strips.some(
              (s) =>
                p.x >= s.from - 1e-6 && p.x <= s.to + 1e-6 && p.y >= s.low - 1e-6 && p.y <= s.high + 1e-6,
            );
            expect(by).toBe(true);
          }
          const area = Math.abs(
            outline.reduce((t, p, i) => {
              const q = outline[(i + 1) % outline.length] ?? p;
              return t + (p.x * q.y - q.x * p.y) / 2;
            }, 0),
          );
          expect(laid.total * laying.width).toBeGreaterThanOrEqual(area - 1e-6);
        }
      }),
      { numRuns: 150 },
    );
  });
});

const GATE = { ...PLAIN_GATE, id: 'g', side: 'e0', along: 2, width: 0.95 };

/** A run whose sides do not cross, with one cover of a kind. */
const withCover = (points: readonly (readonly [number, number])[], cover: Plan['covers'][number]): Plan => ({
  ...anOutline(points),
  covers: [cover],
});
const over = { id: 'c', name: 'lid', enclosure: 'run', outline: null, height: 1.8 };
const rectangles = fc.tuple(fc.integer({ min: 12, max: 140 }), fc.integer({ min: 12, max: 90 })).map(
  ([x, y]) =>
    [
      [0, 0],
      [x / 10, 0],
      [x / 10, y / 10],
      [0, y / 10],
    ] as const,
);

describe('a cover of any kind', () => {
  test('is cut so that no piece is longer than its roll', () => {
    fc.assert(
      fc.property(rectangles, fc.constantFrom(...KIND_IDS), (points, kind) => {
        const { cutting } = reckon(withCover(points, KINDS[kind].usual(over)));
        for (const pool of cutting)
          for (const roll of pool.rolls)
            for (const piece of roll.pieces) expect(piece.length).toBeLessThanOrEqual(roll.length + 1e-9);
      }),
      { numRuns: 30 },
    );
  });
  test('never bears more snow better', () => {
    const rank = { fails: 0, 'holds dry snow': 1, holds: 2 } as const;
    fc.assert(
      fc.property(
        rectangles,
        fc.constantFrom(...KIND_IDS),
        fc.integer({ min: 0, max: 30 }),
        fc.integer({ min: 1, max: 30 }),
        (points, kind, some, more) => {
          const plan = withCover(points, KINDS[kind].usual(over));
          const at = (snow: number) =>
            reckon(apply(plan, { verb: 'set-assumption', id: 'groundSnow', value: snow / 10 })).strength;
          const [less, deeper] = [at(some), at(some + more)];
          expect(deeper.length).toBe(less.length);
          less.forEach((row, i) =>
            expect(rank[deeper[i]?.verdict ?? 'holds']).toBeLessThanOrEqual(rank[row.verdict]),
          );
        },
      ),
      { numRuns: 25 },
    );
  });
  test.each(KIND_IDS)('wherever it lies and whatever it says: %s is told, never thrown', (kind) => {
    const numbers = fc.integer({ min: -100, max: 100 }).map((n) => n / 10);
    const shapes = fc.array(fc.record({ x: numbers, y: numbers }), { minLength: 3, maxLength: 8 });
    fc.assert(
      fc.property(
        shapes,
        fc.integer({ min: -40, max: 40 }),
        numbers,
        shapes,
        fc.integer({ min: 2, max: 80 }),
        (outline, rise, falls, at, height) => {
          const usual = KINDS[kind].usual(over);
          const cover = {
            ...usual,
            ...('height' in usual && {
              outline,
              rise: rise / 10,
              falls: falls / 4,
              height: height / 10,
            }),
            ...('props' in usual && { props: at.map((p, i) => ({ id: `p${i}`, at: p })) }),
            ...('posts' in usual && { posts: at.map((p, i) => ({ id: `p${i}`, at: p })) }),
          } as Plan['covers'][number];
          const plan = withCover(
            [
              [0, 0],
              [8, 0],
              [8, 5],
              [0, 5],
            ],
            cover,
          );
          expect(checkPlan(plan).ok).toBe(true);
          const anew = reckonedAnew();
          const { findings, strength, figures } = anew(plan);
          for (const f of findings) for (const mend of f.mends(plan)) anew(apply(plan, mend));
          for (const row of strength) expect(Number.isFinite(row.load)).toBe(true);
          for (const value of Object.values(figures)) expect(Number.isFinite(value)).toBe(true);
        },
      ),
      { numRuns: 6 },
    );
  });
});

describe('what is wrong is told with its mend', () => {
  const square = [
    [0, 0],
    [6, 0],
    [6, 4],
    [0, 4],
  ] as const;
  const found = (plan: Plan) => reckon(plan).findings.filter((f) => f.stage === 'cover');
  const codes = (plan: Plan) => found(plan).map((f) => f.code);
  const lid = (to: Partial<CoverOf<'strips'>>) => withCover(square, { ...KINDS.strips.usual(over), ...to });
  const after = (plan: Plan, code: string) => {
    const [mend] =
      found(plan)
        .find((f) => f.code === code)
        ?.mends(plan) ?? [];
    return mend ? codes(apply(plan, mend)) : [code];
  };
  test.each([
    [
      'cover.outside',
      lid({
        outline: [
          { x: 1, y: 1 },
          { x: 9, y: 1 },
          { x: 9, y: 3 },
          { x: 1, y: 3 },
        ],
      }),
    ],
    [
      'cover.tangled',
      lid({
        outline: [
          { x: 0, y: 0 },
          { x: 6, y: 4 },
          { x: 6, y: 0 },
          { x: 0, y: 4 },
        ],
      }),
    ],
    ['cover.gap', lid({ height: 2.2 })],
    ['cover.gate', apply(lid({ height: 1.4 }), { verb: 'add-opening', opening: GATE })],
    ['cover.falls-back', lid({ rise: -0.5 })],
    ['cover.low', lid({ height: 1.5 })],
    ['cover.no-width', lid({ lap: 2.5 })],
    ['cover.prop-outside', lid({ posts: [{ id: 'p1', at: { x: 9, y: 9 } }] })],
    ['cover.flat', withCover(square, { ...KINDS.sheet.usual(over), rise: 0.1 })],
    ['cover.run-off', withCover(square, { ...KINDS.sheet.usual(over), runOff: 'nowhere' })],
    ['cover.lifts', withCover(square, KINDS.tarp.usual(over))],
    [
      'cover.over-another',
      { ...lid({}), covers: [KINDS.strips.usual(over), KINDS.net.usual({ ...over, id: 'd' })] },
    ],
  ] satisfies [string, Plan][])('%s', (code, plan) => {
    expect(codes(plan)).toContain(code);
    expect(after(plan, code)).not.toContain(code);
  });
  test('a tarp with no size large enough says by how much, both ways', () => {
    const wide = withCover(
      [
        [0, 0],
        [12, 0],
        [12, 9],
        [0, 9],
      ],
      KINDS.tarp.usual(over),
    );
    const short = found(wide).find((f) => f.code === 'cover.too-small');
    // 9 m and a fall of 0.4 with two hems across, 12 m and two overhangs along; the largest is 6 × 8.
    if (short?.code !== 'cover.too-small') throw new Error('not told');
    expect(short.params.across).toBeCloseTo(Math.hypot(9, 0.4) + 0.2 - 6, 9);
    expect(short.params.along).toBeCloseTo(12.4 - 8, 9);
  });
  test('posts under a cover reach it, stand deeper and closer', () => {
    const bare = reckon(anOutline(square));
    const high = reckon(lid({ height: 2.1 }));
    const heights = (r: typeof bare) =>
      r.parts.flatMap((p) => (p.kind === 'post' ? [[p.above, p.depth] as const] : []));
    expect(Math.min(...heights(high).map(([above]) => above))).toBeCloseTo(2.1, 9);
    expect(heights(bare).every(([above]) => Math.abs(above - 1.8) < 1e-9)).toBe(true);
    expect(heights(reckon(lid({}))).map(([, d]) => d)[0]).toBeCloseTo((heights(bare)[0]?.[1] ?? 0) + 0.15, 9);
    expect(high.figures['posts.line']).toBe(2 * 3 + 2 * 2);
    expect(bare.figures['posts.line']).toBe(2 * 2 + 2 * 1);
  });
});

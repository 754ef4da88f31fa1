import { formatPart } from '../../plan/partRef';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { PLAIN_GATE } from '../ways/plan/kinds/gate';
import { apply } from '../../plan/changes';
import { reckon } from '../../reckon';
import type { Part } from '../../reckoning';
import { aPolygon, aRun, anOutline } from '../../testing/aRun';

type PostPart = Extract<Part, { kind: 'post' }>;
const postsOf = (plan: Parameters<typeof reckon>[0]) =>
  reckon(plan).parts.filter((p): p is PostPart => p.kind === 'post');
const alongSide = (plan: Parameters<typeof reckon>[0], side: string) =>
  postsOf(plan)
    .filter((p) => p.side === side)
    .map((p) => Number(p.along.toFixed(4)))
    .sort((a, b) => a - b);

const gatePosts = (plan: Parameters<typeof reckon>[0]) =>
  postsOf(plan)
    .filter((p) => p.role === 'gate')
    .map((p) => Number(p.along.toFixed(4)))
    .sort((a, b) => a - b);

describe('posts along a fence', () => {
  test('are never further apart than the spacing, and bays of a stretch are equal', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 15, max: 300 }).map((n) => n / 10),
        fc.integer({ min: 15, max: 300 }).map((n) => n / 10),
        fc.integer({ min: 8, max: 30 }).map((n) => n / 10),
        fc.constantFrom(0, 0.8, 0.95, 1.3),
        (width, depth, spacing, gate) => {
          const plan = aRun({ width, depth, gate, house: 'none', choices: { spacing } });
          for (const side of ['s1', 's2', 's3', 's4']) {
            const length = side === 's1' || side === 's3' ? depth : width;
            const along = [...new Set([0, ...alongSide(plan, side), Number(length.toFixed(4))])].sort(
              (a, b) => a - b,
            );
            along.slice(1).forEach((to, i) => {
              const bay = to - (along[i] ?? 0);
              const isGate = side === 's2' && Math.abs(bay - gate) < 1e-3;
              if (!isGate) expect(bay).toBeLessThanOrEqual(spacing + 1e-3);
            });
          }
        },
      ),
      { numRuns: 60 },
    );
  });
  test('are one a node: no two stand in the same place', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 24 }), fc.integer({ min: 10, max: 60 }), (n, side) => {
        const parts = postsOf(aPolygon(n, side / 10));
        expect(new Set(parts.map((p) => formatPart(p.part))).size).toBe(parts.length);
        expect(parts.map((p) => p.number)).toEqual(parts.map((_, i) => i + 1));
      }),
    );
  });
  test('a gate stands between its own two posts', () => {
    const plan = aRun();
    expect(gatePosts(plan)).toEqual([1.325, 2.275]);
    const moved = apply(plan, { verb: 'set-opening', id: 'g1', to: { along: 0.4 } });
    expect(gatePosts(moved)).toEqual([0.4, 1.35]);
  });
  test('a gate from corner to corner takes both corner posts', () => {
    const plan = apply(aRun({ width: 1.3, house: 'none', gate: 0 }), {
      verb: 'add-opening',
      opening: {
        ...PLAIN_GATE,
        id: 'g',
        side: 's2',
        along: 0,
        width: 1.3,
      },
    });
    const f = reckon(plan).figures;
    expect([f['posts.corner'], f['posts.gate'], f['posts.line']]).toEqual([2, 2, 4]);
  });
  test('a side walked backwards carries its gate in the same place', () => {
    const plan = aRun({ house: 'none' });
    const sides = plan.sides.map((s) => (s.id === 's2' ? { ...s, from: s.to, to: s.from } : s));
    const ring = plan.enclosures[0]?.ring.map((step) => ({ ...step, forward: step.side !== 's2' })) ?? [];
    const enclosure = plan.enclosures[0];
    if (!enclosure) throw new Error('no enclosure');
    const turned = apply(
      { ...plan, sides, enclosures: [{ ...enclosure, ring }] },
      { verb: 'set-opening', id: 'g1', to: { along: 0.5 } },
    );
    const straight = apply(plan, { verb: 'set-opening', id: 'g1', to: { along: 3.6 - 0.5 - 0.95 } });
    expect(reckon(turned).figures).toEqual(reckon(straight).figures);
    expect(gatePosts(turned)).toEqual([0.5, 1.45]);
  });
  test('a fence that meets an existing wall has a wall post there', () => {
    const plan = anOutline(
      [
        [0, 0],
        [4.8, 0],
        [4.8, 2.4],
        [0, 2.4],
      ],
      {},
      { 2: 'wall' },
    );
    const f = reckon(plan).figures;
    expect([f['posts.corner'], f['posts.wall'], f['posts.end']]).toEqual([2, 2, 0]);
  });
  test('a fence beside the house on the same line has a wall post where it begins', () => {
    const plan = apply(aRun(), { verb: 'move-side', side: 's3', by: 2 });
    const f = reckon(plan).figures;
    expect([f['posts.corner'], f['posts.wall']]).toEqual([3, 2]);
  });
});

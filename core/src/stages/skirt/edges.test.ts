import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Plan } from '../../plan/schema';
import { proposePlan } from '../../starts';
import { surveyRings } from '../../ground/survey';
import { walksOf } from '../../ground/walksOf';
import { distance } from '../../ground/vector';
import { aRun, anOutline } from '../../testing/aRun';
import { moved, turnedBy } from '../../testing/randomRun';
import { uniform } from '../../testing/uniform';
import { type SkirtChain, skirtChains } from './edges';

const chainOf = (plan: Plan, round: 'fence' | 'house' = 'house'): SkirtChain => {
  const rings = surveyRings(plan);
  const lines = walksOf(plan, rings).flatMap((w) => w.lines);
  const [chain] = skirtChains(lines, (line) => line.length, round, {
    rings,
    buildings: plan.ground.buildings,
  });
  if (!chain) throw new Error('no fence');
  return chain;
};
const wallsOf = (chain: SkirtChain) => chain.edges.filter((e) => 'wall' in e.of);
const degrees = (chain: SkirtChain) => chain.edges.map((e) => Math.round((e.turn * 180) / Math.PI));

describe('round the house', () => {
  test('as wide as the run: three walls, straight on from the fence, convex at the two outer corners', () => {
    const chain = chainOf(aRun());
    expect(chain.cyclic).toBe(true);
    expect(wallsOf(chain).map((e) => Number(e.length.toFixed(6)))).toEqual([1.8, 3.6, 1.8]);
    expect(degrees(chain)).toEqual([90, 90, 0, 90, 90, 0]);
  });
  test('narrower than the run: reflex where fence meets wall', () => {
    const plan = proposePlan({ id: 'p', name: 'P', units: 'metric', flock: [], houseWidth: 1.2 });
    const turns = degrees(chainOf(plan));
    expect(turns.filter((t) => t === -90)).toHaveLength(2);
    expect(turns.reduce((a, b) => a + b, 0)).toBe(360);
  });
  test('carried along the fence alone it stops at the house', () => {
    const chain = chainOf(aRun(), 'fence');
    expect(chain.cyclic).toBe(false);
    expect(wallsOf(chain)).toEqual([]);
  });
  test('of no house there is nothing to go round', () => {
    expect(wallsOf(chainOf(aRun({ house: 'none' })))).toEqual([]);
    const open = anOutline(
      [
        [0, 0],
        [4, 0],
        [4, 3],
        [0, 3],
      ],
      {},
      { 3: 'open' },
    );
    expect(wallsOf(chainOf(open))).toEqual([]);
  });
  test('is the same way round wherever the run lies: edges join, and the whole turns once', () => {
    fc.assert(
      fc.property(
        uniform(2, 9),
        uniform(2, 6),
        uniform(-3, 3),
        uniform(-20, 20),
        (depth, width, turn, shift) => {
          const plan = moved(aRun({ depth, width }), turnedBy(turn, { x: shift, y: -shift }));
          const { edges, cyclic } = chainOf(plan);
          expect(cyclic).toBe(true);
          edges.forEach((edge, i) => {
            const next = edges[(i + 1) % edges.length];
            expect(distance(edge.end, next?.start ?? { x: NaN, y: NaN })).toBeLessThan(0.05);
            // Outside is to the same hand all round.
            expect(
              Math.abs(edge.direction.x * edge.outward.x + edge.direction.y * edge.outward.y),
            ).toBeLessThan(1e-6);
          });
          expect(edges.reduce((total, e) => total + e.turn, 0)).toBeCloseTo(2 * Math.PI, 3);
          const round = edges.reduce((total, e) => total + e.length, 0);
          expect(round).toBeCloseTo(2 * (depth + 1.8 + width), 3);
        },
      ),
      { numRuns: 60 },
    );
  });
});

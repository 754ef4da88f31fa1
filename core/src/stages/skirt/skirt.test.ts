import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { reckon } from '../../reckon';
import { aPolygon, anOutline } from '../../testing/aRun';
import { apronCorner } from './strips';

const apron = (width: number) => ({
  skirt: { kind: 'apron', mesh: 'welded-75x50', width, lapUp: 0.1 } as const,
});
const buried = (depth: number) => ({
  skirt: { kind: 'buried', mesh: 'fine-13', depth, lapUp: 0.1 } as const,
});
const strip = (plan: Parameters<typeof reckon>[0]) => reckon(plan).figures['skirt.stripLength'] ?? NaN;

describe('round a corner', () => {
  test.each([
    [30, 0.5],
    [45, Math.SQRT1_2],
    [60, Math.sqrt(3) / 2],
    [90, 1],
    [120, 1.5],
    [150, 1 + Math.sqrt(3) / 2],
    [0, 0],
    [-90, 0],
  ])('of %d° the strips run on by %d widths together', (degrees, widths) => {
    const { ahead, back } = apronCorner((degrees * Math.PI) / 180);
    expect(ahead + back).toBeCloseTo(widths, 9);
  });
  test('up to 90° the earlier strip alone runs on', () => {
    expect(apronCorner(Math.PI / 3).back).toBe(0);
    expect(apronCorner((2 * Math.PI) / 3).ahead).toBe(1);
  });
});

/** A staircase up and back: any number of convex and reflex right angles. */
const staircase = (steps: readonly number[]) => {
  const points: [number, number][] = [[0, 0]];
  let [x, y] = [0, 0];
  for (const step of steps) {
    x += step;
    points.push([x, y]);
    y += step;
    points.push([x, y]);
  }
  points.push([0, y]);
  return points;
};

describe('strip length', () => {
  test('of a regular outline is its fence and n corners', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 3, max: 40 }),
        fc.integer({ min: 15, max: 80 }),
        fc.integer({ min: 2, max: 9 }),
        (n, side, w) => {
          const turn = (2 * Math.PI) / n;
          const corner = turn <= Math.PI / 2 ? Math.sin(turn) : 1 - Math.cos(turn);
          expect(strip(aPolygon(n, side / 10, apron(w / 10)))).toBeCloseTo(
            (n * side) / 10 + (n * corner * w) / 10,
            4,
          );
        },
      ),
      { numRuns: 60 },
    );
  });
  test('of right angles is the fence and one width a convex corner; buried, the fence alone', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.integer({ min: 10, max: 40 }).map((n) => n / 10),
          { minLength: 1, maxLength: 8 },
        ),
        (steps) => {
          const points = staircase(steps);
          const fence = 4 * steps.reduce((a, b) => a + b, 0);
          // A rectilinear ring has four more convex corners than reflex ones; each step after the first adds a reflex.
          const reflex = steps.length - 1;
          expect(strip(anOutline(points, apron(0.45)))).toBeCloseTo(fence + 0.45 * (4 + reflex), 6);
          expect(strip(anOutline(points, buried(0.3)))).toBeCloseTo(fence, 6);
        },
      ),
      { numRuns: 40 },
    );
  });
  test('stops at an open side', () => {
    const open = anOutline(
      [
        [0, 0],
        [4, 0],
        [4, 3],
        [0, 3],
      ],
      apron(0.5),
      { 3: 'open' },
    );
    expect(strip(open)).toBeCloseTo(4 + 3 + 4 + 2 * 0.5, 9);
  });
});

describe('the roll it is cut from', () => {
  test.each([
    [0.45, 0.6],
    [0.5, 0.6],
    [0.6, 0.9],
    [0.8, 0.9],
    [0.9, 1.2],
  ])('an apron of %d with 0.10 up the wall comes from a roll of %d', (width, roll) => {
    const pool = reckon(aPolygon(4, 5, apron(width))).cutting.find((p) => p.product === 'welded-75x50');
    expect(pool?.width).toBe(roll);
  });
  test('wider than any roll is a finding', () => {
    expect(reckon(aPolygon(4, 5, apron(1.2))).findings.map((f) => f.code)).toContain('skirt.no-roll');
  });
  test('of one product and width with the wall is cut from the same rolls', () => {
    const choices = {
      bands: [{ id: 'low', mesh: 'fine-13', top: 0.6, widths: [0.6] }],
      skirt: { kind: 'apron', mesh: 'fine-13', width: 0.45, lapUp: 0.1 } as const,
    };
    const { cutting } = reckon(aPolygon(4, 5, choices));
    expect(cutting.map((p) => p.id)).toEqual(['fine-13@0.6']);
    expect(new Set(cutting[0]?.rolls.flatMap((r) => r.pieces.map((p) => p.use)))).toEqual(
      new Set(['band', 'skirt']),
    );
  });
});

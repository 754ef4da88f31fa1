import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type Vector, cross, insideOrOn, leftOf, minus, segmentsCross } from './vector';

/** Places on a grid of 2⁻⁴⁰ m: a double holds them to the last bit, and whole numbers of steps reckon exactly. */
const STEP = 2 ** -40;
const steps = fc.bigInt({ min: -(1n << 45n), max: 1n << 45n });
const grid = fc.tuple(steps, steps);
type Exact = readonly [x: bigint, y: bigint];
const at = ([x, y]: Exact): Vector => ({ x: Number(x) * STEP, y: Number(y) * STEP });
const exactly = (p: Exact, a: Exact, b: Exact): number => {
  const turn = (b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]);
  return turn > 0n ? 1 : turn < 0n ? -1 : 0;
};
/** Whole x and y with `m·y − n·x` the greatest common divisor of the two (Euclid). */
function bezout(m: bigint, n: bigint): Exact {
  let [r, s, t, r2, s2, t2] = [m, 1n, 0n, n, 0n, 1n];
  while (r2 !== 0n) {
    const q = r / r2;
    [r, s, t, r2, s2, t2] = [r2, s2, t2, r - q * r2, s - q * s2, t - q * t2];
  }
  return r < 0n ? [t, -s] : [-t, s];
}
/** Two places, and a third so near their line that the sign is that of a figure of a few steps among products of 2⁹⁰. */
const nearLine = fc
  .tuple(grid, grid, fc.bigInt({ min: -2n, max: 2n }), fc.bigInt({ min: -1n, max: 1n }))
  .map(([a, way, off, on]): readonly [Exact, Exact, Exact] => {
    const [x, y] = bezout(...way);
    return [a, [a[0] + way[0], a[1] + way[1]], [a[0] + off * x + on * way[0], a[1] + off * y + on * way[1]]];
  });

describe('which side of a line a point lies on', () => {
  test('is what exact arithmetic says, within steps of a millionth of a millionth of a metre of the line', () => {
    let rounded = 0;
    fc.assert(
      fc.property(nearLine, ([a, b, p]) => {
        const exact = exactly(p, a, b);
        expect(Math.sign(leftOf(at(p), at(a), at(b))) + 0).toBe(exact);
        if (Math.sign(cross(minus(at(b), at(a)), minus(at(p), at(a)))) !== exact) rounded += 1;
      }),
      { numRuns: 2000 },
    );
    // Plain rounding is wrong about some of them: the test looks where it matters.
    expect(rounded).toBeGreaterThan(0);
  });
  test('turns round with the way that is looked along', () => {
    fc.assert(
      fc.property(nearLine, ([a, b, p]) => {
        expect(Math.sign(leftOf(at(p), at(a), at(b)))).toBeCloseTo(
          -Math.sign(leftOf(at(p), at(b), at(a))),
          9,
        );
      }),
    );
  });
});

test('two segments cross whichever is named first and from whichever end', () => {
  fc.assert(
    fc.property(nearLine, nearLine, ([a, b, c], [d]) => {
      const [p, q, r, s] = [at(a), at(b), at(c), at(d)];
      const crosses = segmentsCross(p, q, r, s);
      const exact = exactly(c, a, b) * exactly(d, a, b) < 0 && exactly(a, c, d) * exactly(b, c, d) < 0;
      expect(crosses).toBe(exact);
      expect(segmentsCross(r, s, q, p)).toBe(crosses);
    }),
    { numRuns: 1000 },
  );
});

test('a point is inside one of the halves that a line parts a square into, and of both only on the line', () => {
  const square: readonly Exact[] = [
    [0n, 0n],
    [1n << 44n, 0n],
    [1n << 44n, 1n << 44n],
    [0n, 1n << 44n],
  ];
  const inside = fc.bigInt({ min: 1n, max: (1n << 44n) - 1n });
  fc.assert(
    fc.property(inside, fc.bigInt({ min: -2n, max: 2n }), (t, off) => {
      const [a, b, c, d] = square as [Exact, Exact, Exact, Exact];
      const p: Exact = [t, t + off];
      fc.pre(p[1] > 0n && p[1] < 1n << 44n);
      const halves = [
        [a, b, c],
        [a, c, d],
      ].map((half) => insideOrOn(at(p), half.map(at), 0));
      expect(halves).toEqual(off === 0n ? [true, true] : [off < 0n, off > 0n]);
    }),
    { numRuns: 500 },
  );
});

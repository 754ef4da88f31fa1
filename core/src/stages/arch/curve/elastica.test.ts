import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { HIGHEST, chordFor, elastica, heightAt, pointsOf, widthAt } from './elastica';
import { completeElliptic } from './elliptic';

const arch = (length: number, chord: number) => {
  const curve = elastica(length, chord);
  if (!curve) throw new Error('no arch');
  return curve;
};

/** By the midpoint rule, which for a full period is as good as any. */
const summed = (f: (t: number) => number) => {
  const n = 4000;
  let total = 0;
  for (let i = 0; i < n; i++) total += f(((i + 0.5) / n) * (Math.PI / 2));
  return (total * Math.PI) / 2 / n;
};

/** The same strip by its differential equation θ'' = −λ² sin θ alone, from its foot: no elliptic integral in it. */
function shot(length: number, endAngle: number, lambda: number) {
  const n = 20_000;
  const ds = length / n;
  let [theta, bend, x, y, high] = [endAngle, 0, 0, 0, 0];
  const slope = (t: number) => -lambda * lambda * Math.sin(t);
  for (let i = 0; i < n; i++) {
    const half = bend + (slope(theta) * ds) / 2;
    const middle = theta + (half * ds) / 2;
    x += Math.cos(middle) * ds;
    y += Math.sin(middle) * ds;
    theta += half * ds;
    bend = half + (slope(theta) * ds) / 2;
    high = Math.max(high, y);
  }
  return { x, y, high };
}

describe('complete elliptic integrals', () => {
  test.each([0, 0.1, 0.5, 0.7, 0.9, 0.99])('agree with numerical integration at k = %p', (k) => {
    const root = (t: number) => Math.sqrt(1 - (k * Math.sin(t)) ** 2);
    const { K, E } = completeElliptic(k);
    expect(K).toBeCloseTo(
      summed((t) => 1 / root(t)),
      9,
    );
    expect(E).toBeCloseTo(summed(root), 9);
  });
  test('are refused where there are none', () => {
    expect(() => completeElliptic(1)).toThrow(RangeError);
  });
});

describe('a panel of 4.88', () => {
  test('on a base of 2.20 rises 1.866 and stands at 90.6°', () => {
    const curve = arch(4.88, 2.2);
    expect(curve.ratio).toBeCloseTo(0.4508, 4);
    expect(curve.rise).toBeCloseTo(1.866, 3);
    expect((curve.endAngle * 180) / Math.PI).toBeCloseTo(90.6, 1);
    expect(curve.area).toBeCloseTo(3.448, 3);
    expect(widthAt(curve, 1.5)).toBeCloseTo(1.507, 3);
    expect(widthAt(curve, 1.7)).toBeCloseTo(1.066, 3);
  });
  test('on a base of 2.60 rises 1.787', () => {
    const curve = arch(4.88, 2.6);
    expect(curve.rise).toBeCloseTo(1.787, 3);
    expect(curve.area).toBeCloseTo(3.631, 3);
    expect(widthAt(curve, 1.5)).toBeCloseTo(1.446, 3);
    expect(widthAt(curve, 1.7)).toBeCloseTo(0.83, 3);
  });
  test('leans outward below a ratio of 0.457, where its foot stands upright', () => {
    expect(arch(1, 0.4569).endAngle).toBeGreaterThan(Math.PI / 2);
    expect(arch(1, 0.457).endAngle).toBeLessThan(Math.PI / 2);
    expect(arch(1, 0.4).widest).toBeGreaterThan(0.4);
    expect(arch(1, 0.5).widest).toBe(0.5);
  });
});

test('a strip no longer than its chord is no arch', () => {
  for (const [length, chord] of [
    [2, 2],
    [2, 2.1],
    [0, 1],
    [1, 0],
    [Number.NaN, 1],
  ] as const)
    expect(elastica(length, chord)).toBeNull();
});

const strip = (least: number) =>
  fc.record({
    length: fc.double({ min: 0.5, max: 12, noNaN: true }),
    ratio: fc.double({ min: least, max: 0.98, noNaN: true }),
  });
const strips = strip(0.05);
const standing = strip(HIGHEST + 0.005);

describe('whatever the strip', () => {
  test('the drawn curve is as long as it within 1 mm, and its shoelace is the area', () => {
    fc.assert(
      fc.property(strips, ({ length, ratio }) => {
        const curve = arch(length, length * ratio);
        const points = pointsOf(curve, 400);
        let [along, twice] = [0, 0];
        points.forEach((p, i) => {
          const q = points[i + 1];
          if (!q) return;
          along += Math.hypot(q.x - p.x, q.y - p.y);
          twice += p.y * q.x - q.y * p.x;
        });
        expect(Math.abs(along - length)).toBeLessThan(1e-3);
        expect(Math.abs(twice / 2 - curve.area)).toBeLessThan(1e-3 * length);
        expect((points.at(-1)?.x ?? 0) - (points[0]?.x ?? 0)).toBeCloseTo(curve.chord, 9);
        expect(2 * Math.max(...points.map((p) => p.x))).toBeLessThanOrEqual(curve.widest + 1e-9);
      }),
      { numRuns: 200 },
    );
  });
  test('it is the one that its differential equation gives', () => {
    fc.assert(
      fc.property(strips, ({ length, ratio }) => {
        const curve = arch(length, length * ratio);
        const end = shot(length, curve.endAngle, (2 * curve.quarter) / length);
        expect(end.x).toBeCloseTo(curve.chord, 3);
        expect(end.y).toBeCloseTo(0, 3);
        expect(end.high).toBeCloseTo(curve.rise, 3);
      }),
      { numRuns: 25 },
    );
  });
  test('it rises less on a wider base, from a fifth of its length up', () => {
    fc.assert(
      fc.property(standing, fc.double({ min: 0.001, max: 0.9, noNaN: true }), ({ length, ratio }, more) => {
        const wider = ratio + (0.99 - ratio) * more;
        expect(arch(length, length * wider).rise).toBeLessThan(arch(length, length * ratio).rise);
      }),
    );
  });
  test('width at a height and height at a width are each other’s inverse above its widest', () => {
    fc.assert(
      fc.property(strips, fc.double({ min: 0.02, max: 0.98, noNaN: true }), ({ length, ratio }, share) => {
        const curve = arch(length, length * ratio);
        const beside = (curve.widest / 2) * share;
        expect(widthAt(curve, heightAt(curve, beside))).toBeCloseTo(2 * beside, 6);
      }),
    );
  });
  test('a height that was reached is reached again on the base that it gives', () => {
    fc.assert(
      fc.property(standing, ({ length, ratio }) => {
        const chord = chordFor(length, arch(length, length * ratio).rise);
        expect(chord).toBeCloseTo(length * ratio, 5);
      }),
      { numRuns: 50 },
    );
    expect(chordFor(4.88, 3)).toBeNull();
  });
});

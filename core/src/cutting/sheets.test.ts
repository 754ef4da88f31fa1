import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sheetOf } from '../testing/pools';
import { blockOf } from './sheets';

describe('small pieces cut from a roll of 1.2', () => {
  test.each([
    [
      'three vents side by side',
      [
        [0.5, 0.4],
        [0.5, 0.4],
        [0.5, 0.4],
      ],
      0.4 + 0.1,
    ],
    ['a leaf alone, along the roll', [[1.0, 1.8]], 1.8],
    [
      'two patches beside each other',
      [
        [0.6, 0.6],
        [0.6, 0.6],
      ],
      0.6,
    ],
    [
      'a vent in what a leaf leaves beside it',
      [
        [0.8, 1.8],
        [0.4, 0.9],
      ],
      1.8,
    ],
    [
      'two in a column beside a longer one',
      [
        [0.8, 1.8],
        [0.4, 0.9],
        [0.4, 0.9],
      ],
      1.8,
    ],
  ] as const)('%s', (_, sizes, most) => {
    const block = blockOf(
      sizes.map(([a, b], i) => sheetOf(a, b, i)),
      1.2,
    );
    expect(block.length).toBeLessThanOrEqual(most + 1e-9);
  });
  test('never overlap, never reach past the edge, and take the roll that is said', () => {
    const size = fc.integer({ min: 1, max: 11 }).map((n) => n / 10);
    fc.assert(
      fc.property(fc.array(fc.tuple(size, size), { minLength: 1, maxLength: 9 }), (sizes) => {
        const { spots, length } = blockOf(
          sizes.map(([a, b], i) => sheetOf(a, b, i)),
          1.2,
        );
        expect(spots).toHaveLength(sizes.length);
        expect(new Set(spots.map((s) => s.run.part)).size).toBe(sizes.length);
        for (const s of spots) {
          expect([s.along, s.across].sort()).toEqual([s.run.length, s.run.across].sort());
          expect(s.x + s.along).toBeLessThanOrEqual(length + 1e-9);
          expect(s.y + s.across).toBeLessThanOrEqual(1.2 + 1e-9);
        }
        spots.forEach((a, i) => {
          for (const b of spots.slice(i + 1)) {
            const apart =
              a.x + a.along <= b.x + 1e-9 ||
              b.x + b.along <= a.x + 1e-9 ||
              a.y + a.across <= b.y + 1e-9 ||
              b.y + b.across <= a.y + 1e-9;
            expect(apart).toBe(true);
          }
        });
        const area = sizes.reduce((total, [a, b]) => total + a * b, 0);
        expect(length * 1.2).toBeGreaterThanOrEqual(area - 1e-9);
      }),
      { numRuns: 80 },
    );
  });
});

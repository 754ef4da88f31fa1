import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { crossesItself, lengthOf } from '../route/loop';
import { clearanceOf } from '../route/clear';
import { type Thing, thingsOf } from '../route/things';
import { type LargestTask, fits, largestLoop, regularArea } from './largest';

const bare: LargestTask = {
  pieces: [50],
  spacing: 25 / 7,
  inside: [],
  outside: [],
  lines: [],
  about: { x: 0, y: 0 },
};
const house: Thing[] = [
  ...thingsOf({
    buildings: [
      {
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
        stands: 'walls',
      },
    ],
    trees: [],
    obstacles: [],
    rings: [],
  }),
];
const poles = (places: readonly (readonly [number, number])[]): readonly Thing[] =>
  thingsOf({
    buildings: [],
    trees: [],
    rings: [],
    obstacles: places.map(([x, y], i) => ({
      id: `p${i}`,
      name: `pole ${i + 1}`,
      kind: 'pole',
      at: { x, y },
      across: 0.2,
      height: 3,
    })),
  });
const loop = (task: LargestTask) => {
  const found = largestLoop(task);
  if (found.found !== 'loop') throw new Error(found.found);
  return found;
};

describe('the largest loop', () => {
  test('a regular polygon of very many corners is the circle: 198.94 m² of one net of 50', () => {
    expect(regularArea(50, 100_000)).toBeCloseTo(2500 / (4 * Math.PI), 4);
    expect(regularArea(50, 100_000)).toBeCloseTo(198.94, 2);
    expect(regularArea(50, 4)).toBeCloseTo(156.25, 9);
  });
  test.each([[[25]], [[50]], [[30, 50]], [[50, 50, 50]], [[50, 50, 50, 50]]])(
    'of %p on open ground is within one per cent of its bound',
    (pieces) => {
      const { area, bound, length } = loop({ ...bare, pieces });
      expect(area).toBeGreaterThan(0.99 * bound);
      expect(area).toBeLessThanOrEqual(bound);
      expect(length).toBeLessThanOrEqual(pieces.reduce((t, p) => t + p, 0) + 1e-6);
    },
  );
  test('between two straight lines it is nearly the stadium', () => {
    const line = (y: number, keeps: number) => ({
      line: [
        { x: -60, y },
        { x: 60, y },
      ],
      keeps,
    });
    const { area } = loop({ ...bare, pieces: [50, 50], inside: house, lines: [line(4, 0), line(-6, 2)] });
    // Eight wide: straights and two half circles.
    const best = ((100 - 8 * Math.PI) / 2) * 8 + 16 * Math.PI;
    expect(area).toBeLessThan(best);
    expect(area).toBeGreaterThan(0.98 * best);
  });
  test('beside a wall it is nearly the largest segment of a circle', () => {
    const lines = [
      {
        line: [
          { x: -60, y: 0 },
          { x: 60, y: 0 },
        ],
        keeps: 0,
      },
    ];
    // A wall does not stand in for net: the loop goes along it, and no shape is larger than the circle beside it.
    const { area, bound } = loop({ ...bare, about: { x: 0, y: 1.5 }, lines });
    expect(area).toBeGreaterThan(0.99 * bound);
  });
  test('what has to be inside is, what stays out is, each as far off as it has to be', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: -20, max: 20 }), fc.integer({ min: -20, max: 20 })), {
          maxLength: 9,
        }),
        fc.constantFrom([50], [25, 25, 30], [50, 50]),
        (places, pieces) => {
          const outside = poles(places.filter(([x, y]) => Math.hypot(x, y) > 4));
          const task = { ...bare, inside: house, outside, pieces };
          const { points, area, bound } = loop(task);
          expect(crossesItself(points, 'loop')).toBe(false);
          expect(lengthOf(points, 'loop')).toBeLessThanOrEqual(pieces.reduce((t, p) => t + p, 0) + 1e-6);
          for (const thing of house)
            expect(clearanceOf(points, 'loop', thing)).toMatchObject({ stands: 'inside' });
          for (const thing of outside) {
            const { stands, gap, wanted } = clearanceOf(points, 'loop', thing);
            expect(stands).toBe('outside');
            expect(gap).toBeGreaterThan(wanted - 0.0021);
          }
          expect(area).toBeLessThanOrEqual(bound);
          // No worse than the tightest.
          expect(area).toBeGreaterThanOrEqual(8);
        },
      ),
      { numRuns: 8 },
    );
  });
  test('nets that do not go round say by how much, and a pole between says so', () => {
    const far = poles([
      [9.2, 0],
      [-9.2, 0],
    ]);
    // Round two poles of 0.1 with 1.0 of room, the house between them: a stadium.
    const round = 2 * 18.4 + 2 * Math.PI * 1.1;
    const short = largestLoop({ ...bare, pieces: [25], inside: [...house, ...far] });
    expect(short.found === 'short' && short.length).toBeGreaterThan(round - 1e-9);
    expect(short.found === 'short' && short.by + 25).toBeCloseTo(
      short.found === 'short' ? short.length : NaN,
      9,
    );
    const [between] = poles([[4, 0]]);
    expect(
      largestLoop({ ...bare, inside: [...house, ...poles([[9.2, 0]])], outside: between ? [between] : [] }),
    ).toEqual({ found: 'between', things: ['pole 1'] });
  });
  test('it ends where it is told to, with the best so far', () => {
    let told = 0;
    const task = {
      ...bare,
      inside: house,
      outside: poles([
        [6, 0],
        [0, 7],
        [-7, -3],
      ]),
    };
    const found = largestLoop(task, () => {
      told += 1;
      return 'stop';
    });
    expect(told).toBe(1);
    expect(found.found === 'loop' && fits(found.points, task, 50)).toBe(true);
  });
});

import { relief } from '@aviarum/core';
import { fallArrows } from './fallArrows';

const heights = [
  { id: 'a', at: { x: 0, y: 0 }, height: 1 },
  { id: 'b', at: { x: 20, y: 0 }, height: 1 },
  { id: 'c', at: { x: 20, y: 20 }, height: 0 },
  { id: 'd', at: { x: 0, y: 20 }, height: 0 },
];
const { arrows } = relief(heights, { left: 0, right: 20, low: 0, high: 20 });

describe('arrows down the slope', () => {
  test('one of two that would stand too near is left out, both stand when there is room', () => {
    expect(arrows).toHaveLength(2);
    expect(fallArrows(arrows, 10, [], [])).toHaveLength(1);
    expect(fallArrows(arrows, 40, [], [])).toHaveLength(2);
  });

  test('an arrow steps aside from a pipe, and stays on its own slope', () => {
    const at = arrows[0]?.at ?? { x: 0, y: 0 };
    const pipe = [
      { x: at.x - 1, y: at.y },
      { x: at.x + 1, y: at.y },
    ];
    const [moved] = fallArrows(arrows.slice(0, 1), 30, [], [pipe]);
    expect(moved).toBeDefined();
    expect(
      Math.abs((moved?.at.y ?? 0) - at.y) * 30 + Math.abs((moved?.at.x ?? 0) - at.x) * 30,
    ).toBeGreaterThan(44);
    expect(moved?.way).toEqual(arrows[0]?.way);
  });

  test('where there is no room nothing is drawn', () => {
    const middles = arrows.flatMap((a) => [a.at, ...a.over]);
    expect(fallArrows(arrows, 5, middles, [])).toEqual([]);
  });
});

import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { snapCorner, snapGround } from './snaps';
import { aRun, anOutline } from '../testing/aRun';
import { uniform } from '../testing/uniform';

const plan = anOutline([
  [0, 0],
  [6, 0],
  [6.3, 4.2],
  [0, 4],
]);
const ground = snapGround(plan, 'p2');

describe('a dragged corner falls', () => {
  test('into the right angle that two lines make', () => {
    const { at, guides } = snapCorner(ground, { x: 5.95, y: 4.04 }, 0.15, 0.1);
    expect([at.x, at.y]).toEqual([expect.closeTo(6, 9), expect.closeTo(4, 9)]);
    expect(guides).toHaveLength(2);
    expect(guides.map((g) => g.kind)).toContain('right-angle');
  });
  test('square to a neighbour at a round length', () => {
    const { at, guides } = snapCorner(ground, { x: 6.04, y: 5.53 }, 0.15, 0.1);
    expect(at.x).toBeCloseTo(6, 9);
    expect(at.y).toBeCloseTo(5.5, 9);
    expect(guides[0]?.length).toBeCloseTo(5.5, 9);
  });
  test('on a corner of the house, and on its wall', () => {
    const run = aRun();
    const near = snapGround(run, 'c3');
    expect(snapCorner(near, { x: -1.75, y: 0.06 }, 0.15, 0.1)).toMatchObject({
      at: { x: -1.8, y: 0 },
      guides: [{ kind: 'on-corner' }],
    });
    const wall = snapCorner(near, { x: -1.7, y: 1.42 }, 0.15, 0.1);
    expect(wall.at.x).toBeCloseTo(-1.8, 9);
    expect(wall.guides[0]?.kind).toBe('on-wall');
  });
  test('on the nearest round step where nothing is near', () => {
    const bare = { neighbours: [], beyond: [], others: [], walls: [] };
    const { at, guides } = snapCorner(bare, { x: 2.234, y: 7.96 }, 0.1, 0.1);
    expect([at.x, at.y]).toEqual([expect.closeTo(2.2, 9), expect.closeTo(8, 9)]);
    expect(guides).toEqual([]);
  });
  test('never further than twice the reach and a step from the pointer', () => {
    fc.assert(
      fc.property(uniform(-3, 9), uniform(-3, 9), uniform(0.02, 0.4), (x, y, reach) => {
        const { at } = snapCorner(ground, { x, y }, reach, 0.1);
        expect(Math.hypot(at.x - x, at.y - y)).toBeLessThanOrEqual(2 * reach + 0.1);
      }),
    );
  });
});

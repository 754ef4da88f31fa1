import { describe, expect, test } from '@jest/globals';
import { boundsAt, everyBound } from './bounds';

describe('bounds of a field', () => {
  test.each<[string, number, number]>([
    ['ground.frost', 0, 3],
    ['ground.trees.trunk', 0, 5],
    ['corners.x', -10000, 10000],
    ['openings.gate.gap', 0, 0.2],
    ['openings.gate.height', 0.5, 4],
    ['openings.hatch.height', 0.1, 1.5],
    ['openings.pop-door.width', 0.15, 1.5],
    ['choices.plan.spacing', 0.3, 6],
    ['choices.plan.bands.bottom', 0, 6],
    ['choices.plan.skirt.apron.lapUp', 0, 0.5],
    ['postPins.post.standing.above', 0.1, 10],
    ['flock.count', 0, 100000],
    ['owned.roll.width', 0.05, 15],
    ['buying.ownProducts.opening.up', 0.001, 0.5],
  ])('%s is from %d to %d', (path, least, most) => {
    expect(boundsAt(path)).toEqual({ least, most });
  });
  test('is the same in the table of all of them', () => {
    const all = Object.entries(everyBound());
    for (const [path, [least, most]] of all) expect([path, boundsAt(path)]).toEqual([path, { least, most }]);
    const paths = all.map(([path]) => path);
    expect(new Set(paths).size).toBe(paths.length);
    for (const path of ['ground.frost', 'openings.pop-door.width', 'choices.plan.skirt.apron.lapUp'])
      expect(paths).toContain(path);
  });
  test('is an error where there is no such field, or it has none', () => {
    expect(() => boundsAt('ground.moat')).toThrow('no field ground.moat');
    expect(() => boundsAt('openings.gap')).toThrow(RangeError);
    expect(() => boundsAt('name')).toThrow(RangeError);
  });
});

import { describe, expect, test } from '@jest/globals';
import { POSTS } from '../../catalogue/posts';
import { reckon } from '../../reckon';
import { aRun } from '../../testing/aRun';
import { depthInGround, holeFor } from './footing';

const post = (id: string) => {
  const found = POSTS.find((p) => p.id === id);
  if (!found) throw new Error(id);
  return found;
};

describe('how deep a post stands', () => {
  test.each([
    ['t-40', 'line', 1.75, 0.45],
    ['t-40', 'line', 1.8, 0.6],
    ['round-100', 'line', 1.2, 0.6],
    ['round-100', 'line', 2.4, 0.8],
    ['round-100', 'corner', 1.2, 0.75],
    ['round-100', 'gate', 2.4, 0.95],
    ['round-100', 'wall', 1.75, 0.6],
  ] as const)('%s as %s post, %d above ground: %d', (id, role, above, depth) => {
    expect(depthInGround(post(id), role, { above, load: 'fence', frost: 0.45 })).toBeCloseTo(depth, 9);
  });
});

describe('holes', () => {
  test('a round post of 100 in concrete, 0.75 deep: 0.0471 m³, five bags', () => {
    const hole = holeFor(post('round-100'), 'concrete', 0.75);
    expect(hole.width).toBeCloseTo(0.3, 9);
    expect(hole.fill).toBeCloseTo(((Math.PI * (0.09 - 0.01)) / 4) * 0.75, 9);
    expect(Math.ceil(hole.fill / 0.0095)).toBe(5);
  });
  test('a square post has a square hole', () => {
    expect(holeFor(post('sawn-100'), 'tamped', 0.6).fill).toBeCloseTo((0.0625 - 0.01) * 0.6, 9);
  });
});

describe('what is bought for the posts of a run', () => {
  const { docket, figures } = reckon(aRun());
  const line = (id: string) => docket.lines.find((l) => l.id === id);
  test('T posts 1.8 above and 0.60 in the ground come as 2.4, nothing to cut', () => {
    expect(line('post:t-40@2.4')).toMatchObject({ need: 4, buy: 4, price: 4 * 640, detail: { cutOff: 0 } });
  });
  test('corner and gate posts need 2.55 and come as 3.0, wall posts 2.4', () => {
    expect(line('post:round-100@3')).toMatchObject({ need: 4, detail: { roles: ['corner', 'gate'] } });
    expect((line('post:round-100@3')?.detail as { cutOff: number }).cutOff).toBeCloseTo(0.45, 9);
    expect(line('post:round-100@2.4')).toMatchObject({ need: 2, detail: { roles: ['wall'] } });
  });
  test('a wall of 1.8 braces each pulled side once, a stretch under 1.5 sharing one', () => {
    // Long sides: corner end only, wall posts take none: 2. Stretches of 1.325 beside the gate: 1 each.
    expect(figures['posts.braces']).toBe(4);
  });
  test('a wall of 1.5 needs no braces', () => {
    const low = aRun({
      choices: { bands: [{ id: 'wall', mesh: 'welded-50', top: 1.5, widths: 'cheapest' }] },
    });
    expect(reckon(low).figures['posts.braces']).toBe(0);
    expect(reckon(low).docket.lines.some((l) => l.id === 'pack:brace')).toBe(false);
  });
  test('two gate posts in concrete take ten bags', () => {
    expect(line('pack:concrete')).toMatchObject({ need: 10, buy: 10, price: 5900 });
  });
});

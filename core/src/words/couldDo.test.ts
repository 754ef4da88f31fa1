import { expect, test } from '@jest/globals';
import { DEMO_PLANS } from '../plan/samples';
import type { OwnedPiece } from '../catalogue/own';
import { editionOf } from '../catalogue/editionOf';
import { makeReader } from '../saying/makeReader';
import { marketOf } from '../catalogue/market';
import { sayCouldDo, highestWall } from './couldDo';

const [plan] = DEMO_PLANS;
if (!plan) throw new Error('no demo plan');
const market = marketOf(editionOf(plan), plan.buying);
const reader = makeReader('metric', 'XXX');
const bare = { id: 'x', count: 1, condition: 'sound', note: '' } as const;
const said = (piece: OwnedPiece) => sayCouldDo(piece, reader, market);

test('a 2.4 m round post dug a third of its height carries a wall of 1.80', () => {
  // 1.80 and 0.60 in the ground: at 1.85 the third, 0.62, no longer fits.
  expect(highestWall(market.post('round-75'), 2.4)).toBe(1.8);
  expect(said({ ...bare, kind: 'post', product: 'round-75', length: 2.4 })).toBe(
    'a line post of a wall up to 1.80 m',
  );
  expect(said({ ...bare, kind: 'post', product: 'round-75', length: 0.6 })).toBe('too short for any wall');
});
test('every post and length: one step higher no longer fits, or no such post carries it', () => {
  for (const id of market.postIds())
    for (const length of [1.2, 1.8, 2.1, 2.4, 3])
      expect(highestWall(market.post(id), length)).toBeLessThanOrEqual(length);
});
test('a part roll tells the leaves, vents and narrower strip that it still makes', () => {
  const roll: OwnedPiece = { ...bare, kind: 'roll', product: 'welded-50x25', width: 1.2, length: 9.3 };
  // Leaves of 1.05 × 1.75 across 1.2: nine of 1.05 along would be 1.75 across, so five of 1.75 along.
  expect(said(roll)).toContain('5 gate leaves');
  expect(said({ ...roll, length: 0.2 })).toBe('scrap: too short for any patch');
  expect(said({ ...roll, condition: 'poor' })).toBe('not to be used');
});
test('120 staples at 10 cm go along about 12 m', () => {
  expect(said({ ...bare, kind: 'pack', product: 'staple', count: 120 })).toContain('12');
});

import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEMO_PLANS } from './samples';
import { reckon } from '../reckon';
import { type PartRef, formatPart, parsePart, thingOf } from './partRef';
import { byPlace, placeAt } from './place';

const id = fc.stringMatching(/^[A-Za-z0-9_-]{1,12}$/);
const nth = fc.nat(500);

describe('a part', () => {
  test.each<[PartRef, string]>([
    [{ on: 'plan' }, 'plan'],
    [{ on: 'corner-post', corner: 'c1' }, 'corner:c1/post'],
    [{ on: 'gate-post', opening: 'g1', edge: 'near' }, 'opening:g1/post:near'],
    [{ on: 'pin', side: 's1', pin: 'p2' }, 'side:s1/pin:p2'],
    [{ on: 'post', side: 's1', nth: 3 }, 'side:s1/post:3'],
    [{ on: 'run', side: 's1', band: 'low', row: 0, run: 4 }, 'side:s1/band:low/row:0/run:4'],
    [{ on: 'stick', opening: 'g1', stick: 'stile', nth: 2 }, 'opening:g1/stile:2'],
    [{ on: 'house-skirt', building: 'b1', wall: 2 }, 'building:b1/skirt:2'],
    [{ on: 'building-point', building: 'b1', point: 2 }, 'building:b1/2'],
    [{ on: 'pool', pool: 'timber:board-150x25' }, 'pool:timber:board-150x25'],
  ])('%j is written %s, and read as such', (ref, text) => {
    expect(formatPart(ref)).toBe(text);
    expect(parsePart(text)).toEqual(ref);
  });
  test('is read back whatever its ids are', () => {
    fc.assert(
      fc.property(id, id, nth, nth, (a, b, n, m) => {
        const refs: readonly PartRef[] = [
          { on: 'side', side: a },
          { on: 'row', side: a, band: b, row: n },
          { on: 'patch', corner: a, band: b, row: n },
          { on: 'leaf', opening: a, band: b, row: n },
          { on: 'board', side: a, at: 'ground', bay: m },
          { on: 'extra', extra: a, nth: n },
        ];
        for (const ref of refs) expect(parsePart(formatPart(ref))).toEqual(ref);
      }),
    );
  });
  test('of every reckoning is read back', () => {
    for (const plan of DEMO_PLANS) {
      const { parts, findings, cutting } = reckon(plan);
      const pieces = cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces));
      const all = [...parts, ...findings, ...pieces].map(({ part }) => part);
      expect(all.length).toBeGreaterThan(4);
      for (const part of all) expect(parsePart(formatPart(part))).toEqual(part);
    }
  });
  test.each([
    '',
    'side',
    'side:',
    'side:s1/band:',
    'side:s1/post:two',
    'post:side:s1',
    'side:s 1',
    'Side:s1',
  ])('“%s” is none', (text) => expect(parsePart(text)).toBeNull());
  test('tells which thing of the plan it is of', () => {
    expect(thingOf({ on: 'row', side: 's1', band: 'low', row: 0 })).toEqual({ on: 'side', side: 's1' });
    expect(thingOf({ on: 'gate-post', opening: 'g1', edge: 'far' })).toEqual({
      on: 'opening',
      opening: 'g1',
    });
    expect(thingOf({ on: 'flock', flock: 'f1' })).toBeNull();
  });
});

test('walls come before what closes their gates, and a hundred vents after all of it', () => {
  const places = [
    placeAt('extra', 1, 0),
    placeAt('extra', 0, 250),
    placeAt('gate', 1),
    placeAt('wall', 99_999),
  ];
  expect([...places].sort(byPlace)).toEqual([...places].reverse());
});

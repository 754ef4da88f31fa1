import { describe, expect, test } from '@jest/globals';
import { leftOver } from '../cutList/leftOvers';
import { DEMO_SHED } from '../plan/samples';
import { EDITIONS, LATEST_EDITION } from '../catalogue/editions';
import type { OwnedPiece } from '../catalogue/own';
import { makeReader } from '../saying/makeReader';
import { marketOf } from '../catalogue/market';
import { sayChange } from './changes';
import { sayLeftOver } from './cutList';
import { sayOwned, sayProof, sayPriceProof } from './docket';
import { buyingAt } from '../testing/buying';

const edition = EDITIONS[LATEST_EDITION];
if (!edition) throw new Error('the edition is gone');
const market = marketOf(edition, buyingAt(['far-gate', 'longacre'], LATEST_EDITION));
const metres = makeReader('metric', 'XXX');
const feet = makeReader('imperial', 'XXX');

describe('what is owned is said', () => {
  test.each(
    DEMO_SHED.map(
      (piece, i) =>
        [
          [
            'Welded 50 × 25, 1.20 m wide, 9.30 m',
            '4 × Steel T, 2.40 m, worn',
            '1 Live net 1.07 m, single spike, 50 m, worn',
            '1 Live net 1.07 m, single spike, 25 m',
            '120 Staples 25 mm',
          ][i],
          piece,
        ] as const,
    ),
  )('%s', (words, piece) => {
    expect(sayOwned(piece, metres, market)).toBe(words);
  });
  test('in feet, and with the clear width of a kit', () => {
    const kit: OwnedPiece = {
      id: 'k',
      kind: 'kit',
      product: 'gate-kit',
      width: 0.9144,
      count: 1,
      condition: 'sound',
      note: '',
    };
    expect(sayOwned(kit, feet, market)).toMatch(/, 3′ clear$/);
    const plank: OwnedPiece = {
      id: 't',
      kind: 'timber',
      product: 'board-150x25',
      length: 2.4384,
      count: 2,
      condition: 'poor',
      note: '',
    };
    expect(sayOwned(plank, feet, market)).toMatch(/^2 × .*, 8′, poor$/);
  });
});

describe('how good the cutting is, is said', () => {
  const pool = { kind: 'mesh', cost: 1000, bound: 1000, proved: true } as Parameters<typeof sayProof>[0];
  test('as the best possible only where it is proved', () => {
    expect(sayProof(pool, metres)).toBe('Best possible: no set of whole rolls does it for less.');
    expect(sayProof({ ...pool, kind: 'timber' }, metres)).toContain('whole lengths');
    expect(sayProof({ ...pool, bound: 940, proved: false }, metres)).toBe(
      'Not proved the best possible: at most 0.60 could be saved.',
    );
    // Dearer rolls that do with fewer joints.
    expect(sayProof({ ...pool, bound: 940 }, metres)).toBe(
      '0.60 more than the cheapest rolls, whose joints would take more than that in packs.',
    );
    expect(sayProof({ ...pool, cost: null, bound: null }, metres)).toMatch(/^No price/);
  });
  test('of widths too', () => {
    expect(sayPriceProof({ cost: 900, bound: 900, proved: true }, metres, 1)).toMatch(
      /best possible: no cheaper combination of rolls or widths exists/,
    );
    expect(sayPriceProof({ cost: 900, bound: 650.5, proved: false }, metres, 2)).toContain(
      'other rolls, widths or yards could save at most 2.49',
    );
  });
  test('what is left still makes patches where it makes no vent', () => {
    expect(sayLeftOver(leftOver({ width: 0.6 }, 0.35, null, [0.6]), metres)).toBe(
      'still makes 2 patches of 0.30 m × 0.30 m',
    );
    expect(sayLeftOver(leftOver({ width: 0.9144 }, 1.2, null, [0.6096, 0.9144]), feet)).toMatch(
      /a strip 2′ wide$/,
    );
  });
});

describe('changes of where and at what price to buy are said', () => {
  const say = (change: Parameters<typeof sayChange>[0]) => sayChange(change, metres, market);
  test('by the name of the yard', () => {
    expect(say({ verb: 'set-yards', yards: ['longacre'] })).toBe('Buy everything at Longacre Farm Store');
    expect(say({ verb: 'set-yards', yards: ['far-gate', 'longacre'] })).toMatch(/^Buy at both yards/);
    expect(say({ verb: 'buy-from', goods: 'roll:fine-13', yard: 'far-gate' })).toBe(
      'Buy it at Far Gate Supplies',
    );
    expect(say({ verb: 'buy-from', goods: 'roll:fine-13', yard: null })).toBe(
      'Buy it wherever the whole costs least',
    );
    expect(say({ verb: 'set-fetching', yard: 'longacre', goods: 'fetched' })).toBe(
      'Fetch from Longacre Farm Store',
    );
  });
  test('with the sizes of a piece', () => {
    const extra = { id: 'v', name: 'vent', mesh: 'fine-6', width: 0.5, height: 0.4, count: 3 };
    expect(say({ verb: 'set-extra', extra })).toBe('Cut 3 pieces of 0.50 m by 0.40 m');
  });
});

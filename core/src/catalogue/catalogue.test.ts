import { describe, expect, test } from '@jest/globals';
import { buyingAt } from '../testing/buying';
import { INCH, gaugeOf } from '../units';
import { EDITIONS, LATEST_EDITION, type Offer, PACK_IDS, marketOf } from './index';

const edition = EDITIONS['2026-03'];
if (!edition) throw new Error('the edition is gone');
const metric = marketOf(edition, buyingAt('far-gate'));
const feet = marketOf(edition, buyingAt('longacre'));
const of = <K extends Offer['kind']>(yard: typeof metric, kind: K) =>
  yard.yards.flatMap((y) => y.offers).filter((o): o is Extract<Offer, { kind: K }> => o.kind === kind);

describe('the yard that sells in metres', () => {
  test('has every mesh in every width and length it is made in, priced', () => {
    for (const mesh of edition.meshes) {
      expect(metric.widths(mesh.id)).toEqual([...mesh.widths]);
      for (const width of mesh.widths) {
        const rolls = metric.rolls(mesh.id, width);
        expect(rolls.map((r) => r.size)).toEqual([...mesh.lengths]);
        for (const roll of rolls) expect(roll.price).toBeGreaterThan(0);
      }
    }
  });
  test('has every post in every length', () => {
    for (const post of edition.posts)
      expect(metric.posts(post.id).map((u) => u.size)).toEqual([...post.lengths]);
  });
});

describe('the yard that sells in feet', () => {
  test('has rolls of 25, 50 and 100 ft, 24, 36, 48 and 72 in wide', () => {
    const rolls = of(feet, 'roll');
    expect([...new Set(rolls.map((r) => Math.round(r.length / 0.3048)))].sort((a, b) => a - b)).toEqual([
      25, 50, 100,
    ]);
    expect([...new Set(rolls.map((r) => Math.round(r.width / INCH)))].sort((a, b) => a - b)).toEqual([
      24, 36, 48, 72,
    ]);
  });
  test('has posts of 6, 7, 8 and 10 ft', () => {
    const lengths = new Set(of(feet, 'post').map((p) => Math.round((p.length / 0.3048) * 1000) / 1000));
    expect([...lengths].sort((a, b) => a - b)).toEqual([6, 7, 8, 10]);
  });
  test('names no price for what it does not sell, and knows its common lengths', () => {
    expect(feet.rolls('stock-woven', 1.0)).toEqual([
      expect.objectContaining({ size: 50, price: null, yard: '' }),
      expect.objectContaining({ size: 100, price: null, yard: '' }),
    ]);
  });
});

describe.each([
  ['metres', metric],
  ['feet', feet],
])('prices at the yard in %s', (_, yard) => {
  test('are whole minor units, and longer rolls are cheaper by the metre', () => {
    for (const offer of yard.yards.flatMap((y) => y.offers)) {
      expect(Number.isInteger(offer.price)).toBe(true);
      expect(offer.price).toBeGreaterThan(0);
    }
    for (const mesh of new Set(of(yard, 'roll').map((r) => r.product))) {
      for (const width of yard.widths(mesh)) {
        const rates = yard.rolls(mesh, width).map((r) => (r.price ?? NaN) / r.size);
        expect(rates).toEqual([...rates].sort((a, b) => b - a));
      }
    }
  });
  test('are for products of the edition', () => {
    const known = new Set([...edition.meshes, ...edition.posts, ...edition.kits].map((p) => p.id));
    const offers = yard.yards.flatMap((y) => y.offers).filter((offer) => offer.kind !== 'pack');
    expect(offers.length).toBeGreaterThan(10);
    for (const { product } of offers) expect(known).toContain(product);
  });
  test('cover every pack that a docket may ask for', () => {
    for (const pack of ['staple', 'clip', 'ring', 'peg', 'concrete', 'brace'] as const) {
      expect(yard.packs(pack).every((u) => u.price !== null)).toBe(true);
    }
  });
});

test.each([
  [3.77, '9'],
  [2.51, '12½'],
  [2.03, '14'],
  [1.59, '16'],
  [1.04, '19'],
  [0.66, '23'],
  [2.5, '12½'],
  [3.0, undefined],
  [5.0, undefined],
])('a wire of %d mm is %s gauge', (mm, gauge) => {
  expect(gaugeOf(mm / 1000)).toBe(gauge === undefined && mm === 3.0 ? undefined : gauge);
});

test('a yard or product that is not there is a bug, said by name', () => {
  expect(() => marketOf(edition, buyingAt('nowhere'))).toThrow(/nowhere/);
  expect(() => metric.mesh('gold')).toThrow(/gold/);
});

describe('an edition that has shipped is never changed', () => {
  const told = (name: string) => {
    const shipped = EDITIONS[name];
    if (!shipped) throw new Error(`no edition ${name}`);
    const offers = shipped.yards.flatMap((y) => y.offers);
    return {
      pricesAsOf: shipped.pricesAsOf,
      products: [shipped.meshes.length, shipped.posts.length, shipped.kits.length],
      offers: offers.length,
      prices: offers.reduce((total, o) => total + o.price, 0),
    };
  };
  test.each([
    ['2026-03', { pricesAsOf: '2026-03-03', products: [15, 9, 1], offers: 345, prices: 2173395 }],
    ['2026-11', { pricesAsOf: '2026-11-02', products: [15, 10, 2], offers: 359, prices: 2202145 }],
    ['2026-11-25', { pricesAsOf: '2026-11-25', products: [18, 10, 4], offers: 422, prices: 2298850 }],
    ['2026-11-25b', { pricesAsOf: '2026-11-25', products: [18, 10, 4], offers: 422, prices: 2117270 }],
    ['2026-11-28', { pricesAsOf: '2026-11-28', products: [25, 10, 4], offers: 619, prices: 2782710 }],
    ['2026-11-28b', { pricesAsOf: '2026-11-28', products: [25, 10, 4], offers: 639, prices: 2799645 }],
  ])('%s', (name, expected) => {
    expect(told(name)).toEqual(expected);
  });
});

describe('the newest edition', () => {
  const latest = EDITIONS[LATEST_EDITION];
  if (!latest) throw new Error('the edition is gone');
  test.each(['far-gate', 'longacre'])('has all hardware, timber and a hatch priced at %s', (yard) => {
    const market = marketOf(latest, buyingAt(yard, LATEST_EDITION));
    for (const pack of PACK_IDS) expect(market.packs(pack).every((u) => (u.price ?? 0) > 0)).toBe(true);
    for (const { id } of latest.timbers) {
      const rates = market.timbers(id).map((u) => (u.price ?? NaN) / u.size);
      expect(rates.every((r) => r > 0)).toBe(true);
    }
    for (const kit of ['egg-hatch-kit', 'cleaning-hatch-kit'])
      expect(market.kits(kit).some((u) => u.price !== null)).toBe(true);
    expect(market.rolls('panel-close', market.widths('panel-close')[0] ?? 0)[0]?.price).toBeGreaterThan(0);
  });
});

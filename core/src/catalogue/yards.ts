import { FOOT, INCH } from '../units/factors';
import { MESHES } from './meshes';
import type { Offer, PackId, Yard } from './types';

/** Price of a square metre in a roll of middling length, minor units; every price here is made up. */
const MESH_RATES: Readonly<Record<string, number>> = {
  'fine-6': 520,
  'fine-13': 430,
  'fine-13-heavy': 690,
  'welded-25x13': 610,
  'welded-25': 450,
  'welded-50x25': 390,
  'welded-50': 345,
  'welded-75x50': 255,
  'welded-100x50': 215,
  'hex-13': 235,
  'hex-25': 165,
  'hex-50': 120,
  'chain-50': 380,
  'chain-50-heavy': 455,
  'stock-woven': 140,
};

/** Short rolls are dear by the metre and long ones cheap, as in any yard. */
const LENGTH_FACTORS = [1.18, 1, 0.93] as const;

const tenths = (minor: number) => Math.round(minor / 10) * 10;
const exact = (length: number) => Math.round(length * 1e6) / 1e6;

function rolls(
  product: string,
  widths: readonly number[],
  lengths: readonly number[],
  markup: number,
): Offer[] {
  const rate = MESH_RATES[product];
  if (rate === undefined) throw new RangeError(`no made-up price for ${product}`);
  const factorAt = (i: number) => LENGTH_FACTORS[lengths.length === 3 ? i : i + 1] ?? 1;
  return widths.flatMap((width) =>
    lengths.map((length, i): Offer => {
      const price = tenths(rate * markup * width * length * factorAt(i));
      return { kind: 'roll', product, width: exact(width), length: exact(length), price };
    }),
  );
}

function posts(product: string, prices: readonly (readonly [length: number, price: number])[]): Offer[] {
  return prices.map(([length, price]) => ({ kind: 'post', product, length: exact(length), price }));
}

const kits = (prices: readonly (readonly [width: number, price: number])[], product = 'gate-kit'): Offer[] =>
  prices.map(([width, price]) => ({ kind: 'kit', product, width: exact(width), price }));

const pack = (product: PackId, count: number, price: number): Offer => ({
  kind: 'pack',
  product,
  count,
  price,
});

/** Editions before stock, tax and delivery were known. */
const PLAIN = { tax: { rate: 0, stated: 'with' }, delivery: null } as const;

const metricYard: Yard = {
  id: 'far-gate',
  name: 'Far Gate Supplies',
  system: 'metric',
  currency: 'XXX',
  ...PLAIN,
  offers: [
    ...MESHES.flatMap((m) => rolls(m.id, m.widths, m.lengths, 1)),
    ...posts('t-40', [
      [1.5, 420],
      [1.8, 490],
      [2.1, 560],
      [2.4, 640],
      [3.0, 840],
    ]),
    ...posts('round-75', [
      [1.8, 460],
      [2.1, 540],
      [2.4, 630],
      [3.0, 850],
      [3.6, 1080],
    ]),
    ...posts('round-100', [
      [1.8, 720],
      [2.1, 850],
      [2.4, 980],
      [3.0, 1320],
      [3.6, 1690],
    ]),
    ...posts('round-125', [
      [1.8, 1050],
      [2.1, 1240],
      [2.4, 1430],
      [3.0, 1900],
      [3.6, 2400],
    ]),
    ...posts('sawn-75', [
      [1.8, 780],
      [2.4, 1040],
      [3.0, 1360],
      [3.6, 1700],
    ]),
    ...posts('sawn-100', [
      [1.8, 1280],
      [2.4, 1710],
      [3.0, 2180],
      [3.6, 2690],
    ]),
    ...posts('half-round-100', [[2.4, 520]]),
    ...posts('tube-38', [
      [2.0, 980],
      [2.4, 1160],
      [3.0, 1440],
      [3.6, 1720],
    ]),
    ...posts('tube-48', [
      [2.0, 1240],
      [2.4, 1470],
      [3.0, 1820],
      [3.6, 2170],
    ]),
    ...kits([
      [0.8, 5200],
      [0.95, 5600],
      [1.3, 6900],
    ]),
    pack('staple', 200, 480),
    pack('staple', 1000, 1790),
    pack('clip', 50, 620),
    pack('clip', 200, 2100),
    pack('ring', 250, 520),
    pack('ring', 1000, 1720),
    pack('peg', 20, 640),
    pack('peg', 50, 1450),
    pack('concrete', 1, 590),
    pack('brace', 1, 520),
  ],
};

/** Sells in feet: rolls 24 to 72 in wide and 25 to 100 ft long, posts of 6 to 10 ft. */
const feet = (n: number) => n * FOOT;
const FEET_WIDTHS = [24, 36, 48, 72].map((n) => n * INCH);
const FEET_LENGTHS = [25, 50, 100].map(feet);
const FEET_MESHES = [
  'fine-6',
  'fine-13',
  'fine-13-heavy',
  'welded-25',
  'welded-50x25',
  'welded-50',
  'welded-75x50',
  'welded-100x50',
  'hex-25',
  'hex-50',
  'chain-50',
];

const byFeet = (...prices: readonly number[]) =>
  [6, 7, 8, 10].map((length, i) => [feet(length), prices[i] ?? 0] as const);

const feetYard: Yard = {
  id: 'longacre',
  name: 'Longacre Farm Store',
  system: 'imperial',
  currency: 'XXX',
  ...PLAIN,
  offers: [
    ...FEET_MESHES.flatMap((id) => rolls(id, FEET_WIDTHS, FEET_LENGTHS, 1.04)),
    ...posts('t-40', byFeet(470, 545, 620, 810)),
    ...posts('round-75', byFeet(450, 530, 610, 830)),
    ...posts('round-100', byFeet(740, 860, 990, 1290)),
    ...posts('round-125', byFeet(1080, 1250, 1450, 1880)),
    ...posts('sawn-100', byFeet(1250, 1490, 1730, 2200)),
    ...kits([
      [feet(3), 5850],
      [feet(4), 6700],
    ]),
    pack('staple', 250, 560),
    pack('staple', 1000, 1850),
    pack('clip', 100, 1150),
    pack('ring', 500, 980),
    pack('peg', 25, 760),
    pack('peg', 100, 2750),
    pack('concrete', 1, 620),
    pack('brace', 1, 560),
  ],
};

export const YARDS: readonly Yard[] = [metricYard, feetYard];

/** What the edition of November adds at each yard. */
const added: Readonly<Record<string, readonly Offer[]>> = {
  'far-gate': [
    ...posts('spike-100', [
      [1.8, 1280],
      [2.4, 1710],
      [3.0, 2180],
      [3.6, 2690],
    ]),
    pack('spike', 1, 890),
    ...kits(
      [
        [0.3, 2650],
        [0.45, 3400],
      ],
      'pop-door-kit',
    ),
  ],
  longacre: [
    ...posts('spike-100', byFeet(1250, 1490, 1730, 2200)),
    pack('spike', 1, 930),
    ...kits(
      [
        [feet(1), 2800],
        [18 * INCH, 3550],
      ],
      'pop-door-kit',
    ),
  ],
};

export const YARDS_2026_11: readonly Yard[] = YARDS.map((yard) => ({
  ...yard,
  offers: [...yard.offers, ...(added[yard.id] ?? [])],
}));

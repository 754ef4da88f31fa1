import { FOOT, INCH } from '../units/factors';
import type { Offer, PackId, Yard } from './types';
import { YARDS_2026_11_25B } from './yards-2026-11-25b';

const exact = (length: number) => Math.round(length * 1e6) / 1e6;
const feet = (n: number) => exact(n * FOOT);
const near5 = (price: number) => Math.round(price / 5) * 5;

/** What is sold whole in some sizes, m, at a price for each square metre and one for each piece. */
const pieces = (
  product: string,
  sizes: readonly (readonly [width: number, length: number])[],
  square: number,
  each: number,
): Offer[] =>
  sizes.map(([width, length]) => ({
    kind: 'roll',
    product,
    width: exact(width),
    length: exact(length),
    price: near5(width * length * square + each),
  }));
const every = (widths: readonly number[], lengths: readonly number[]) =>
  widths.flatMap((width) => lengths.map((length) => [width, length] as const));
const timber = (product: string, lengths: readonly number[], metre: number): Offer[] =>
  lengths.map((length) => ({ kind: 'timber', product, length: exact(length), price: near5(length * metre) }));
const packs = (list: readonly (readonly [PackId, number, number])[]): Offer[] =>
  list.map(([product, count, price]) => ({ kind: 'pack', product, count, price }));

const TARPS = [
  [3, 4],
  [4, 5],
  [4, 6],
  [4, 7],
  [5, 6],
  [5, 8],
  [6, 8],
] as const;
const TARPS_FEET = [
  [10, 13],
  [13, 16],
  [13, 20],
  [16, 20],
  [16, 26],
  [20, 26],
] as const;

/** Softwood and tube by the metre, minor units. */
const METRE = {
  'joist-75x47': 210,
  'joist-100x47': 275,
  'joist-125x47': 345,
  'joist-150x47': 420,
  'joist-175x47': 500,
  'joist-200x47': 590,
  'joist-75x75': 330,
  'joist-100x100': 560,
  'batten-38x19': 65,
} as const;
const TUBE = { 'tube-38x38': 480, 'tube-48x48': 610 } as const;

const lengthsOf = (sawn: readonly number[], tube: readonly number[], markup: number): Offer[] => [
  ...Object.entries(METRE).flatMap(([id, metre]) => timber(id, sawn, metre * markup)),
  ...Object.entries(TUBE).flatMap(([id, metre]) => timber(id, tube, metre * markup)),
];
const hardware = (markup: number): Offer[] =>
  packs(
    (
      [
        ['cord', 50, 690],
        ['wire', 50, 1250],
        ['stay', 1, 1480],
        ['screw', 100, 980],
        ['strap', 1, 790],
        ['clamp', 10, 640],
        ['gutter', 2, 1150],
      ] as const
    ).map(([product, count, price]) => [product, count, Math.round((price * markup) / 10) * 10] as const),
  );

/** What the edition of 28 November adds at each yard: what covers are made of and held up by. Every price here is made up. */
const added: Readonly<Record<string, readonly Offer[]>> = {
  'far-gate': [
    ...pieces('net-25', every([3, 5, 8], [5, 10, 20]), 155, 300),
    ...pieces('net-50', every([3, 5, 8], [5, 10, 20]), 95, 300),
    ...pieces('shade-cloth', every([2, 4], [5, 10]), 130, 200),
    ...pieces('tarp', TARPS, 165, 250),
    ...pieces('vinyl', every([1.4], [5, 10]), 720, 0),
    ...pieces('film', every([2, 4, 6], [5, 10, 20]), 110, 150),
    ...pieces('sheet', every([0.76, 1.0], [1.8, 2.4, 3.0, 3.6]), 980, 60),
    ...lengthsOf([2.4, 3.0, 3.6, 4.8], [2.0, 2.4, 3.0, 3.6], 1),
    ...hardware(1),
  ],
  longacre: [
    ...pieces('net-25', every([10, 16, 26].map(feet), [16, 33, 66].map(feet)), 160, 320),
    ...pieces('net-50', every([10, 16, 26].map(feet), [16, 33, 66].map(feet)), 98, 320),
    ...pieces('shade-cloth', every([6, 12].map(feet), [15, 30].map(feet)), 135, 200),
    ...pieces(
      'tarp',
      TARPS_FEET.map(([a, b]) => [feet(a), feet(b)] as const),
      170,
      260,
    ),
    ...pieces('vinyl', every([54 * INCH], [16, 33].map(feet)), 740, 0),
    ...pieces('film', every([6, 12, 20].map(feet), [15, 30, 60].map(feet)), 115, 150),
    ...pieces('sheet', every([30 * INCH, 39 * INCH], [6, 8, 10, 12].map(feet)), 1010, 60),
    ...lengthsOf([8, 10, 12, 16].map(feet), [6, 8, 10, 12].map(feet), 0.86),
    ...hardware(0.9),
  ],
};

export const YARDS_2026_11_28: readonly Yard[] = YARDS_2026_11_25B.map((yard) => ({
  ...yard,
  offers: [...yard.offers, ...(added[yard.id] ?? [])],
}));

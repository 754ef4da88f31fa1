import { FOOT, INCH } from '../units/factors';
import { BOARD_TIMBER, FRAME_TIMBER, RAIL_TIMBER, SILL_TIMBER } from './timbers';
import type { Offer, PackId, Yard } from './types';
import { YARDS_2026_11 } from './yards';

const exact = (length: number) => Math.round(length * 1e6) / 1e6;
const feet = (n: number) => exact(n * FOOT);

const rolls = (product: string, width: number, prices: readonly (readonly [number, number])[]): Offer[] =>
  prices.map(([length, price]) => ({
    kind: 'roll',
    product,
    width: exact(width),
    length: exact(length),
    price,
  }));
const timber = (product: string, lengths: readonly number[], metre: number): Offer[] =>
  lengths.map((length) => ({
    kind: 'timber',
    product,
    length: exact(length),
    price: Math.round((length * metre) / 5) * 5,
  }));
const kit = (product: string, width: number, price: number): Offer => ({
  kind: 'kit',
  product,
  width: exact(width),
  price,
});
const pack = (product: PackId, count: number, price: number): Offer => ({
  kind: 'pack',
  product,
  count,
  price,
});

const METRES = [2.4, 3.0, 3.6, 4.8];
const FEET = [8, 10, 12, 16].map(feet);

/** Every price here is made up. */
const hardware = (markup: number): readonly Offer[] =>
  (
    [
      ['tie', 100, 430],
      ['arm', 1, 310],
      ['hinge', 1, 460],
      ['catch', 1, 380],
      ['two-step-catch', 1, 690],
      ['stop', 1, 90],
      ['spring', 1, 540],
      ['padlock', 1, 980],
      ['stone', 1, 3900],
    ] as const
  ).map(([product, count, price]) => pack(product, count, Math.round((price * markup) / 10) * 10));

/** What the edition of 25 November adds at each yard: timber, panels, hardware, hatches. */
const added: Readonly<Record<string, readonly Offer[]>> = {
  'far-gate': [
    ...rolls('panel-stock', 1.27, [[4.88, 4150]]),
    ...rolls('panel-close', 0.86, [[4.88, 3680]]),
    ...rolls('panel-close', 1.22, [[4.88, 4790]]),
    ...rolls('plastic-20', 2, [
      [10, 1840],
      [50, 7350],
    ]),
    ...timber(BOARD_TIMBER, METRES, 265),
    ...timber(RAIL_TIMBER, METRES, 240),
    ...timber(FRAME_TIMBER, METRES, 175),
    ...timber(SILL_TIMBER, METRES, 420),
    ...hardware(1),
    kit('egg-hatch-kit', 0.4, 2200),
    kit('cleaning-hatch-kit', 0.6, 3100),
    kit('cleaning-hatch-kit', 0.9, 3900),
  ],
  longacre: [
    ...rolls('panel-stock', 50 * INCH, [[feet(16), 4300]]),
    ...rolls('panel-close', 34 * INCH, [[feet(16), 3790]]),
    ...rolls('panel-close', 48 * INCH, [[feet(16), 4880]]),
    ...timber(BOARD_TIMBER, FEET, 270),
    ...timber(RAIL_TIMBER, FEET, 250),
    ...timber(FRAME_TIMBER, FEET, 180),
    ...timber(SILL_TIMBER, FEET, 435),
    ...hardware(1.06),
    kit('egg-hatch-kit', 16 * INCH, 2350),
    kit('cleaning-hatch-kit', feet(2), 3250),
  ],
};

export const YARDS_2026_11_25: readonly Yard[] = YARDS_2026_11.map((yard) => ({
  ...yard,
  offers: [...yard.offers, ...(added[yard.id] ?? [])],
}));

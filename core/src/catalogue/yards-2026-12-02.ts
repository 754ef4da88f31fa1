import type { Offer, PackId, Yard } from './types';
import { YARDS_2026_11_28C } from './yards-2026-11-28c';

/** What is fixed to posts that stand, and what may put an animal off: pieces in a pack, minor units a pack. */
const PACKS: readonly (readonly [PackId, number, number])[] = [
  ['bolt', 10, 840],
  ['lamp', 1, 2490],
  ['sprinkler', 1, 4990],
  ['camera', 1, 7900],
  ['radio', 1, 1690],
  ['bait-strip', 10, 790],
  ['scarecrow', 1, 1890],
];

const packs = (markup: number): Offer[] =>
  PACKS.map(([product, count, price]) => ({
    kind: 'pack',
    product,
    count,
    price: Math.round((price * markup) / 10) * 10,
  }));

/** What this edition adds at each yard. Every price here is made up. */
const added: Readonly<Record<string, readonly Offer[]>> = { 'far-gate': packs(1), longacre: packs(0.95) };

export const YARDS_2026_12_02: readonly Yard[] = YARDS_2026_11_28C.map((yard) => ({
  ...yard,
  offers: [...yard.offers, ...(added[yard.id] ?? [])],
}));

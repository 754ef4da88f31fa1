import { FOOT } from '../units/factors';
import type { Offer, PackId, Yard } from './types';
import { YARDS_2026_11_28 } from './yards-2026-11-28';

const exact = (length: number) => Math.round(length * 1e6) / 1e6;

/** Flexible pipe by the metre, minor units. */
const METRE = { 'pipe-25x25': 160, 'pipe-32x32': 235 } as const;

const pipes = (lengths: readonly number[], markup: number): Offer[] =>
  Object.entries(METRE).flatMap(([product, metre]) =>
    lengths.map((length) => ({
      kind: 'timber' as const,
      product,
      length: exact(length),
      price: Math.round((length * metre * markup) / 5) * 5,
    })),
  );

const PACKS: readonly (readonly [PackId, number, number])[] = [
  ['stake', 1, 240],
  ['tee', 10, 1450],
  ['wire-hinge', 4, 520],
  ['wheel', 1, 1380],
];
const packs = (markup: number): Offer[] =>
  PACKS.map(([product, count, price]) => ({
    kind: 'pack' as const,
    product,
    count,
    price: Math.round((price * markup) / 10) * 10,
  }));

/** What this edition adds at each yard: what arches are built of. Every price here is made up. */
const added: Readonly<Record<string, readonly Offer[]>> = {
  'far-gate': [...pipes([3.0, 4.5, 6.0], 1), ...packs(1)],
  longacre: [
    ...pipes(
      [10, 15, 20].map((n) => n * FOOT),
      0.88,
    ),
    ...packs(0.9),
  ],
};

export const YARDS_2026_11_28B: readonly Yard[] = YARDS_2026_11_28.map((yard) => ({
  ...yard,
  offers: [...yard.offers, ...(added[yard.id] ?? [])],
}));

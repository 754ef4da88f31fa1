import type { Offer, Yard } from './types';
import { YARDS_2026_11_25 } from './yards-2026-11-25';

/** What each yard holds of the rolls it has few of, by product, width in cm and length in m, both rounded; made up like the prices. */
const STOCK: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  'far-gate': {
    'fine-13 60 5': 6,
    'fine-13 90 30': 2,
    'fine-13 120 30': 1,
    'fine-13-heavy 90 30': 1,
    'welded-25 120 30': 3,
    'welded-25 180 15': 2,
    'welded-25 180 30': 1,
    'welded-50x25 150 30': 1,
    'chain-50 180 25': 2,
    'panel-close 86 5': 8,
  },
  longacre: {
    'fine-13 61 8': 8,
    'fine-13 122 30': 2,
    'welded-25 122 30': 4,
    'welded-25 183 30': 2,
    'welded-75x50 91 15': 3,
    'chain-50 183 15': 2,
  },
};

const TERMS: Readonly<Record<string, Pick<Yard, 'tax' | 'delivery'>>> = {
  'far-gate': { tax: { rate: 0.2, stated: 'with' }, delivery: 2500 },
  longacre: { tax: { rate: 0.2, stated: 'without' }, delivery: 1800 },
};

/** Longacre states its prices without tax since this edition: its tickets are so much lower. */
const TICKET: Readonly<Record<string, number>> = { longacre: 1 / 1.2 };

const stocked = (yard: string, offer: Offer): Offer => {
  const price = Math.round((offer.price * (TICKET[yard] ?? 1)) / 5) * 5;
  if (offer.kind !== 'roll') return { ...offer, price };
  const key = `${offer.product} ${Math.round(offer.width * 100)} ${Math.round(offer.length)}`;
  return { ...offer, price, stock: STOCK[yard]?.[key] ?? null };
};

/** Prices with their tax, what is held, and delivery. */
export const YARDS_2026_11_25B: readonly Yard[] = YARDS_2026_11_25.map((yard) => ({
  ...yard,
  ...TERMS[yard.id],
  offers: yard.offers.map((offer) => stocked(yard.id, offer)),
}));

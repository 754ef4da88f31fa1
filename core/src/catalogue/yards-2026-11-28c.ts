import type { Offer, PackId, Yard } from './types';
import { YARDS_2026_11_28B } from './yards-2026-11-28b';

/** Live nets and what makes a fence live: pieces in a pack, minor units a pack. */
const PACKS: readonly (readonly [PackId, number, number])[] = [
  ['net-single-107-25', 1, 7400],
  ['net-single-107-30', 1, 8600],
  ['net-single-107-50', 1, 11900],
  ['net-double-107-25', 1, 8300],
  ['net-double-107-50', 1, 13350],
  ['net-double-122-25', 1, 9050],
  ['net-double-122-30', 1, 10500],
  ['net-double-122-50', 1, 14550],
  ['net-close-107-25', 1, 9050],
  ['net-close-107-50', 1, 14500],
  ['corner-strut', 1, 720],
  ['net-peg', 10, 380],
  ['energiser-12v-02', 1, 6900],
  ['energiser-12v-05', 1, 9800],
  ['energiser-12v-1', 1, 13900],
  ['energiser-12v-2', 1, 19800],
  ['energiser-mains-1', 1, 9900],
  ['energiser-mains-25', 1, 14900],
  ['energiser-mains-5', 1, 21900],
  ['battery-38', 1, 6400],
  ['battery-60', 1, 8400],
  ['battery-85', 1, 10900],
  ['battery-110', 1, 13900],
  ['solar-10', 1, 4900],
  ['solar-20', 1, 7200],
  ['solar-40', 1, 10900],
  ['solar-60', 1, 13900],
  ['earth-rod', 1, 1450],
  ['lead-out', 25, 1490],
  ['hot-wire', 200, 1980],
  ['insulator', 25, 1320],
  ['gate-handle', 1, 390],
  ['warning-sign', 1, 250],
  ['tester', 1, 1890],
];

/** The yard that sells in feet sells wire, cable and insulators in larger packs. */
const LARGER: Readonly<Partial<Record<PackId, number>>> = { 'hot-wire': 2, insulator: 2, 'lead-out': 2 };

const packs = (markup: number, larger: typeof LARGER): Offer[] =>
  PACKS.map(([product, count, price]) => {
    const times = larger[product] ?? 1;
    return {
      kind: 'pack',
      product,
      count: count * times,
      price: Math.round((price * times * markup * (times > 1 ? 0.94 : 1)) / 10) * 10,
    };
  });

/** What this edition adds at each yard. Every price here is made up. */
const added: Readonly<Record<string, readonly Offer[]>> = {
  'far-gate': packs(1, {}),
  longacre: packs(0.93, LARGER),
};

export const YARDS_2026_11_28C: readonly Yard[] = YARDS_2026_11_28B.map((yard) => ({
  ...yard,
  offers: [...yard.offers, ...(added[yard.id] ?? [])],
}));

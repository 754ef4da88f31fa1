import type { PackId } from './packs';

/** What makes a fence live: output J a pulse, draw A at 12 V. */
export interface EnergiserRow {
  readonly pack: PackId;
  readonly name: string;
  /** Energy of a pulse at its output, J. */
  readonly output: number;
  /** Average current, A at 12 V; null where the maker says none. */
  readonly draw: number | null;
  readonly supply: 'mains' | 'battery';
}

/** No more is made for fences, J. */
export const MOST_OUTPUT = 5;

/** Energisers sold, weakest first for each supply. */
export const ENERGISERS: readonly EnergiserRow[] = [
  { pack: 'energiser-12v-02', name: '12 V, 0.2 J', output: 0.2, draw: 0.05, supply: 'battery' },
  { pack: 'energiser-12v-05', name: '12 V, 0.5 J', output: 0.5, draw: 0.11, supply: 'battery' },
  { pack: 'energiser-12v-1', name: '12 V, 1 J', output: 1, draw: 0.21, supply: 'battery' },
  { pack: 'energiser-12v-2', name: '12 V, 2 J', output: 2, draw: 0.42, supply: 'battery' },
  { pack: 'energiser-mains-1', name: 'Mains, 1 J', output: 1, draw: null, supply: 'mains' },
  { pack: 'energiser-mains-25', name: 'Mains, 2.5 J', output: 2.5, draw: null, supply: 'mains' },
  { pack: 'energiser-mains-5', name: 'Mains, 5 J', output: 5, draw: null, supply: 'mains' },
];

export const energiserOf = (pack: string): EnergiserRow | null =>
  ENERGISERS.find((e) => e.pack === pack) ?? null;

/** Leisure batteries, Ah at 12 V, smallest first. */
export const BATTERIES: readonly { readonly pack: PackId; readonly capacity: number }[] = [
  { pack: 'battery-38', capacity: 38 },
  { pack: 'battery-60', capacity: 60 },
  { pack: 'battery-85', capacity: 85 },
  { pack: 'battery-110', capacity: 110 },
];

/** Solar panels with their regulator, W, smallest first. */
export const SOLAR_PANELS: readonly { readonly pack: PackId; readonly watts: number }[] = [
  { pack: 'solar-10', watts: 10 },
  { pack: 'solar-20', watts: 20 },
  { pack: 'solar-40', watts: 40 },
  { pack: 'solar-60', watts: 60 },
];

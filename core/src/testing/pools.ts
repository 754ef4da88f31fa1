import type { Task } from '../cutting/cutting';
import type { SoldUnit } from '../catalogue/market';
import { placeAt } from '../plan/place';
import { NO_JOINTS, type Run } from '../buying/run';

/** A length sold at a price, without tax, as many as wanted. */
export const sold = (size: number, price: number, stock: number | null = null): SoldUnit => ({
  size,
  price,
  cost: price,
  stock,
  yard: 'far-gate',
});

/** A length of wall with a post at every end of a bay. */
export function runOf(
  bays: readonly number[],
  { place = 0, ...more }: Partial<Omit<Run, 'place'>> & { readonly place?: number } = {},
): Run {
  const ends: number[] = [];
  let at = 0;
  for (const bay of bays) ends.push((at += bay));
  return {
    part: { on: 'product', product: `run ${place}` },
    use: 'band',
    length: at,
    startAllowance: 0.1,
    endAllowance: 0.1,
    across: null,
    joints: ends.slice(0, -1),
    atJoint: NO_JOINTS,
    place: placeAt('wall', place),
    spans: [],
    leans: [],
    ...more,
  };
}

/** A piece that may lie either way: a leaf, a vent. */
export const sheetOf = (length: number, across: number, place = 0, use: Run['use'] = 'leaf'): Run =>
  runOf([length], {
    part: { on: 'product', product: `sheet ${place}` },
    use,
    across,
    startAllowance: 0,
    endAllowance: 0,
    place,
  });

/** Figures between 0 and 1 from a seed, the same on every machine (mulberry32). */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const ROLLS = [
  [5, 15, 30],
  [15, 30],
  [15, 25],
  [10, 25, 50],
  [12.5, 25],
  [5, 10, 15, 30],
  [7.62, 15.24, 30.48],
] as const;

export interface PoolShape {
  readonly mostBays: number;
  readonly mostRuns: number;
}

/**
 * A pool as fences make them: runs over sides of equal bays, roll lengths sold whose price by the metre falls with their length, and now and
 * then an owned length.
 */
export function randomPool(next: () => number, { mostBays, mostRuns }: PoolShape): Task {
  const whole = (from: number, to: number) => from + Math.floor(next() * (to - from + 1));
  const pick = <T>(list: readonly T[]): T => list[whole(0, list.length - 1)] as T;
  const cents = (n: number) => Math.round(n * 100) / 100;
  const lengths = pick(ROLLS);
  const rate = 200 + 600 * next();
  const units = lengths.map((size, i) => {
    const factor = 1.25 - (0.35 * i) / lengths.length + 0.1 * (next() - 0.5);
    return sold(size, Math.round((rate * size * factor) / 10) * 10);
  });
  const bays = whole(3, mostBays);
  const runs = Math.min(bays, whole(1, mostRuns));
  const shares = Array.from({ length: runs }, () => 1);
  const oneMore = (list: number[], at: number) => list.splice(at, 1, (list[at] ?? 0) + 1);
  for (let i = runs; i < bays; i++) oneMore(shares, whole(0, runs - 1));
  return {
    units,
    owned:
      next() < 0.4
        ? Array.from({ length: whole(1, 2) }, (_, i) => ({ id: `own${i}`, size: cents(2 + 12 * next()) }))
        : [],
    lap: 0.15,
    width: 1.2,
    runs: shares.map((count, place) => {
      // A run goes over one to three sides, each of equal bays.
      const sides = Math.min(count, whole(1, 3));
      const each = Array.from({ length: sides }, () => 1);
      for (let i = sides; i < count; i++) oneMore(each, whole(0, sides - 1));
      return runOf(
        each.flatMap((n) => {
          const length = cents(n * (1.2 + 1.2 * next()));
          return Array<number>(n).fill(length / n);
        }),
        { place },
      );
    }),
  };
}

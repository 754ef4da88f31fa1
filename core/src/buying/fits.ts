import { EPSILON } from '../units/round';

/** What one piece has to be, across and along, m. */
export interface Wanted {
  readonly across: number;
  readonly along: number;
}

/** A size sold, m. */
export interface StockSize {
  readonly width: number;
  readonly length: number;
}

/** What a size misses, tried both ways round; both 0 where it covers, m. */
export function shortOf({ across, along }: Wanted, { width, length }: StockSize) {
  const miss = (a: number, b: number) => ({ across: Math.max(0, across - a), along: Math.max(0, along - b) });
  const [one, other] = [miss(width, length), miss(length, width)];
  return one.across + one.along <= other.across + other.along + EPSILON ? one : other;
}

/** The size that misses least, with what it misses each way; null where none is sold. */
export function nearestSize(fit: Wanted, sizes: readonly StockSize[]) {
  const tried = sizes.map((size) => ({ size, short: shortOf(fit, size) }));
  const [first] = tried;
  if (!first) return null;
  const missing = (t: typeof first) => t.short.across + t.short.along;
  return tried.reduce((best, t) => {
    const less = missing(t) - missing(best);
    const smaller = t.size.width * t.size.length < best.size.width * best.size.length;
    return less < -EPSILON || (Math.abs(less) <= EPSILON && smaller) ? t : best;
  }, first);
}

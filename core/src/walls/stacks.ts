import type { Market } from '../catalogue/market';
import { cheapestCover } from '../cutting/covers';
import { PITCH } from '../fasteners/along';
import { EPSILON } from '../units/round';

/** A height that a mesh is to reach, in rows of whole roll widths. All m. */
export interface StackWant {
  readonly mesh: string;
  readonly height: number;
  /** Lap of row over row. */
  readonly lap: number;
  /** How much each row is bought for, with its ends and leaves. */
  readonly length: number;
}

/** Widths from the ground up; undefined when no three widths sold reach. */
export type Stack = readonly number[] | undefined;

/** A market's widths of a mesh are one list for good: their sets are made once. */
const known = new WeakMap<readonly number[], readonly (readonly number[])[]>();

/** All sets of one to three widths, widest first in each. */
function widthSets(widths: readonly number[]): readonly (readonly number[])[] {
  const before = known.get(widths);
  if (before) return before;
  const falling = [...widths].sort((a, b) => b - a);
  const sets: number[][] = [];
  falling.forEach((a, i) => {
    sets.push([a]);
    falling.slice(i).forEach((b, j) => {
      sets.push([a, b]);
      falling.slice(i + j).forEach((c) => sets.push([a, b, c]));
    });
  });
  known.set(widths, sets);
  return sets;
}

export const reachOf = (set: readonly number[], lap: number): number =>
  set.reduce((a, b) => a + b, 0) - (set.length - 1) * lap;

/** Sets that reach, without those from which a row could be left out. */
export function setsThatReach(
  market: Market,
  { mesh, height, lap }: Omit<StackWant, 'length'>,
): readonly (readonly number[])[] {
  const reaches = (set: readonly number[]) => set.length > 0 && reachOf(set, lap) >= height - EPSILON;
  return widthSets(market.widths(mesh)).filter(
    (set) => reaches(set) && !set.some((_, i) => reaches(set.filter((__, j) => j !== i))),
  );
}

/** Price of a ring in the pack that is cheapest by the piece, minor units; 0 where the yard names none. */
export function ringRate(market: Market): number {
  const rates = market.packs('ring').flatMap((u) => (u.price === null ? [] : [u.price / u.size]));
  return rates.length > 0 ? Math.min(...rates) : 0;
}

/** What so many metres of a mesh and width cost in whole rolls; by area where the yard names no price. */
function pricing(market: Market): (mesh: string, width: number, length: number) => number {
  const prices = new Map<string, number>();
  return (mesh, width, length) => {
    if (length <= EPSILON) return 0;
    const key = `${mesh} ${width} ${Math.round(length * 1e4)}`;
    const before = prices.get(key);
    if (before !== undefined) return before;
    const units = market.rolls(mesh, width);
    const unpriced = units.some((u) => u.price === null);
    const price = unpriced ? width * length : cheapestCover(units, length).cost;
    prices.set(key, price);
    return price;
  };
}

/** By a tenth of a millimetre, then by height: lengths alike to the tape keep their order whichever way the run lies. */
const longestFirst = (a: StackWant, b: StackWant): number =>
  Math.round(b.length * 1e4) - Math.round(a.length * 1e4) ||
  Math.round(b.height * 1e4) - Math.round(a.height * 1e4) ||
  (a.mesh < b.mesh ? -1 : 1);

/** Prices closer than this are the same price: rings are counted in fractions, minor units. */
const SAME_PRICE = 1e-6;

/** Rounds of choosing again, each want beside what the others take: prices only fall, and soon stand still. */
const ROUNDS = 4;

/**
 * For each height wanted the cheapest set of one to three widths, every width running the whole length. Rows of one mesh and
 * width come from the same rolls, whoever wants them, and every seam takes its rings.
 *
 * Chosen one after the other, longest first, then again beside what the others took, until nothing falls any more: best
 * effort where there are several wants, the cheapest where there is one.
 *
 * @param taken  m of each `mesh width` that is bought anyway
 * @see domain.md 6: Σw − (k − 1)·lap ≥ height
 */
export function chooseStacks(
  market: Market,
  wants: readonly StackWant[],
  taken: ReadonlyMap<string, number> = new Map(),
): readonly Stack[] {
  const price = pricing(market);
  const rate = ringRate(market) / PITCH.ring;
  const lengths = new Map(taken);
  const keyOf = (mesh: string, width: number) => `${mesh} ${width}`;
  const put = ({ mesh, length }: StackWant, set: Stack, sign: 1 | -1) => {
    for (const width of set ?? []) {
      const key = keyOf(mesh, width);
      lengths.set(key, (lengths.get(key) ?? 0) + sign * length);
    }
  };
  /** What a set costs more beside what is bought already. */
  const costs = ({ mesh, length }: StackWant, set: readonly number[]) =>
    set.reduce(
      (total, width, i) => {
        if (set.indexOf(width) < i) return total;
        const has = lengths.get(keyOf(mesh, width)) ?? 0;
        const rows = set.filter((w) => w === width).length;
        return total + price(mesh, width, has + rows * length) - price(mesh, width, has);
      },
      (set.length - 1) * length * rate,
    );
  // Wants of one mesh and height are one band: the same widths run all its length.
  const bands = new Map<string, StackWant>();
  const bandOf = ({ mesh, height, lap }: StackWant) => `${mesh} ${Math.round(height * 1e4)} ${lap}`;
  for (const want of wants) {
    const before = bands.get(bandOf(want));
    bands.set(bandOf(want), before ? { ...want, length: before.length + want.length } : want);
  }
  const all = [...bands.values()];
  const sets = new Map(all.map((want) => [want, setsThatReach(market, want)]));
  const cheapest = (want: StackWant): Stack => {
    let best: { set: readonly number[]; cost: number } | undefined;
    for (const set of sets.get(want) ?? []) {
      const cost = costs(want, set);
      const simpler = best && cost < best.cost + SAME_PRICE && set.length < best.set.length;
      if (!best || cost < best.cost - SAME_PRICE || simpler) best = { set, cost };
    }
    return best?.set;
  };

  const chosen = new Map<StackWant, Stack>();
  const order = all.sort(longestFirst);
  for (let round = 0; round < (order.length > 1 ? ROUNDS : 1); round++) {
    let changed = false;
    for (const want of order) {
      const before = chosen.get(want);
      put(want, before, -1);
      const set = cheapest(want);
      put(want, set, 1);
      chosen.set(want, set);
      if (String(before) !== String(set)) changed = true;
    }
    if (!changed) break;
  }
  return wants.map((want) => {
    const band = bands.get(bandOf(want));
    return band && chosen.get(band);
  });
}

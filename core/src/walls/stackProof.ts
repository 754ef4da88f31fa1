import type { Market } from '../catalogue/market';
import { cheapestCover } from '../cutting/covers';
import type { CuttingPool } from '../cutting/types';
import type { OwnedPiece } from '../plan/schema';
import { PITCH } from '../fasteners/along';
import { type Stack, type StackWant, ringRate, setsThatReach } from './stacks';

/** What the choice of roll widths rests on. */
export interface StackChoice {
  /** Heights whose widths were chosen, with the roll that each of their rows takes at least, m. */
  readonly wants: readonly StackWant[];
  readonly stacks: readonly Stack[];
  /** Roll of each `mesh width` that is taken anyway, m. */
  readonly taken: ReadonlyMap<string, number>;
}

/** Whether other widths of roll could be cheaper, minor units. */
export interface StackProof {
  /** Of the rolls of these meshes, and of the rings along the seams of their rows. */
  readonly cost: number;
  /** No other choice of widths costs less. */
  readonly bound: number;
  readonly proved: boolean;
}

/** Partial choices looked at for one mesh before its bound is given up. */
const MOST_LOOKED = 3000;

/** Wants of one mesh, height and lap are one band: the same widths run all its length. */
function together(wants: readonly StackWant[], stacks: readonly Stack[]) {
  const bands = new Map<string, { want: StackWant; stack: Stack }>();
  wants.forEach((want, i) => {
    const key = `${want.mesh} ${Math.round(want.height * 1e4)} ${want.lap}`;
    const before = bands.get(key);
    bands.set(key, {
      want: before ? { ...want, length: before.want.length + want.length } : want,
      stack: stacks[i],
    });
  });
  return [...bands.values()];
}

const sameSet = (a: Stack, b: Stack) => String(a) === String(b);

/**
 * Proves the choice of widths of its own: beside what the chosen rolls really cost, the least that every other choice could cost by length,
 * with the rings along its seams.
 *
 * @param pools  as cut, of which those of the same meshes are counted
 * @returns null where nothing was chosen, or a price is missing
 */
export function stackProof(
  market: Market,
  { wants, stacks, taken }: StackChoice,
  pools: readonly CuttingPool[],
  owned: readonly OwnedPiece[],
): StackProof | null {
  const bands = together(wants, stacks).filter((b) => b.stack !== undefined);
  if (bands.length === 0) return null;
  const meshes = new Set(bands.map((b) => b.want.mesh));
  const counted = pools.filter((p) => p.kind === 'mesh' && meshes.has(p.product));
  if (counted.some((p) => p.cost === null)) return null;
  const rate = ringRate(market) / PITCH.ring;
  const rings = (set: Stack, length: number) => ((set?.length ?? 1) - 1) * length * rate;
  const cost =
    counted.reduce((total, p) => total + (p.cost ?? 0), 0) +
    bands.reduce((total, { want, stack }) => total + rings(stack, want.length), 0);

  const has = new Map<string, number>();
  for (const piece of owned) {
    if (piece.kind !== 'roll' || piece.condition === 'poor') continue;
    const key = `${piece.product} ${piece.width}`;
    has.set(key, (has.get(key) ?? 0) + piece.count * piece.length);
  }
  const leastCost = leastOf(market, has);
  let all = 0;
  let difference = Infinity;
  for (const mesh of meshes) {
    const these = bands.filter((b) => b.want.mesh === mesh);
    const anyway = new Map([...taken].filter(([key]) => key.startsWith(`${mesh} `)));
    const found = leastChoices(market, these, anyway, leastCost, rings);
    if (!found) return { cost, bound: 0, proved: false };
    all += found.any;
    difference = Math.min(difference, found.other - found.any);
  }
  // Meshes share no rolls: the best other choice differs in one of them.
  const bound = all + difference;
  const proved = cost <= bound + 1e-6;
  return { cost, bound: proved ? cost : bound, proved };
}

interface ChosenBand {
  readonly want: StackWant;
  readonly stack: Stack;
}

/** What so much of one `mesh width` costs at least beside what is owned of it, by length. */
function leastOf(market: Market, has: ReadonlyMap<string, number>) {
  const known = new Map<string, Map<number, number>>();
  return (key: string, length: number): number => {
    const need = length - (has.get(key) ?? 0);
    if (need <= 1e-9) return 0;
    const prices = known.get(key) ?? new Map<number, number>();
    known.set(key, prices);
    const rounded = Math.round(need * 1e4);
    const before = prices.get(rounded);
    if (before !== undefined) return before;
    const [mesh = '', width = ''] = key.split(' ');
    const { cost } = cheapestCover(market.rolls(mesh, Number(width)), need);
    prices.set(rounded, cost);
    return cost;
  };
}

/**
 * For the bands of one mesh the least that any choice of widths costs by length, and the least of those other than the one made. A partial choice
 * is left as soon as what it takes already costs as much as the best other choice that is known.
 *
 * @returns undefined when there are too many choices to look at
 */
function leastChoices(
  market: Market,
  bands: readonly ChosenBand[],
  anyway: ReadonlyMap<string, number>,
  leastCost: (key: string, length: number) => number,
  rings: (set: Stack, length: number) => number,
): { readonly any: number; readonly other: number } | undefined {
  const lengths = new Map(anyway);
  // The cheapest alone first, so that the dear ones end at once.
  const alone = ({ mesh, length }: StackWant, set: readonly number[]) =>
    set.reduce((total, width) => total + leastCost(`${mesh} ${width}`, length), rings(set, length));
  const choices = bands.map(({ want }) =>
    setsThatReach(market, want)
      .map((set) => ({ set, cost: alone(want, set) }))
      .sort((a, b) => a.cost - b.cost)
      .map(({ set }) => set),
  );
  let [any, other, looked] = [Infinity, Infinity, 0];
  const costNow = () => {
    let total = 0;
    for (const [key, length] of lengths) total += leastCost(key, length);
    return total;
  };
  const look = (i: number, seams: number, chosen: boolean): boolean => {
    looked += 1;
    if (looked > MOST_LOOKED) return false;
    const cost = costNow() + seams;
    const band = bands[i];
    if (!band) {
      any = Math.min(any, cost);
      if (!chosen) other = Math.min(other, cost);
      return true;
    }
    if (cost >= other && (!chosen || cost >= any)) return true;
    const { want, stack } = band;
    for (const set of choices[i] ?? []) {
      const put = (sign: 1 | -1) => {
        for (const width of set) {
          const key = `${want.mesh} ${width}`;
          lengths.set(key, (lengths.get(key) ?? 0) + sign * want.length);
        }
      };
      put(1);
      const done = look(i + 1, seams + rings(set, want.length), chosen && sameSet(set, stack));
      put(-1);
      if (!done) return false;
    }
    return true;
  };
  return look(0, 0, true) ? { any, other } : undefined;
}

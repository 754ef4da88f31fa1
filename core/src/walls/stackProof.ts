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

/** More choices than these together are not looked at one by one. */
const MOST_CHOICES = 4000;

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
  const known = new Map<string, number>();
  const least = (key: string, length: number): number => {
    const need = length - (has.get(key) ?? 0);
    if (need <= 1e-9) return 0;
    const memo = `${key} ${need.toFixed(4)}`;
    const [mesh = '', width = ''] = key.split(' ');
    const price = known.get(memo) ?? cheapestCover(market.rolls(mesh, Number(width)), need).cost;
    known.set(memo, price);
    return price;
  };
  const choices = bands.map(({ want }) => setsThatReach(market, want));
  const all = choices.reduce((n, sets) => n * sets.length, 1);
  if (all > MOST_CHOICES) return { cost, bound: 0, proved: false };
  const anyway = [...taken].filter(([key]) => meshes.has(key.split(' ')[0] ?? ''));
  let bound = Infinity;
  const look = (i: number, lengths: ReadonlyMap<string, number>, seams: number, chosen: boolean) => {
    const band = bands[i];
    if (!band) {
      if (chosen) return;
      const rolls = [...lengths].reduce((total, [key, length]) => total + least(key, length), seams);
      bound = Math.min(bound, rolls);
      return;
    }
    for (const set of choices[i] ?? []) {
      const next = new Map(lengths);
      for (const width of set) {
        const key = `${band.want.mesh} ${width}`;
        next.set(key, (next.get(key) ?? 0) + band.want.length);
      }
      look(i + 1, next, seams + rings(set, band.want.length), chosen && sameSet(set, band.stack));
    }
  };
  look(0, new Map(anyway), 0, true);
  const proved = cost <= bound + 1e-6;
  return { cost, bound: proved ? cost : bound, proved };
}

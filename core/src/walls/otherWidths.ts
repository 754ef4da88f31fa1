import type { WallMarket } from '../catalogue/market';
import type { Memo } from '../cutting/memo';
import type { OwnedPiece } from '../plan/schema';
import {
  type Anyway,
  type Stack,
  type StackWant,
  bandKey,
  fastenerPrice,
  seamRings,
  setsThatReach,
  together,
} from './stacks';
import { TakenWidths, priceOf } from './takenWidths';

/** Wants of one mesh, height and lap: the same widths run all their length. */
export interface ChosenBand {
  /** With the length and the rings of all of them. */
  readonly want: StackWant;
  readonly stack: Stack;
  /** Which of the wants these are. */
  readonly of: readonly number[];
}

/** Other widths, one set a band. */
export interface OtherWidths {
  readonly sets: readonly (readonly number[])[];
  /** What their rolls, by length alone, and all rings and pegs cost at least, minor units. */
  readonly cost: number;
}

/** Partial choices looked at before the rest is bounded by the metre. */
const MOST_LOOKED = 3000;

/** Those that take widths, the longest first: they decide most of the price. */
export function chosenBands(wants: readonly StackWant[], stacks: readonly Stack[]): readonly ChosenBand[] {
  const bands = new Map<string, { want: StackWant; stack: readonly number[]; of: number[] }>();
  wants.forEach((want, i) => {
    const stack = stacks[i];
    if (!stack) return;
    const key = bandKey(want);
    const band = bands.get(key);
    if (!band) bands.set(key, { want, stack, of: [i] });
    else {
      band.want = together(band.want, want);
      band.stack = stack;
      band.of.push(i);
    }
  });
  return [...bands.values()].sort((a, b) => b.want.length - a.want.length);
}

const sameSet = (a: readonly number[], b: Stack): boolean =>
  a.length === b?.length && a.every((width, i) => width === b[i]);

/** The bands whose widths were chosen, and what is taken whichever they are. */
export interface ChosenWidths {
  readonly bands: readonly ChosenBand[];
  readonly anyway: Anyway;
  readonly owned: readonly OwnedPiece[];
}

/**
 * Visits the choices of widths other than the one made that could cost less than a limit.
 *
 * A partial choice is left as soon as what it takes already costs as much as the limit.
 *
 * @param limit  for the rolls of these meshes and for all rings and pegs, minor units; or what the choice made costs by length
 * @param visit  for each; returns the limit from then on
 * @returns a bound of those that were not visited, minor units: the limit, or less where there were too many to look at
 */
export function visitCheaper(
  market: WallMarket,
  { bands, anyway, owned }: ChosenWidths,
  limit: number | 'chosen',
  visit: (other: OtherWidths) => number,
  { effort = 1, memo }: { readonly effort?: number; readonly memo: Memo },
): number {
  const taken = new TakenWidths(market, new Set(bands.map((b) => b.want.mesh)), anyway, owned, memo);
  const packs = fastenerPrice(market, owned, memo);
  const ringPrice = (rings: number) => packs({ rings, pegs: anyway.pegs });
  // The cheapest alone first, so that the dear ones end at once.
  const choices = bands.map(({ want }) =>
    setsThatReach(market, want, owned, memo)
      .map((set) => {
        const widths = taken.of(want.mesh, set);
        const alone = widths.reduce((total, w) => total + priceOf(w, want.length, memo), 0);
        const metres = widths.reduce((total, w) => total + w.metre * want.length, 0);
        return { set, widths, rings: seamRings(set, want), alone, metres };
      })
      .sort((a, b) => a.alone - b.alone || a.rings - b.rings),
  );
  /** What the bands from one on take at least, by the metre. */
  const rest = bands.map(() => 0);
  for (let i = bands.length - 1; i >= 0; i--)
    rest[i] = (rest[i + 1] ?? 0) + Math.min(...(choices[i] ?? []).map((c) => c.metres));
  const byTheMetre = taken.metres + (rest[0] ?? 0);
  const sets: (readonly number[])[] = [];
  let below = limit === 'chosen' ? costOfChosen(bands, anyway, taken, ringPrice) : limit;
  let looked = 0;
  const look = (i: number, rings: number, chosen: boolean): boolean => {
    looked += 1;
    if (looked > MOST_LOOKED * effort) return false;
    const ringed = ringPrice(rings);
    const cost = taken.rolls + ringed;
    if (Math.max(cost, taken.metres + (rest[i] ?? 0) + ringed) >= below) return true;
    const band = bands[i];
    if (!band) {
      if (!chosen) below = visit({ sets: [...sets], cost });
      return true;
    }
    for (const { set, widths, rings: more } of choices[i] ?? []) {
      const giveBack = taken.take(widths, band.want.length);
      sets[i] = set;
      const done = look(i + 1, rings + more, chosen && sameSet(set, band.stack));
      giveBack();
      if (!done) return false;
    }
    sets.length = i;
    return true;
  };
  return look(0, anyway.rings, true) ? below : Math.min(below, byTheMetre);
}

/** What the choice made costs by length. */
function costOfChosen(
  bands: readonly ChosenBand[],
  anyway: Anyway,
  taken: TakenWidths,
  ringPrice: (count: number) => number,
): number {
  const back = bands.map(({ want, stack = [] }) => taken.take(taken.of(want.mesh, stack), want.length));
  const rings = bands.reduce((total, { want, stack }) => total + seamRings(stack, want), anyway.rings);
  const cost = taken.rolls + ringPrice(rings);
  for (const giveBack of back.reverse()) giveBack();
  return cost - 1e-6;
}

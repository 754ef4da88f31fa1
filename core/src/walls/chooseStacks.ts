import type { WallMarket } from '../catalogue/market';
import { type Memo, newMemo } from '../cutting/memo';
import { type OtherWidths, chosenBands, visitCheaper } from './otherWidths';
import {
  type Anyway,
  NOTHING,
  type Stack,
  type StackWant,
  bandKey,
  packPrices,
  rollPrice,
  seamRings,
  setsThatReach,
  together,
} from './stacks';

/** By a tenth of a millimetre, then by height: lengths alike to the tape keep their order whichever way the run lies. */
const longestFirst = (a: StackWant, b: StackWant): number =>
  Math.round(b.length * 1e4) - Math.round(a.length * 1e4) ||
  Math.round(b.height * 1e4) - Math.round(a.height * 1e4);

/** Prices closer than this are the same price: tax makes fractions, minor units. */
const SAME_PRICE = 1e-6;

/** Rounds of choosing again, each want beside what the others take: prices only fall, and soon stand still. */
const ROUNDS = 4;

/** Beyond so many bands their choices are not weighed all at once: there are far too many ways. */
const MOST_TOGETHER = 60;

/** The cheapest of all choices at once, where it is cheaper than one found one after the other. */
function cheapestTogether(
  market: WallMarket,
  wants: readonly StackWant[],
  stacks: readonly Stack[],
  anyway: Anyway,
  memo: Memo,
): readonly Stack[] {
  const bands = chosenBands(wants, stacks);
  let best: OtherWidths | undefined;
  visitCheaper(
    market,
    { bands, anyway, owned: [] },
    'chosen',
    (other) => {
      best = other;
      return other.cost - SAME_PRICE;
    },
    { memo },
  );
  if (!best) return stacks;
  const given = new Map(bands.map(({ want }, i) => [bandKey(want), best?.sets[i]]));
  return wants.map((want) => given.get(bandKey(want)));
}

/**
 * For each height wanted the cheapest set of one to three widths, every width running the whole length. Rows of one mesh and
 * width come from the same rolls, whoever wants them, and every seam takes its rings, which come in packs.
 *
 * Chosen one after the other, longest first, then again beside what the others took, until nothing falls any more; then all together, as far as
 * there are not too many ways.
 *
 * @param anyway  rolls and rings that are bought anyway
 * @param memo    which only saves work
 * @see domain.md 6: Σw − (k − 1)·lap ≥ height
 */
export function chooseStacks(
  market: WallMarket,
  wants: readonly StackWant[],
  anyway: Anyway = NOTHING,
  memo: Memo = newMemo(),
): readonly Stack[] {
  const ringPrice = packPrices(market, 'ring', memo);
  const lengths = new Map(anyway.rolls);
  let rings = anyway.rings;
  const keyOf = (mesh: string, width: number) => `${mesh} ${width}`;
  const put = (want: StackWant, set: Stack, sign: 1 | -1) => {
    const { mesh, length } = want;
    rings += sign * seamRings(set, want);
    for (const width of set ?? []) {
      const key = keyOf(mesh, width);
      lengths.set(key, (lengths.get(key) ?? 0) + sign * length);
    }
  };
  /** What a set costs more beside what is bought already. */
  const costs = (want: StackWant, set: readonly number[]) => {
    const { mesh, length } = want;
    return set.reduce(
      (total, width, i) => {
        if (set.indexOf(width) < i) return total;
        const has = lengths.get(keyOf(mesh, width)) ?? 0;
        const rows = set.filter((w) => w === width).length;
        const units = market.rolls(mesh, width);
        return (
          total + rollPrice(units, width, has + rows * length, memo) - rollPrice(units, width, has, memo)
        );
      },
      ringPrice(rings + seamRings(set, want)) - ringPrice(rings),
    );
  };
  // Wants of one mesh and height are one band: the same widths run all its length.
  const bands = new Map<string, StackWant>();
  for (const want of wants) {
    const before = bands.get(bandKey(want));
    bands.set(bandKey(want), before ? together(before, want) : want);
  }
  const all = [...bands.values()];
  const sets = new Map(all.map((want) => [want, setsThatReach(market, want, [], memo)]));
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
  const stacks = wants.map((want) => {
    const band = bands.get(bandKey(want));
    return band && chosen.get(band);
  });
  const few = order.length > 1 && order.length <= MOST_TOGETHER;
  return few ? cheapestTogether(market, wants, stacks, anyway, memo) : stacks;
}

/** How widths are chosen: the cheapest by length, or given ones to weigh them. */
export type ChooseStacks = typeof chooseStacks;

/** How widths of rolls are come by: the cheapest as cut, or given ones. */
export interface WidthsFor {
  readonly choose?: ChooseStacks | undefined;
  readonly asCut: boolean;
}

export const AS_CUT: WidthsFor = { asCut: true };

/** The widths that were chosen before for the same heights; the cheapest by length for others. */
export function sameAs(before: {
  readonly wants: readonly StackWant[];
  readonly stacks: readonly Stack[];
}): ChooseStacks {
  const given = new Map(before.wants.map((want, i) => [bandKey(want), before.stacks[i]]));
  return (market, wants, _, memo) =>
    wants.map((want) =>
      given.has(bandKey(want)) ? given.get(bandKey(want)) : chooseStacks(market, [want], NOTHING, memo)[0],
    );
}

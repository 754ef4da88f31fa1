import type { Market } from '../catalogue/market';
import type { OwnedPiece } from '../plan/schema';
import { EPSILON } from '../units/round';
import type { AskedWidths } from './hang';
import { type ChosenBand, type OtherWidths, chosenBands, visitCheaper } from './otherWidths';
import { sameAs } from './chooseStacks';
import { type Stack } from './stacks';

/** What some widths cost as they would really be cut, minor units: of their meshes' rolls, and of all rings and pegs. */
export interface Weighed {
  /** Infinity where they cannot be cut, or a price is missing. */
  readonly cost: number;
  /** Proved: no rolls do for less, with as many joints as were found. */
  readonly least: number;
}

/** Other choices cut up before the rest is left to looking further: of widths sold, and of those with one that is only in the shed. */
const MOST_WEIGHED = 8;

export interface Settled {
  readonly stacks: readonly Stack[];
  /** What every other choice costs at least, minor units. */
  readonly others: number;
}

const isSold = (market: Market, bands: readonly ChosenBand[], { sets }: OtherWidths): boolean =>
  bands.every(({ want }, i) => sets[i]?.every((width) => market.widths(want.mesh).includes(width)));

/**
 * Beside the widths that are cheapest by length weighs the others that could be cheaper as they would be cut, likeliest first: rolls are jointed at
 * posts and leaves are laid in off-cuts, which lengths know nothing of.
 *
 * @param weigh  what a choice costs as cut
 */
export function settleWidths(
  market: Market,
  asked: AskedWidths,
  first: readonly Stack[],
  owned: readonly OwnedPiece[],
  weigh: (stacks: readonly Stack[]) => Weighed,
): Settled {
  const bands = chosenBands(asked.wants.least, first);
  const begun = weigh(first);
  if (bands.length === 0 || begun.cost === Infinity) return { stacks: first, others: begun.least };
  const cheaper: OtherWidths[] = [];
  let others = visitCheaper(market, { bands, anyway: asked.anyway.least, owned }, begun.cost, (other) => {
    cheaper.push(other);
    return begun.cost;
  });
  cheaper.sort((a, b) => a.cost - b.cost);
  let best = { stacks: first, ...begun };
  const weighedOf = { sold: 0, shed: 0 };
  for (const other of cheaper) {
    if (other.cost >= best.cost - EPSILON) break;
    const kind = isSold(market, bands, other) ? 'sold' : 'shed';
    if (weighedOf[kind] >= MOST_WEIGHED) {
      others = Math.min(others, other.cost);
      continue;
    }
    weighedOf[kind] += 1;
    const same = sameAs({ wants: bands.map((b) => b.want), stacks: other.sets });
    const stacks = same(market, asked.wants.least);
    const weighed = weigh(stacks);
    if (weighed.cost < best.cost - EPSILON) {
      others = Math.min(others, best.least);
      best = { stacks, ...weighed };
    } else others = Math.min(others, weighed.least);
  }
  return { stacks: best.stacks, others };
}

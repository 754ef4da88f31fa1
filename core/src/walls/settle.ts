import type { WallMarket } from '../catalogue/market';
import type { Memo } from '../cutting/memo';
import type { OwnedPiece } from '../plan/schema';
import { EPSILON } from '../units/round';
import type { AskedWidths } from './hang';
import { type ChosenBand, type OtherWidths, chosenBands, visitCheaper } from './otherWidths';
import { sameAs } from './chooseStacks';
import { NOTHING, type Stack } from './stacks';

/** What some widths cost as they would really be cut, minor units: of their meshes' rolls, and of all rings and pegs. */
export interface Weighed {
  /** Infinity where they cannot be cut, or a price is missing. */
  readonly cost: number;
  /** Proved: no rolls do for less, with as many joints as were found. */
  readonly least: number;
  /** What cannot be cut so: bays that no roll reaches, rolls that the yards do not hold. */
  readonly unfit: number;
}

/** Other choices cut up before the rest is left to looking further: of widths sold, and of those with one that is only in the shed. */
const MOST_WEIGHED = 8;
/** The same while none was found that can be cut from what is held. */
const MOST_WEIGHED_UNFIT = 12;
/** More than any choice costs, minor units. */
const ANY_PRICE = 1e12;
/** Pieces that all those choices may be cut into together: of a long fence fewer are weighed, perhaps none. */
const MOST_PIECES = 3_000;

export interface Settled {
  readonly stacks: readonly Stack[];
  /** What every other choice costs at least, minor units. */
  readonly others: number;
}

const isSold = (market: WallMarket, bands: readonly ChosenBand[], { sets }: OtherWidths): boolean =>
  bands.every(({ want }, i) => sets[i]?.every((width) => market.widths(want.mesh).includes(width)));

/**
 * Beside the widths that are cheapest by length weighs the others that could be cheaper as they would be cut, likeliest first: rolls are jointed at
 * posts and leaves are laid in off-cuts, which lengths know nothing of.
 *
 * @param pieces how many pieces a choice is cut into at least: what weighing it takes
 * @param weigh  what a choice costs as cut
 */
export function settleWidths(
  market: WallMarket,
  asked: AskedWidths,
  first: readonly Stack[],
  owned: readonly OwnedPiece[],
  pieces: number,
  memo: Memo,
  weigh: (stacks: readonly Stack[]) => Weighed,
): Settled {
  const bands = chosenBands(asked.wants.least, first);
  // A fence that long is cut once; what other widths would cost is not known.
  if (pieces > MOST_PIECES) return { stacks: first, others: 0 };
  const begun = weigh(first);
  const fits = begun.unfit === 0;
  if (bands.length === 0 || (fits && begun.cost === Infinity)) return { stacks: first, others: begun.least };
  const limit = fits ? begun.cost : ANY_PRICE;
  const cheaper: OtherWidths[] = [];
  const bound = visitCheaper(
    market,
    { bands, anyway: asked.anyway.least, owned },
    limit,
    (other) => {
      cheaper.push(other);
      return limit;
    },
    { memo },
  );
  cheaper.sort((a, b) => a.cost - b.cost);
  let best = { stacks: first, ...begun };
  const passed: Pick<Weighed, 'least' | 'unfit'>[] = [];
  const weighedOf = { sold: 0, shed: 0 };
  const most = Math.min(fits ? MOST_WEIGHED : MOST_WEIGHED_UNFIT, Math.floor(MOST_PIECES / pieces));
  for (const other of cheaper) {
    if (best.unfit === 0 && other.cost >= best.cost - EPSILON) break;
    const kind = isSold(market, bands, other) ? 'sold' : 'shed';
    if (weighedOf[kind] >= most) {
      passed.push({ least: other.cost, unfit: 0 });
      continue;
    }
    weighedOf[kind] += 1;
    const same = sameAs({ wants: bands.map((b) => b.want), stacks: other.sets });
    const stacks = same(market, asked.wants.least, NOTHING, memo);
    const weighed = weigh(stacks);
    if (isBetter(weighed, best)) {
      passed.push(best);
      best = { stacks, ...weighed };
    } else passed.push(weighed);
  }
  // What is less fit would not be taken whatever it costs.
  const others = passed.filter((p) => p.unfit <= best.unfit).map((p) => p.least);
  return { stacks: best.stacks, others: Math.min(fits ? bound : best.least, ...others) };
}

/** What can be built as meant before what is cheap. */
const isBetter = (a: Weighed, b: Weighed): boolean =>
  a.unfit < b.unfit || (a.unfit === b.unfit && a.cost < b.cost - EPSILON);

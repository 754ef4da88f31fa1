import type { CutMarket } from '../catalogue/market';
import type { PackId } from '../catalogue/packs';
import type { Memo } from '../cutting/memo';
import type { Cutter, Wanted } from '../cutting/wanted';
import type { OwnedPiece } from '../plan/schema';
import { EPSILON } from '../units/round';
import { assignedTo, cheapest } from './cheapest';
import type { Ask } from './demand';
import { gatherMesh } from './gather';
import { type Traded, leastTogether, tradedFor } from './leastTogether';
import type { WayProof } from './proofBook';
import { type Assigned, type Opened, type Taking, asksWith } from './opened';
import { type Choosing, type OtherWay, visitCheaper } from './otherWays';
import type { Anyway, TriedBy } from './takenRolls';
import type { PackUnits } from './prices';
import { type Weighed, type WeighedBy, weigh } from './weigh';

/** Other ways cut up before the rest is left to looking further: of widths sold, and of those with one that is only in the shed. */
const MOST_WEIGHED = 8;
/** The same while none was found that can be cut from what is held. */
const MOST_WEIGHED_UNFIT = 12;
/** More than any way costs, minor units. */
const ANY_PRICE = 1e12;
/** Pieces that all those ways may be cut into together: of a long fence fewer are weighed, perhaps none. */
const MOST_PIECES = 3_000;

/** What was chosen, and what it rests on. */
export interface Settled extends Chosen {
  /** Pools that are not cut from the cheapest rolls, for fewer joints; null where all are. */
  readonly cuttings: Traded['cuttings'];
  /** By how much it could cost less with other rolls of the same widths, minor units. */
  readonly gap: number;
  /** What every other way to choose costs at least, minor units. */
  readonly others: number;
}

/** How many pieces of mesh there are to lay out, each bay for itself. */
function piecesOf(asks: readonly Ask[]): number {
  let pieces = 0;
  for (const ask of asks) {
    if (ask.buy === 'sheet') pieces += ask.count;
    if (ask.buy !== 'mesh') continue;
    for (const { joints } of ask.runs) pieces += joints === 'anywhere' ? 1 : joints.length + 1;
  }
  return pieces;
}

/** What is taken whichever way: of rolls in widths that the keeper gave, and of packs. */
export function takenAnyway({ items, packs }: Opened): Anyway {
  const rolls: Anyway['rolls'][number][] = [];
  const counts = new Map(packs.map((pack) => [pack, 0]));
  const count = (pack: PackId, pieces: number) => {
    if (counts.has(pack)) counts.set(pack, (counts.get(pack) ?? 0) + pieces);
  };
  for (const item of items) {
    if (item.kind === 'following') for (const [pack, pieces] of item.following.least) count(pack, pieces);
    if (item.kind !== 'ask') continue;
    const { ask } = item;
    if (ask.buy === 'mesh') rolls.push({ mesh: ask.mesh, width: ask.width, ...ask.takes });
    if (ask.buy === 'pack') count(ask.pack, ask.count);
  }
  return { rolls, packs: counts };
}

/** All that settling one way to buy rests on: for looking further too. */
export interface Settling {
  readonly opened: Opened;
  readonly market: CutMarket & PackUnits;
  readonly owned: readonly OwnedPiece[];
  readonly memo: Memo;
}

/** A way to choose: what is asked for with it, and what that is cut from. */
interface Chosen {
  readonly assigned: Assigned;
  readonly asks: readonly Ask[];
  readonly wanted: readonly Wanted[];
}

/** A way to choose with what it costs as cut. */
export interface WeighedWay extends Chosen, Weighed {}

/** By what ways are weighed. */
export const weighedBy = (settling: Settling, cut: Cutter): WeighedBy => {
  const { meshes, packs } = settling.opened;
  return { ...settling, meshes, packs, cut };
};

/** Weighs ways to choose as they would be cut. */
export const weighing =
  (settling: Settling, cut: Cutter) =>
  (assigned: Assigned): WeighedWay => {
    const asks = asksWith(settling.opened, assigned);
    const wanted = gatherMesh(asks, { ...settling, cut });
    return { assigned, asks, wanted, ...weigh(asks, wanted, weighedBy(settling, cut)) };
  };

/** What is chosen from, with what is taken anyway, and by what prices. */
export function choosing({ opened, market, owned, memo }: Settling) {
  const { choices, packs } = opened;
  const by = (takes: TriedBy['by']): TriedBy => ({ market, owned, memo, packs, by: takes });
  return { from: { choices, anyway: takenAnyway(opened) } satisfies Choosing, by };
}

/** What looking further found, where all of it is still there to choose from. */
function asFound({ choices }: Opened, { taken }: WayProof): Assigned | null {
  const assigned = new Map<string, Taking>();
  for (const { alike, takings } of choices) {
    const taking = takings.find(({ id }) => id === taken[alike]);
    if (!taking) return null;
    assigned.set(alike, taking);
  }
  return assigned;
}

/**
 * Beside the candidates that are cheapest by length weighs the ways that could be cheaper as they would be cut, likeliest first: rolls are jointed at
 * posts and leaves are laid in off-cuts, which lengths know nothing of.
 *
 * @param found  by looking further before
 */
export function settle(settling: Settling, cut: Cutter, found: WayProof | null): Settled {
  const { opened } = settling;
  const { choices } = opened;
  const { from, by: triedBy } = choosing(settling);
  const by = weighedBy(settling, cut);
  const weighed = weighing(settling, cut);
  const first = cheapest(triedBy('most'), from);
  const begun = weighed(first);
  const settledOn = (way: WeighedWay, others: number): Settled => {
    const { cost, least, cuttings } = tradedFor(way, by);
    return { ...way, cuttings, gap: cost === Infinity ? 0 : cost - least, others };
  };
  const pieces = piecesOf(begun.asks);
  // A fence that long is cut once; what other ways would cost is not known.
  if (pieces > MOST_PIECES) return settledOn(begun, 0);
  const known = found && asFound(opened, found);
  const knownWay = known && weighed(known);
  // Checked before it is used: what is no better than the first choice was not found for these prices.
  if (found && knownWay && !isBetter(begun, knownWay)) return settledOn(knownWay, found.others);
  const fits = begun.unfit === 0;
  if (choices.length === 0 || (fits && begun.cost === Infinity)) return settledOn(begun, begun.least);
  const limit = fits ? begun.cost : ANY_PRICE;
  const cheaper: OtherWay[] = [];
  const bound = visitCheaper(triedBy('least'), from, { assigned: first, limit }, (other) => {
    cheaper.push(other);
    return limit;
  });
  cheaper.sort((a, b) => a.cost - b.cost);
  let best = begun;
  const passed: WeighedWay[] = [];
  let least = fits ? bound : Infinity;
  const weighedOf = { sold: 0, shed: 0 };
  const most = Math.min(fits ? MOST_WEIGHED : MOST_WEIGHED_UNFIT, Math.floor(MOST_PIECES / pieces));
  for (const other of cheaper) {
    if (best.unfit === 0 && other.cost >= best.cost - EPSILON) break;
    const kind = other.takings.every((t) => t.sold) ? 'sold' : 'shed';
    if (weighedOf[kind] >= most) {
      least = Math.min(least, other.cost);
      continue;
    }
    weighedOf[kind] += 1;
    const weighedOther = weighed(assignedTo(choices, other.takings));
    if (isBetter(weighedOther, best)) {
      passed.push(best);
      best = weighedOther;
    } else passed.push(weighedOther);
  }
  const enough = best.cost;
  // What is less fit would not be taken whatever it costs.
  for (const way of passed) if (way.unfit <= best.unfit) least = Math.min(least, leastOf(way, by, enough));
  return settledOn(best, fits ? least : Math.min(least, best.least));
}

/** What a way costs at least: looked at closer where it could be less than a limit. */
export const leastOf = (way: WeighedWay, by: WeighedBy, limit: number): number =>
  way.least >= limit - EPSILON ? way.least : leastTogether(way, by);

/** What can be built as meant before what is cheap. */
export const isBetter = (a: Weighed, b: Weighed): boolean =>
  a.unfit < b.unfit || (a.unfit === b.unfit && a.cost < b.cost - EPSILON);

import type { CutMarket } from '../catalogue/market';
import type { PackId } from '../catalogue/packs';
import type { Memo } from '../cutting/memo';
import type { Cutter } from '../cutting/wanted';
import type { OwnedPiece } from '../plan/schema';
import { EPSILON } from '../units/round';
import { assignedTo, cheapest } from './cheapest';
import type { Ask } from './demand';
import type { WayProof } from '../proofBook';
import { type Assigned, type Opened, type Taking, asksWith } from './opened';
import { type Choosing, type OtherWay, visitCheaper } from './otherWays';
import type { Anyway, TriedBy } from './takenRolls';
import type { PackUnits } from './prices';
import { type Weighed, weigh } from './weigh';

/** Other ways cut up before the rest is left to looking further: of widths sold, and of those with one that is only in the shed. */
const MOST_WEIGHED = 8;
/** The same while none was found that can be cut from what is held. */
const MOST_WEIGHED_UNFIT = 12;
/** More than any way costs, minor units. */
const ANY_PRICE = 1e12;
/** Pieces that all those ways may be cut into together: of a long fence fewer are weighed, perhaps none. */
const MOST_PIECES = 3_000;

/** What was chosen, and what it rests on. */
export interface Settled {
  readonly assigned: Assigned;
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

/** What a way to choose costs as cut. */
export type Weigh = (assigned: Assigned) => Weighed;

export const weighing =
  ({ opened, ...by }: Settling, cut: Cutter): Weigh =>
  (assigned) =>
    weigh(asksWith(opened, assigned), { ...by, meshes: opened.meshes, packs: opened.packs, cut });

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
  const { from, by } = choosing(settling);
  const weighed = weighing(settling, cut);
  const first = cheapest(by('most'), from);
  const pieces = piecesOf(asksWith(opened, first));
  // A fence that long is cut once; what other ways would cost is not known.
  if (pieces > MOST_PIECES) return { assigned: first, others: 0 };
  const begun = weighed(first);
  const known = found && asFound(opened, found);
  // Checked before it is used: what is no better than the first choice was not found for these prices.
  if (found && known && !isBetter(begun, weighed(known))) return { assigned: known, others: found.others };
  const fits = begun.unfit === 0;
  if (choices.length === 0 || (fits && begun.cost === Infinity))
    return { assigned: first, others: begun.least };
  const limit = fits ? begun.cost : ANY_PRICE;
  const cheaper: OtherWay[] = [];
  const bound = visitCheaper(by('least'), from, first, limit, (other) => {
    cheaper.push(other);
    return limit;
  });
  cheaper.sort((a, b) => a.cost - b.cost);
  let best = { assigned: first, ...begun };
  const passed: Pick<Weighed, 'least' | 'unfit'>[] = [];
  const weighedOf = { sold: 0, shed: 0 };
  const most = Math.min(fits ? MOST_WEIGHED : MOST_WEIGHED_UNFIT, Math.floor(MOST_PIECES / pieces));
  for (const other of cheaper) {
    if (best.unfit === 0 && other.cost >= best.cost - EPSILON) break;
    const kind = other.takings.every((t) => t.sold) ? 'sold' : 'shed';
    if (weighedOf[kind] >= most) {
      passed.push({ least: other.cost, unfit: 0 });
      continue;
    }
    weighedOf[kind] += 1;
    const assigned = assignedTo(choices, other.takings);
    const now = weighed(assigned);
    if (isBetter(now, best)) {
      passed.push(best);
      best = { assigned, ...now };
    } else passed.push(now);
  }
  // What is less fit would not be taken whatever it costs.
  const others = passed.filter((p) => p.unfit <= best.unfit).map((p) => p.least);
  return { assigned: best.assigned, others: Math.min(fits ? bound : best.least, ...others) };
}

/** What can be built as meant before what is cheap. */
export const isBetter = (a: Weighed, b: Weighed): boolean =>
  a.unfit < b.unfit || (a.unfit === b.unfit && a.cost < b.cost - EPSILON);

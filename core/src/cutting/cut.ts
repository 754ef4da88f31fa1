import type { Cutting, Slot, Task } from './cutting';
import { EPSILON } from '../units/round';
import { cutAlike } from './alike';
import { ownedSlot } from './bins';
import { CoverSearch, cheapestCover } from './covers';
import { type Effort, usualEffort } from './effort';
import { finish } from './finish';
import { layExactly } from './lay';
import type { Budget } from './stepsLeft';
import { type Memo, newMemo } from './memo';
import { type Prepared, couldHold, prepare } from './prepare';
import { LARGE, type Laid, cheaper, countOf, packAsNeeded, packBest, used } from './quick';
import { demands, slotsOf } from './sets';
import { isSheet } from './sheets';
import { rateOf, tabled } from './tabled';

/** All is laid, and what is bought for it has a price: nothing may be. */
export const isPriced = ({ bins, unplaced }: Cutting): boolean =>
  unplaced.length === 0 && bins.every(({ slot }) => slot.unit?.price !== null);

/** Sets of rolls that cannot hold the runs of a task, by their names: whatever else is sold. */
type Refuted = Set<string>;

const setName = (slots: readonly Slot[], { strips, sheets, loose }: Prepared): string =>
  `${strips.length} ${sheets.length} ${loose.length}: ${slots.map(({ size }) => size).join()}`;

/** Of more small pieces each way of laying takes long. */
const FEW_SHEETS = 2;

interface Found {
  readonly laid: Laid | undefined;
  readonly bound: number;
}

/**
 * Sets of rolls in order of price: each is laid by the quick ways, and where they fail, searched through. The first that is laid after
 * all before it were refuted is the cheapest; where one could be neither laid nor refuted, its price is as far as the proof goes.
 *
 * @param start  what was laid before; or how to lay it at need
 */
function search(
  given: Prepared,
  owned: readonly Slot[],
  start: Laid | (() => Laid | undefined),
  { effort, refuted }: { readonly effort: Effort; readonly refuted: Refuted },
): Found {
  const { units } = given.task;
  const has = owned.reduce((total, o) => total + o.size, 0);
  const byLength = cheapestCover(units, given.need - has);
  // What length alone asks for is very often enough, and is then the proof.
  const held = byLength.counts.every((n, i) => n <= (units[i]?.stock ?? n));
  const enough = (laid: Laid | undefined) => held && laid && laid.cost <= byLength.floor + EPSILON;
  const packed = () => packBest(slotsOf(byLength, units, owned), given);
  const begin = () => (typeof start === 'function' ? start() : start);
  // What is known already, or lays small pieces less often, goes first.
  const startFirst = typeof start !== 'function' || given.sheets.length > FEW_SHEETS;
  const ways = startFirst ? [begin, packed] : [packed, begin];
  const laidSo: (Laid | undefined)[] = [];
  for (const way of ways) {
    const laid = way();
    if (enough(laid)) return { laid, bound: byLength.floor };
    laidSo.push(laid);
  }
  const begun = laidSo[ways.indexOf(begin)];
  const covers = new CoverSearch(units, demands(given, owned), effort.units);
  const proving: Budget = { nodes: effort.proving };
  let best = begun;
  const worth =
    owned.length === 0 && covers.floor < (best?.cost ?? Infinity) - EPSILON ? given.worth() : undefined;
  const table = worth && tabled(given, worth, best?.cost ?? Infinity);
  if (table?.least != null) return { laid: table.laid ?? best, bound: table.least };
  if (table?.laid) best = table.laid;
  let bound: number | undefined;
  const price = () => best?.cost ?? Infinity;
  for (let looked = 0; looked < effort.sets; looked++) {
    if (covers.floor >= price() - EPSILON) break;
    const cover = covers.next();
    if (!cover) break;
    if (cover.cost >= price() - EPSILON) break;
    const slots = slotsOf(cover, units, owned);
    if (!couldHold(given, slots)) continue;
    const quick = packBest(slots, given);
    if (quick) {
      if (cheaper(quick, best)) best = quick;
      continue;
    }
    if (bound !== undefined && proving.nodes <= 0) continue;
    const set = setName(slots, given);
    if (refuted.has(set)) continue;
    const share: Budget = { nodes: Math.ceil(proving.nodes / 2) };
    const asked = share.nodes;
    const laid = share.nodes > 0 ? layExactly(slots, given, share) : { outcome: 'unknown' as const };
    proving.nodes -= asked - share.nodes;
    if (laid.outcome === 'laid') best = used(laid.bins);
    else if (laid.outcome === 'unknown') bound ??= cover.cost;
    else refuted.add(set);
  }
  const floor = Math.min(price(), covers.floor);
  return { laid: best, bound: Math.min(bound ?? Infinity, floor) };
}

/** Of so many pieces that are not jointed those alike are laid together, and no roll is looked at for each. */
const MANY_ALIKE = 200;

function cutMany(given: Prepared): { readonly laid: Laid; readonly bound: number } | undefined {
  const { units } = given.task;
  const worth = given.worth();
  const table = worth && tabled(given, worth, Infinity);
  if (!worth || !table?.laid) return undefined;
  const byWorth = worth.need * rateOf(worth, units);
  const least = table.least ?? Math.max(byWorth, cheapestCover(units, given.need).floor);
  return { laid: table.laid, bound: Math.min(least, table.laid.cost) };
}

/** Of all that is sold and owned, as far as the search sees. */
function cutOnce(task: Task, memo: Memo, effort: Effort | undefined, refuted: Refuted): Cutting {
  const { runs, width, units } = task;
  // Nothing is turned or ripped lengthwise where that saves no money; what can hang no other way is.
  const hung = prepare(task, 'as-hung', memo);
  const turns = runs.some((run) => isSheet(run, width, 'any') && !isSheet(run, width, 'as-hung'));
  const given = turns ? prepare(task, 'any', memo) : hung;
  const asHung = hung.unplaced.length === given.unplaced.length ? hung : given;
  if (countOf(given) === 0)
    return { bins: [], joints: 0, cost: 0, bound: 0, unplaced: given.unplaced, overStock: false };
  const how = effort ?? usualEffort(given);
  const alike = cutAlike(given);
  if (alike) {
    const unturned = asHung === given ? alike : cutAlike(asHung);
    const hangs = unturned && unturned.cost <= alike.cost + EPSILON;
    return finish(hangs ? asHung : given, [], { laid: hangs ? unturned : alike, bound: alike.cost }, how);
  }
  const many = countOf(given) > MANY_ALIKE && task.owned.length === 0 ? cutMany(given) : undefined;
  if (many) return finish(given, [], { laid: many.laid, bound: many.bound }, how);
  const owned = task.owned.map(ownedSlot);
  const asNeeded = (): Laid | undefined => {
    const beside = packAsNeeded(asHung, owned);
    const alone = owned.length > 0 ? packAsNeeded(asHung, []) : undefined;
    return alone && cheaper(alone, beside) ? alone : beside;
  };
  const plain = search(asHung, owned, asNeeded, { effort: how, refuted });
  const { laid, bound } =
    asHung === given ? plain : search(given, owned, plain.laid ?? asNeeded, { effort: how, refuted });
  if (laid) return finish(laid === plain.laid ? asHung : given, owned, { laid, bound }, how);
  // An owned length counted on for more than it holds: without it what fits no roll that is sold is told.
  if (owned.length > 0) return cutOnce({ ...task, owned: [] }, memo, effort, refuted);
  // The yard does not hold enough: as if it did, and it is said.
  if (units.every((u) => u.stock === null)) throw new RangeError('a run that can be laid was not laid');
  const plenty = units.map((u) => ({ ...u, stock: null }));
  return { ...cutOnce({ ...task, units: plenty }, memo, effort, refuted), overStock: true };
}

const MOST_LEFT_OUT = 24;

/** Ways to do with less: without one length sold, without one of what is owned. */
function withLess(task: Task): readonly Task[] {
  const { units, owned } = task;
  // With so many to do without, each would have to be left out in turn.
  if (units.length + owned.length > MOST_LEFT_OUT) return [];
  // Pieces of one entry of the shed are told apart by what follows the sign.
  const entryOf = (id: string) => id.replace(/#\d+$/, '');
  const entries = [...new Set(owned.map((o) => entryOf(o.id)))];
  return [
    ...(units.length > 1 ? units.map((unit) => ({ ...task, units: units.filter((u) => u !== unit) })) : []),
    ...entries.map((entry) => ({ ...task, owned: owned.filter((o) => entryOf(o.id) !== entry) })),
  ];
}

/**
 * Cuts runs from whole rolls by a fast method, with a bound that proves how good it is.
 *
 * The lowest price comes first; it is proved where `cost` is `bound`. Of ways at that price those with fewer joints, then with more cut
 * from what is owned, then with the longest single left-over are preferred: best effort.
 *
 * @param task    what is to be cut from what
 * @param effort  how long to search; the answer depends on it and on the task alone
 * @param memo    which only saves work
 * @returns rolls with cuts; cost and bound in the units' prices (or m of roll where unpriced)
 * @see rules: Cutting and buying
 */
export function cutRuns(task: Task, effort?: Effort, memo: Memo = newMemo()): Cutting {
  const refuted: Refuted = new Set();
  const cutting = cutOnce(task, memo, effort, refuted);
  if (cutting.cost <= cutting.bound + EPSILON || cutting.overStock || prepare(task, 'any', memo).size > LARGE)
    return cutting;
  // The search is led astray now and then by a length more than it needs: what is proved without one is never made dearer by it.
  const others = withLess(task)
    .map((less) => cutOnce(less, memo, effort, refuted))
    .filter((other) => other.unplaced.length === cutting.unplaced.length && !other.overStock);
  const best = others.reduce((a, b) => (b.cost < a.cost - EPSILON ? b : a), cutting);
  return { ...best, bound: Math.min(cutting.bound, best.cost) };
}

import type { CutPlan, Slot, Task } from './plan';
import { EPSILON } from '../units/round';
import { cutAlike } from './alike';
import { costOf, jointsOf, ownedSlot } from './bins';
import { CoverSearch, cheapestCover } from './covers';
import { layExactly } from './lay';
import type { Budget } from './stepsLeft';
import { type Memo, newMemo } from './memo';
import { polish } from './polish';
import { type Prepared, couldHold, prepare } from './prepare';
import { LARGE, type Laid, MANY_RUNS, cheaper, countOf, packAsNeeded, packBest, used } from './quick';
import { demands, slotsOf } from './sets';
import { isSheet } from './sheets';
import { leastJoints } from './stretch';

/** All is laid, and what is bought for it has a price: nothing may be. */
export const isPriced = ({ bins, unplaced }: CutPlan): boolean =>
  unplaced.length === 0 && bins.every(({ slot }) => slot.unit?.price !== null);

/** How long the fast method searches: nodes, the same on every machine. */
export interface Effort {
  /** To refute sets of rolls that are cheaper than what was found. */
  readonly proving: number;
  /** To do with fewer joints what is proved the cheapest. */
  readonly joining: number;
  /** Sets of rolls looked at, and units looked through to put them together. */
  readonly sets: number;
  readonly units: number;
}

const UNITS = 500_000;
/** Beyond so many runs or rolls the search sees a small part of all ways. */
const SEARCHED_RUNS = 12;
const SEARCHED_ROLLS = 8;

/** Large pools are not searched so deep: what a node costs grows with the rolls. */
export function usualEffort(given: Prepared): Effort {
  const bays = given.strips.reduce((n, run) => n + run.joints.length + 1, 0);
  const runs = given.strips.length + given.loose.length + given.sheets.length;
  if (bays > 150 || runs > MANY_RUNS) {
    const [most, through] = given.size > LARGE ? [1, UNITS / 10] : [2, UNITS];
    const sets = Math.max(most, Math.min(16, Math.floor(160 / runs)));
    return { proving: 0, joining: 0, sets, units: through };
  }
  // Many short pieces fill many rolls in far too many ways: they are left to the solver.
  const rolls = given.need / given.longest;
  if (runs > SEARCHED_RUNS || rolls > SEARCHED_ROLLS)
    return { proving: 300, joining: 60, sets: 40, units: UNITS };
  return { proving: 6000, joining: 300, sets: 400, units: UNITS };
}

/** Minor units. */
const ROUNDING = 1e-6;

/** Sets of rolls at the lowest price that are laid anew for fewer joints. */
const SETS_AT_BEST = 12;

interface Found {
  readonly laid: Laid | undefined;
  readonly bound: number;
}

/**
 * Sets of rolls in order of price: each is laid by the quick ways, and where they fail, searched through. The first that is laid after
 * all before it were refuted is the cheapest; where one could be neither laid nor refuted, its price is as far as the proof goes.
 */
function search(given: Prepared, owned: readonly Slot[], start: Laid | undefined, effort: Effort): Found {
  const { units } = given.task;
  const has = owned.reduce((total, o) => total + o.size, 0);
  const byLength = cheapestCover(units, given.need - has);
  // What length alone asks for is very often enough, and is then the proof.
  const held = byLength.counts.every((n, i) => n <= (units[i]?.stock ?? n));
  const enough = (laid: Laid | undefined) => held && laid && laid.cost <= byLength.floor + EPSILON;
  if (enough(start)) return { laid: start, bound: byLength.floor };
  const first = packBest(slotsOf(byLength, units, owned), given);
  if (enough(first)) return { laid: first, bound: byLength.floor };
  const covers = new CoverSearch(units, demands(given, owned), effort.units);
  const proving: Budget = { nodes: effort.proving };
  let best = start;
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
    const share: Budget = { nodes: Math.ceil(proving.nodes / 2) };
    const asked = share.nodes;
    const laid = share.nodes > 0 ? layExactly(slots, given, share) : { outcome: 'unknown' as const };
    proving.nodes -= asked - share.nodes;
    if (laid.outcome === 'laid') best = used(laid.bins);
    else if (laid.outcome === 'unknown') bound ??= cover.cost;
  }
  const floor = Math.min(price(), covers.floor);
  return { laid: best, bound: Math.min(bound ?? Infinity, floor) };
}

/** Sets at the price that was found, each laid for as few joints as the budget allows. */
function fewestJoints(given: Prepared, owned: readonly Slot[], best: Laid, effort: Effort): Laid {
  const { units, lap } = given.task;
  const runs = [...given.strips, ...given.loose];
  const least = runs.reduce((total, run) => total + leastJoints(run, given.longest, lap), 0);
  const done = (laid: Laid) => jointsOf(laid.bins) === least;
  // Nothing owned to be preferred, and no joint to be saved.
  if (done(best) && owned.length === 0) return best;
  const covers = new CoverSearch(units, demands(given, owned));
  let found = best;
  for (let tried = 0; tried < SETS_AT_BEST && covers.floor <= best.cost + EPSILON;) {
    const cover = covers.next();
    if (!cover || cover.cost > best.cost + EPSILON) break;
    if (cover.cost < best.cost - EPSILON) continue;
    tried += 1;
    const slots = slotsOf(cover, units, owned);
    if (!couldHold(given, slots)) continue;
    const quick = packBest(slots, given);
    if (quick && cheaper(quick, found)) found = quick;
    const budget: Budget = { nodes: effort.joining };
    while (!done(found)) {
      const laid = layExactly(slots, given, budget, jointsOf(found.bins) - 1);
      if (laid.outcome !== 'laid') break;
      const fewer = used(laid.bins);
      if (!cheaper(fewer, found)) break;
      found = fewer;
    }
  }
  return found;
}

/** What was found, with as few joints and as long a left-over as the effort allows. */
export function finish(
  given: Prepared,
  owned: readonly Slot[],
  laid: Laid,
  bound: number,
  effort: Effort,
): CutPlan {
  const fewer = effort.joining > 0 ? fewestJoints(given, owned, laid, effort) : laid;
  const bins = polish(fewer.bins, given.task);
  return {
    bins,
    joints: jointsOf(bins),
    cost: costOf(bins),
    // Prices are summed in fractions of a minor unit: what reaches the cost but for these is the cost.
    bound: bound >= costOf(bins) - ROUNDING ? costOf(bins) : bound,
    unplaced: given.unplaced,
    overStock: false,
  };
}

/** Of all that is sold and owned, as far as the search sees. */
function cutOnce(task: Task, memo: Memo, effort?: Effort): CutPlan {
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
    return finish(hangs ? asHung : given, [], hangs ? unturned : alike, alike.cost, how);
  }
  const owned = task.owned.map(ownedSlot);
  const asNeeded = [packAsNeeded(asHung, owned), ...(owned.length > 0 ? [packAsNeeded(asHung, [])] : [])];
  const start = asNeeded.reduce((a, b) => (b && cheaper(b, a) ? b : a), undefined);
  const plain = search(asHung, owned, start, how);
  const { laid, bound } = asHung === given ? plain : search(given, owned, plain.laid, how);
  if (laid) return finish(laid === plain.laid ? asHung : given, owned, laid, bound, how);
  // An owned length counted on for more than it holds: without it what fits no roll that is sold is told.
  if (owned.length > 0) return cutOnce({ ...task, owned: [] }, memo, effort);
  // The yard does not hold enough: as if it did, and it is said.
  if (units.every((u) => u.stock === null)) throw new RangeError('a run that can be laid was not laid');
  const plenty = units.map((u) => ({ ...u, stock: null }));
  return { ...cutOnce({ ...task, units: plenty }, memo, effort), overStock: true };
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
 * @see domain.md 14
 */
export function cutRuns(task: Task, effort?: Effort, memo: Memo = newMemo()): CutPlan {
  const plan = cutOnce(task, memo, effort);
  if (plan.cost <= plan.bound + EPSILON || plan.overStock || prepare(task, 'any', memo).size > LARGE)
    return plan;
  // The search is led astray now and then by a length more than it needs: what is proved without one is never made dearer by it.
  const others = withLess(task)
    .map((less) => cutOnce(less, memo, effort))
    .filter((other) => other.unplaced.length === plan.unplaced.length && !other.overStock);
  const best = others.reduce((a, b) => (b.cost < a.cost - EPSILON ? b : a), plan);
  return { ...best, bound: Math.min(plan.bound, best.cost) };
}

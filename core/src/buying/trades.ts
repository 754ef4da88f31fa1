import type { Cutting, Slot, Task } from '../cutting/cutting';
import type { PackId } from '../catalogue/packs';
import { ownedSlot } from '../cutting/bins';
import { CoverSearch } from '../cutting/covers';
import { layExactly } from '../cutting/lay';
import type { Memo } from '../cutting/memo';
import { type Prepared, couldHold, prepare } from '../cutting/prepare';
import { demands, slotsOf } from '../cutting/sets';
import { fewestJoints } from '../cutting/stretch';
import { EPSILON } from '../units/round';

/** What a pool costs at least where its joints take so many pieces of each pack at least, minor units. */
export interface Trade {
  readonly cost: number;
  readonly pieces: readonly number[];
  /** The rolls that might do it, and with how many joints; none where nobody looked. */
  readonly by: { readonly slots: readonly Slot[]; readonly joints: number } | null;
}

/** Sets of rolls looked at for each pool, and units looked through. */
const MOST_SETS = 60;
const MOST_LOOKED = 50_000;
const FEW_SHEETS = 2;
/** Nodes of the search for fewer joints in one set. */
export const NODES = 400;
/** So many rolls of a set are cut into at least: the longest first reach what is needed soonest. */
function fewestRolls(sizes: readonly number[], need: number): number {
  let [reached, rolls] = [0, 0];
  for (const size of [...sizes].sort((a, b) => b - a)) {
    if (reached >= need - EPSILON) break;
    reached += size;
    rolls += 1;
  }
  return rolls;
}

/** Joints that a set of rolls cannot do without: each roll holds one piece at least; then as many more as a search rules out. */
function leastJointsIn(slots: readonly Slot[], given: Prepared, found: number): number {
  const { runs, lap } = given.task;
  const sizes = slots.map(({ size }) => size);
  const longest = Math.max(...sizes);
  const alone = runs.reduce((n, run) => n + fewestJoints(run, longest, lap), 0);
  let joints = Math.max(alone, fewestRolls(sizes, given.need) - runs.length);
  // How small pieces may lie is far dearer to look through than what they could save.
  const budget = { nodes: given.sheets.length > FEW_SHEETS ? 0 : NODES };
  while (
    joints < found &&
    budget.nodes > 0 &&
    layExactly(slots, given, budget, joints).outcome === 'impossible'
  )
    joints += 1;
  return joints;
}

/** Pieces of each pack that the joints take at least: no run does without those that the longest roll leaves. */
function leastPieces(
  { runs, lap }: Pick<Task, 'runs' | 'lap'>,
  longest: number,
  joints: number,
  packs: readonly PackId[],
): readonly number[] {
  return packs.map((pack) => {
    let fewest = 0;
    let each = Infinity;
    for (const run of runs) {
      const count = run.atJoint.reduce((n, joint) => n + (joint.pack === pack ? joint.count : 0), 0);
      // What is not jointed anywhere takes nothing.
      if (run.joints.length > 0) each = Math.min(each, count);
      if (count > 0) fewest += count * fewestJoints(run, longest, lap);
    }
    return Math.max(fewest, joints > 0 && each < Infinity ? joints * each : 0);
  });
}

/**
 * Every set of rolls that may hold a pool and costs less than a limit: dearer rolls may be longer, and do with fewer joints.
 *
 * @param limit  minor units: what costs as much saves nothing by its joints
 */
export function tradesOf(
  task: Task,
  cutting: Cutting,
  limit: number,
  { packs, memo }: { readonly packs: readonly PackId[]; readonly memo: Memo },
): readonly Trade[] {
  const given = prepare(task, 'any', memo);
  const owned = task.owned.map(ownedSlot);
  const trades: Trade[] = [];
  const add = (trade: Trade) => {
    const worse = trades.some(
      (t) => t.cost <= trade.cost + EPSILON && t.pieces.every((n, i) => n <= (trade.pieces[i] ?? 0)),
    );
    if (!worse) trades.push(trade);
  };
  const covers = new CoverSearch(task.units, demands(given, owned), MOST_LOOKED);
  for (let looked = 0; looked < MOST_SETS && covers.floor < limit - EPSILON; looked++) {
    const { floor } = covers;
    const cover = covers.next();
    if (!cover)
      return [
        ...trades,
        {
          cost: Math.max(cutting.bound, floor),
          pieces: leastPieces(task, given.longest, 0, packs),
          by: null,
        },
      ];
    // Cheaper sets than what is proved hold nothing.
    if (cover.cost < cutting.bound - EPSILON) continue;
    const slots = slotsOf(cover, task.units, owned);
    if (!couldHold(given, slots)) continue;
    const longest = slots.reduce((most, { size }) => Math.max(most, size), 0);
    const joints = leastJointsIn(slots, given, cutting.joints);
    add({ cost: cover.cost, pieces: leastPieces(task, longest, joints, packs), by: { slots, joints } });
  }
  const rest = Math.max(cutting.bound, Math.min(limit, covers.floor));
  add({ cost: rest, pieces: leastPieces(task, given.longest, 0, packs), by: null });
  return trades;
}

/** A pool that costs nothing here, with as few joints as its longest length leaves. */
export function leftAsItIs(task: Task, packs: readonly PackId[]): Trade {
  const longest = [...task.units, ...task.owned].reduce((most, { size }) => Math.max(most, size), 0);
  return { cost: 0, pieces: leastPieces(task, longest, 0, packs), by: null };
}

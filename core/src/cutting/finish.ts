import type { Cutting, Slot } from './cutting';
import { EPSILON } from '../units/round';
import { costOf, jointsOf } from './bins';
import { CoverSearch } from './covers';
import type { Effort } from './effort';
import { layExactly } from './lay';
import { polish } from './polish';
import { type Prepared, couldHold } from './prepare';
import { type Laid, cheaper, packBest, used } from './quick';
import { demands, slotsOf } from './sets';
import type { Budget } from './stepsLeft';
import { leastJoints } from './stretch';

/** Minor units. */
const ROUNDING = 1e-6;

/** Sets of rolls at the lowest price that are laid anew for fewer joints. */
const SETS_AT_BEST = 12;

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
  { laid, bound }: { readonly laid: Laid; readonly bound: number },
  effort: Effort,
): Cutting {
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

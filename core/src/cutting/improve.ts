import type { Cutting, Slot, Task } from './cutting';
import { EPSILON } from '../units/round';
import { ownedSlot } from './bins';
import { CoverSearch } from './covers';
import { usualEffort } from './effort';
import { finish } from './finish';
import { type Attempt, layExactly } from './lay';
import { type Prepared, couldHold, prepare } from './prepare';
import { patternProgram } from './patterns';
import { binariesOf, setProgram } from './program';
import { cheaper, packBest, used } from './quick';
import { demands, slotsOf } from './sets';
import type { Solver } from './solver';
import { type Steps, spend, stepsFor } from './stepsLeft';

/** How far an improvement has come. */
export interface Progress {
  readonly cost: number;
  readonly bound: number;
  /** Sets of rolls decided so far. */
  readonly sets: number;
}

export interface Improving {
  readonly solver: Solver;
  readonly signal?: AbortSignal;
  readonly onProgress?: (progress: Progress) => void;
  /** Waited for between two ways, so that whoever asked can be heard. */
  readonly pause?: () => Promise<void>;
  /** 1 to begin with; “keep looking” asks again with more. */
  readonly effort?: number;
  /** Shared with whatever else is looked into for the same plan; of its own unless given. */
  readonly steps?: Steps;
}

/** For each set of rolls and effort: nodes of our own search, and of the solver. */
const OWN_NODES = 400000;
const SOLVER_NODES = 100;
/** Programs with more whole variables are not given to the solver: it takes minutes over them and decides nothing. */
const MOST_BINARIES = 1500;
/** In as many rolls a node takes one step. */
const FEW_ROLLS = 4;
/** Steps of a whole variable at all nodes of the solver. */
const SOLVER_STEP = 60;
/** Units looked through that take one step. */
const COVER_STEP = 20;
/** Nodes of the solver over ways to fill a roll: as many as so large a share of the steps left pays for, within these. */
const PATTERN_NODES = { least: 20, most: 2000, share: 0.5 } as const;
/** Steps of a way to fill a roll at one node. */
const PATTERN_STEP = 0.6;
/** Prices closer than this are the same, minor units: the solver reckons in fractions. */
const SAME_PRICE = 1e-3;
/** Units looked through for each effort, over all partial sets of rolls. */
const MOST_LOOKED = 10_000_000;
/** Sets of rolls looked at for each effort. */
const SETS = 40;

const isProved = ({ cost, bound }: Pick<Cutting, 'cost' | 'bound'>) => cost <= bound + EPSILON;

/** Whether a cutting still has something to look for. */
export const canImprove = (cutting: Cutting): boolean =>
  !isProved(cutting) && !cutting.overStock && cutting.traded !== true;

/** Lays a set of rolls or refutes it: by our own search, and where that does not come to an end, by the solver. */
async function decide(
  slots: readonly Slot[],
  given: Prepared,
  { solver, effort, steps }: { readonly solver: Solver; readonly effort: number; readonly steps: Steps },
): Promise<Attempt> {
  // A node looks at every roll.
  const each = Math.max(1, slots.length / FEW_ROLLS);
  const budget = { nodes: Math.min(OWN_NODES * effort, Math.ceil(steps.left / each)) };
  const asked = budget.nodes;
  const laid = layExactly(slots, given, budget);
  spend(steps, (asked - budget.nodes) * each);
  if (laid.outcome !== 'unknown' || steps.left <= 0) return laid;
  const binaries = binariesOf(slots, given);
  spend(steps, binaries);
  if (binaries > MOST_BINARIES) return laid;
  const program = setProgram(slots, given);
  spend(steps, binaries * effort * SOLVER_STEP);
  const solved = await solver({ text: program.text, nodes: SOLVER_NODES * effort, seeks: 'any' });
  if (solved.status === 'infeasible') return { outcome: 'impossible' };
  const bins = program.read(solved);
  return bins ? { outcome: 'laid', bins } : laid;
}

/** Pieces that are not jointed, all at once: the solver finds the cheapest rolls for all the ways to fill one. */
async function cutByPatterns(
  given: Prepared,
  cutting: Cutting,
  how: Improving,
  steps: Steps,
): Promise<Cutting | undefined> {
  const program = patternProgram(given);
  if (!program || how.signal?.aborted) return undefined;
  const each = program.ways * PATTERN_STEP;
  const { least, most, share } = PATTERN_NODES;
  const nodes = Math.min(most * (how.effort ?? 1), Math.max(least, Math.floor((share * steps.left) / each)));
  spend(steps, nodes * each);
  const solved = await how.solver({ text: program.text, nodes, seeks: 'best' });
  const bins = program.read(solved);
  const laid = bins && used(bins);
  const best = laid && cheaper(laid, cutting) ? laid : cutting;
  const bound = solved.status === 'optimal' ? solved.objective - SAME_PRICE : 0;
  // What the solver proved is the price that our own sum gives, or it is not taken for proved.
  const reached =
    best.cost - bound <= 2 * SAME_PRICE ? best.cost : Math.max(cutting.bound, Math.min(bound, best.cost));
  if (best === cutting) return { ...cutting, bound: reached };
  return finish(given, given.task.owned.map(ownedSlot), { laid: best, bound: reached }, usualEffort(given));
}

/**
 * Looks further where the fast method could not prove its price: only lowers the cost or raises the bound.
 *
 * Sets of rolls cheaper than what was found are taken in order of price; each is laid, refuted, or left open. Everything stops by counts, so
 * the answer is the same on every machine.
 *
 * @param cutting  of the fast method or of an earlier improvement
 * @returns the cutting improved; what was reached so far when it is stopped
 */
export async function improve(task: Task, cutting: Cutting, how: Improving): Promise<Cutting> {
  const { solver, signal, onProgress, pause, effort = 1, steps = stepsFor(effort) } = how;
  if (!canImprove(cutting) || steps.left <= 0) return cutting;
  const given = prepare(task);
  const owned = task.owned.map(ownedSlot);
  const byPatterns = await cutByPatterns(given, cutting, how, steps);
  if (byPatterns) return byPatterns;
  const covers = new CoverSearch(
    task.units,
    demands(given, owned),
    Math.min(MOST_LOOKED * effort, COVER_STEP * steps.left),
  );
  let best = { bins: cutting.bins, cost: cutting.cost };
  let open: number | undefined;
  // What has not come yet, or was left open, may still be cheaper.
  const bound = () => Math.max(cutting.bound, Math.min(open ?? Infinity, covers.floor, best.cost));
  for (let looked = 0; looked < SETS * effort;) {
    if (signal?.aborted || steps.left <= 0 || covers.floor >= best.cost - EPSILON) break;
    const reached = bound();
    const cover = covers.next();
    if (!cover) {
      open ??= reached;
      break;
    }
    if (cover.cost >= best.cost - EPSILON) break;
    const slots = slotsOf(cover, task.units, owned);
    if (cover.cost < cutting.bound - EPSILON || !couldHold(given, slots)) continue;
    looked += 1;
    spend(steps, given.size);
    onProgress?.({ cost: best.cost, bound: bound(), sets: looked });
    await pause?.();
    if (signal?.aborted) {
      open ??= cover.cost;
      break;
    }
    const quick = packBest(slots, given);
    if (quick) {
      if (cheaper(quick, best)) best = quick;
      continue;
    }
    const laid = await decide(slots, given, { solver, effort, steps });
    if (laid.outcome === 'laid') best = used(laid.bins);
    else if (laid.outcome === 'unknown') open ??= cover.cost;
  }
  if (best.cost >= cutting.cost - EPSILON)
    return { ...cutting, bound: bound() >= cutting.cost - EPSILON ? cutting.cost : bound() };
  return finish(given, owned, { laid: best, bound: bound() }, usualEffort(given));
}

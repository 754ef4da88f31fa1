import { type Improving, canImprove, improve } from './cutting/improve';
import { newMemo } from './cutting/memo';
import { spend, stepsFor } from './cutting/stepsLeft';
import type { ChangeOf } from './plan/changes/types';
import type { Plan } from './plan/schema';
import { NO_PROOFS, type ProofBook, withCut } from './proofBook';
import { reckonerOf, told } from './reckon';
import type { Reckoning } from './reckoning';
import { EPSILON } from './units/round';
import { type OtherWidths, visitCheaper } from './walls/otherWidths';
import type { WorkedStacks } from './walls/stackProof';
import { type ChooseStacks, sameAs } from './walls/chooseStacks';

/** What looking further into the choice of roll widths came to. */
export interface WidthsFound {
  /** What every other choice costs at least, minor units. */
  readonly others: number;
  /** Widths that cost less, as a change, with what it saves on the docket, minor units; null when none were found. */
  readonly better: { readonly change: ChangeOf<'set-widths'>; readonly saves: number } | null;
  /** What was found about pools while they were cut from other widths. */
  readonly proofs: ProofBook;
}

/** Other choices cut up, for each effort. */
const MOST_CUT = 60;

/** Steps of cutting a pool anew, for each of its runs and rolls. */
const CUT_STEP = 10;

/** Takes just these widths. */
const only = ({ sets }: OtherWidths, { chosen }: WorkedStacks): ChooseStacks =>
  sameAs({ wants: chosen.bands.map((b) => b.want), stacks: sets });

/** These widths as a change; null where two heights of one band would take different ones, or a strip another roll: it cannot be given one. */
function pinned({ sets }: OtherWidths, { choice, chosen }: WorkedStacks): ChangeOf<'set-widths'> | null {
  const bands = new Map<string, ChangeOf<'set-widths'>['bands'][number]>();
  for (const [i, band] of chosen.bands.entries()) {
    const widths = sets[i] ?? [];
    for (const place of band.of.map((want) => choice.places[want])) {
      if (!place) {
        if (String(widths) !== String(band.stack)) return null;
        continue;
      }
      for (const scope of place.scopes) {
        const id = place.band;
        const key = `${scope.scope} ${scope.scope === 'plan' ? '' : scope.of} ${id}`;
        const before = bands.get(key);
        if (before && String(before.widths) !== String(widths)) return null;
        bands.set(key, { scope, id, widths });
      }
    }
  }
  return { verb: 'set-widths', bands: [...bands.values()] };
}

/** By how much the mesh of a reckoning could at most be cut cheaper, minor units. */
const undecided = ({ cutting }: Reckoning): number =>
  cutting.reduce((total, p) => total + (p.kind === 'mesh' ? (p.cost ?? 0) - (p.bound ?? 0) : 0), 0);

/**
 * Cuts up the other choices of roll widths that might cost less by length, cheapest first, each as it would really be cut and bought: what stays
 * cheaper is offered as a change, and what does not raises the bound. Everything stops by counts, so the answer is the same on every machine.
 *
 * @returns null where there is nothing to look for
 */
export async function improveWidths(
  plan: Plan,
  how: Improving,
  known: ProofBook = NO_PROOFS,
): Promise<WidthsFound | null> {
  const { onProgress, signal, effort = 1, steps = stepsFor(effort) } = how;
  const quietly: Improving = { solver: how.solver, effort, steps, ...(signal ? { signal } : {}) };
  const memo = newMemo();
  const reckoner = reckonerOf(memo);
  let proofs = known;
  const reckoned = (choose?: ChooseStacks) =>
    told(reckoner.read(plan, { proofs, ...(choose ? { choose } : {}) }));
  const now = reckoned();
  const { stacks } = now;
  if (!stacks || stacks.proved) return null;

  /** What other widths cost beside those chosen, and at least; Infinity where they cannot be cut or have no price. */
  const weigh = async (choose: ChooseStacks, best: number) => {
    const costOf = ({ docket, cutting }: Reckoning) =>
      cutting.every((p) => p.kind !== 'mesh' || p.cost !== null)
        ? stacks.cost + docket.total - now.docket.total
        : Infinity;
    let reckoning = reckoned(choose);
    const cost = costOf(reckoning);
    if (cost >= best - EPSILON && cost - undecided(reckoning) < best - EPSILON) {
      for (const pool of reckoning.cutting.filter((p) => p.kind === 'mesh' && canImprove(p.plan)))
        proofs = withCut(proofs, pool.task, await improve(pool.task, pool.plan, quietly));
      reckoning = reckoned(choose);
    }
    return { cost: costOf(reckoning), least: costOf(reckoning) - undecided(reckoning) };
  };

  const cheaper: OtherWidths[] = [];
  const limit = stacks.cost;
  let others = visitCheaper(
    stacks.market,
    stacks.chosen,
    limit,
    (other) => {
      cheaper.push(other);
      return limit;
    },
    { effort, memo },
  );
  cheaper.sort((a, b) => a.cost - b.cost);
  let best: { readonly cost: number; readonly change: ChangeOf<'set-widths'> } | undefined;
  let looked = 0;
  for (const other of cheaper) {
    const toBeat = best?.cost ?? limit;
    if (other.cost >= toBeat - EPSILON) break;
    if (looked >= MOST_CUT * effort || signal?.aborted || steps.left <= 0) {
      others = Math.min(others, other.cost);
      continue;
    }
    looked += 1;
    spend(
      steps,
      now.cutting.reduce((total, pool) => total + CUT_STEP * pool.task.runs.length * pool.rolls.length, 0),
    );
    onProgress?.({ cost: stacks.cost, bound: stacks.bound, sets: looked });
    const { cost, least } = await weigh(only(other, stacks), toBeat);
    others = Math.min(others, least);
    const change = cost < toBeat - EPSILON ? pinned(other, stacks) : null;
    if (change) best = { cost, change };
  }
  return { others, better: best ? { change: best.change, saves: limit - best.cost } : null, proofs };
}

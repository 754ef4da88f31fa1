import type { Bin, Cut, Cutting, Slot, Spot, Task } from './cutting';
import { EPSILON } from '../units/round';
import { boughtSlot, costOf, jointsOf, ownedSlot } from './bins';
import { cutLength } from './stretch';

/** A stretch of the nth run: from and to along it, m. */
type CutAt = readonly [run: number, from: number, to: number];
/** A small piece, which is the nth run, as it lies in its block, m. */
type SpotAt = readonly [run: number, x: number, y: number, along: number, across: number];

/** One roll: which of the units sold, or which length owned, with what is cut from it. */
interface RollProof {
  readonly unit: number | null;
  readonly owned: string | null;
  readonly cuts: readonly CutAt[];
  readonly block: { readonly length: number; readonly spots: readonly SpotAt[] };
}

/** How a pool was cut when it was looked into further, as plain data: runs and units by their places in the task. */
export interface CutProof {
  readonly rolls: readonly RollProof[];
  readonly unplaced: readonly number[];
  readonly bound: number;
}

/** A cutting as data. @param task  whose runs are those of the cutting */
export function proofFrom({ units, runs }: Pick<Task, 'units' | 'runs'>, cutting: Cutting): CutProof {
  const at = new Map(runs.map((run, i) => [run, i]));
  const nth = (run: Cut['run']) => at.get(run) ?? -1;
  // A cutting from a worker has units of its own, which say the same.
  const unitAt = (slot: Slot) =>
    units.findIndex(
      (u) => u.size === slot.unit?.size && u.yard === slot.unit.yard && u.price === slot.unit.price,
    );
  return {
    rolls: cutting.bins.map(({ slot, cuts, block }) => ({
      unit: slot.unit ? unitAt(slot) : null,
      owned: slot.owned?.id ?? null,
      cuts: cuts.map(({ run, from, to }) => [nth(run), from, to]),
      block: {
        length: block.length,
        spots: block.spots.map(({ run, x, y, along, across }) => [nth(run), x, y, along, across]),
      },
    })),
    unplaced: cutting.unplaced.map(nth),
    bound: cutting.bound,
  };
}

function slotOf({ unit, owned }: RollProof, task: Task): Slot | undefined {
  const sold = unit === null ? undefined : task.units[unit];
  if (sold) return boughtSlot(sold);
  const there = task.owned.find((o) => o.id === owned);
  return there && ownedSlot(there);
}

function binOf(roll: RollProof, task: Task): Bin | undefined {
  const slot = slotOf(roll, task);
  const cuts = roll.cuts.flatMap(([nth, from, to]): Cut[] => {
    const run = task.runs[nth];
    return run ? [{ run, from, to, length: cutLength(run, from, to, task.lap) }] : [];
  });
  const spots = roll.block.spots.flatMap(([nth, x, y, along, across]): Spot[] => {
    const run = task.runs[nth];
    return run ? [{ run, x, y, along, across }] : [];
  });
  if (!slot || cuts.length < roll.cuts.length || spots.length < roll.block.spots.length) return undefined;
  const { length } = roll.block;
  const free = slot.size - length - cuts.reduce((total, cut) => total + cut.length, 0);
  return { slot, free, cuts, block: { length, spots } };
}

/** Small pieces as large as they are wanted, inside their stretch of roll, and no two over each other. */
function liesWell({ block }: Bin, width: number): boolean {
  const over = (a: Spot, b: Spot) =>
    a.x + a.along > b.x + EPSILON &&
    b.x + b.along > a.x + EPSILON &&
    a.y + a.across > b.y + EPSILON &&
    b.y + b.across > a.y + EPSILON;
  return block.spots.every((spot, i) => {
    const { run, x, y, along, across } = spot;
    const size = run.length + run.startAllowance + run.endAllowance;
    const other = run.across ?? width;
    const fits = (a: number, b: number) => along >= a - EPSILON && across >= b - EPSILON;
    const inside =
      x >= -EPSILON && y >= -EPSILON && x + along <= block.length + EPSILON && y + across <= width + EPSILON;
    return (
      inside &&
      (fits(size, other) || fits(other, size)) &&
      !block.spots.slice(0, i).some((b) => over(spot, b))
    );
  });
}

/** Every run once and whole: laid as a small piece, cut end to end with joints where it may be jointed, or told to fit no roll. */
function coversAll(bins: readonly Bin[], unplaced: readonly Cut['run'][], task: Task): boolean {
  const cuts = new Map<Cut['run'], Cut[]>(task.runs.map((run) => [run, []]));
  for (const cut of bins.flatMap((b) => b.cuts)) cuts.get(cut.run)?.push(cut);
  const laid = new Map<Cut['run'], number>();
  for (const run of [...bins.flatMap((b) => b.block.spots.map((s) => s.run)), ...unplaced])
    laid.set(run, (laid.get(run) ?? 0) + 1);
  return task.runs.every((run) => {
    const cutsOfRun = (cuts.get(run) ?? []).sort((a, b) => a.from - b.from);
    const once = laid.get(run) ?? 0;
    if (cutsOfRun.length === 0) return once === 1;
    let reached = 0;
    for (const { from, to } of cutsOfRun) {
      const joined =
        from <= EPSILON || run.joints === 'anywhere' || run.joints.some((j) => Math.abs(j - from) < EPSILON);
      if (Math.abs(from - reached) > EPSILON || to <= from || !joined) return false;
      reached = to;
    }
    return once === 0 && reached >= run.length - EPSILON;
  });
}

/** No more of a unit than the yard holds, and no owned length twice. */
function isHeld(bins: readonly Bin[], { units }: Task): boolean {
  const owned = bins.flatMap(({ slot }) => slot.owned?.id ?? []);
  const enough = units.every(
    (u) => u.stock === null || bins.filter((b) => b.slot.unit === u).length <= u.stock,
  );
  return enough && new Set(owned).size === owned.length;
}

/**
 * The cutting that a proof tells, for a task of the same text as the one that it was made for.
 *
 * It may come from a device: every piece is measured again, and a proof that does not hold is none. That nothing costs less than its bound was found by
 * looking further and is taken over, never above the price.
 *
 * @returns null where the proof does not hold
 */
export function cutFrom(proof: CutProof, task: Task): Cutting | null {
  const bins = proof.rolls.flatMap((roll) => binOf(roll, task) ?? []);
  const unplaced = proof.unplaced.flatMap((nth) => task.runs[nth] ?? []);
  const holds =
    bins.length === proof.rolls.length &&
    unplaced.length === proof.unplaced.length &&
    bins.every((bin) => bin.free >= -1e-6 && liesWell(bin, task.width)) &&
    coversAll(bins, unplaced, task) &&
    isHeld(bins, task);
  if (!holds) return null;
  const cost = costOf(bins);
  return {
    bins,
    joints: jointsOf(bins),
    cost,
    bound: Math.min(proof.bound, cost),
    unplaced,
    overStock: false,
  };
}

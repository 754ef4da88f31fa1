import type { Budget } from './stepsLeft';
import type { Bin, Cut, Slot } from './cutting';
import { EPSILON } from '../units/round';
import { addSheets, emptyBin } from './bins';
import { layLoose } from './loose';
import type { Prepared } from './prepare';
import { triedOf } from './sheets';
import { reachFrom } from './reach';
import { cutLength, furthest, leastJoints } from './stretch';
import type { Run } from '../buying/run';

/* Named here: the inner loops of cutting ask for them millions of times. */
const { ceil, max, round } = Math;

/** What became of one set of rolls. */
export type Attempt =
  | { readonly outcome: 'laid'; readonly bins: readonly Bin[] }
  /** Every way was ruled out. */
  | { readonly outcome: 'impossible' }
  /** The budget ended first. */
  | { readonly outcome: 'unknown' };

/** A search that looked at so many places looks closer at what is left to lay. */
const MANY_VISITED = 40;

/** A piece that could come next. */
interface Move {
  readonly bin: number;
  readonly to: number;
  readonly length: number;
  /** What the roll can cover no more, beside what it covers now, m. */
  readonly lost: number;
  /** 1 where it ends its run. */
  readonly ends: 0 | 1;
}

const sum = (numbers: readonly number[]) => numbers.reduce((a, b) => a + b, 0);
const onward = (numbers: readonly number[]): readonly number[] => {
  const sums = [0];
  for (const n of [...numbers].reverse()) sums.unshift((sums[0] ?? 0) + n);
  return sums;
};

/** To the micrometre: what is left in rolls is told apart to this. */
const micro = (free: number): number => round(free * 1e6);

/** What is left in the rolls, in micrometres, as a text, whichever roll it is left in; a few numbers are sorted where they stand. */
function keyOf(micros: readonly number[]): string {
  const sorted: number[] = [];
  for (const micro of micros) {
    let at = sorted.length;
    while (at > 0 && (sorted[at - 1] as number) > micro) {
      sorted[at] = sorted[at - 1] as number;
      at -= 1;
    }
    sorted[at] = micro;
  }
  return sorted.join();
}

/** Where a run may end a piece: at its joints and at its end. */
const stopsOf = ({ joints, length }: Run): readonly number[] => [
  ...(joints === 'anywhere' ? [] : joints),
  length,
];

class Search {
  readonly free: number[];
  /** The same in micrometres. */
  private readonly micros: number[];
  private readonly cuts: Cut[][];
  private readonly failed = new Map<string, number>();
  /** From each strip on: what must still be laid at least, what must be covered, and the joints that no roll avoids. */
  private readonly needs: readonly number[];
  private readonly covers: readonly number[];
  private readonly joints: readonly number[];
  private readonly stops: readonly (readonly number[])[];
  bins: readonly Bin[] | undefined;
  /** A branch was not followed to its end, or could only be tried by rule of thumb. */
  unsure = false;

  constructor(
    private readonly slots: readonly Slot[],
    private readonly given: Prepared,
    private readonly budget: Budget,
    private readonly mostJoints: number,
  ) {
    const { strips, sheets, loose, task } = given;
    this.free = slots.map((s) => s.size);
    this.micros = this.free.map(micro);
    this.cuts = slots.map(() => []);
    const longest = max(0, ...this.free);
    const { least } = given;
    const rest = sum([...sheets, ...loose].map(least));
    this.needs = onward(strips.map(least)).map((n) => n + rest);
    this.stops = strips.map(stopsOf);
    this.covers = onward(strips.map((run) => run.length));
    this.joints = onward(strips.map((run) => leastJoints(run, longest, task.lap)));
  }

  /** By what is left to lay: made for searches that do not end at once. */
  private left: ((index: number, free: number) => number) | undefined;
  private visited = 0;

  /** What of the runs from one on a roll with so much free covers at most. */
  private covering(): ((index: number, free: number) => number) | undefined {
    this.visited += 1;
    if (this.visited < MANY_VISITED) return undefined;
    const { strips, longest, task, reach } = this.given;
    return (this.left ??= reachFrom(strips, longest, task.lap, reach));
  }

  /** What is missing cannot be laid into what is left, by length or by what fits. */
  private hopeless(index: number, from: number, joints: number): boolean {
    const { strips, task, reach } = this.given;
    const run = strips[index];
    let total = 0;
    for (const free of this.free) total += free;
    let need = this.needs[index + 1] ?? this.needs[index] ?? 0;
    let covered = this.covers[index + 1] ?? 0;
    let more = this.joints[index + 1] ?? 0;
    if (run) {
      let most = 0;
      for (const free of this.free) if (free > most) most = free;
      const whole = cutLength(run, from, run.length, task.lap);
      const over = whole - most;
      const least = over <= EPSILON ? 0 : ceil(over / max(EPSILON, most - task.lap) - EPSILON);
      need += whole + least * task.lap;
      covered += run.length - from;
      more += least;
    }
    if (joints + more > this.mostJoints) return true;
    if (total < need - EPSILON) return true;
    let reached = 0;
    const left = this.covering();
    if (left) for (const free of this.free) reached += left(index, free);
    else for (const free of this.free) reached += reach(free);
    return reached < covered - EPSILON;
  }

  /** A roll before this one has as much left. */
  private stoodBefore(bin: number): boolean {
    const { micros } = this;
    const same = micros[bin];
    for (let i = 0; i < bin; i++) if (micros[i] === same) return true;
    return false;
  }

  private moves(index: number, run: Run, from: number): readonly Move[] {
    const { lap } = this.given.task;
    const { reach } = this.given;
    const stops = this.stops[index] ?? [];
    const moves: Move[] = [];
    for (let bin = 0; bin < this.free.length; bin++) {
      if (this.stoodBefore(bin)) continue;
      const free = this.free[bin] ?? 0;
      const last = furthest(run, from, free, lap);
      if (last === undefined) continue;
      const reachNow = reach(free);
      for (const to of stops) {
        if (to <= from + EPSILON) continue;
        if (to > last + EPSILON) break;
        const length = cutLength(run, from, to, lap);
        const lost = reachNow - reach(free - length) - (to - from);
        moves.push({
          bin,
          to,
          length,
          lost: round(lost * 1e6) / 1e6,
          ends: to >= run.length - EPSILON ? 1 : 0,
        });
      }
    }
    return moves.sort((a, b) => b.ends - a.ends || a.lost - b.lost || b.to - a.to);
  }

  /** @returns whether everything from here on was laid */
  strip(index: number, from: number, joints: number): boolean {
    if (this.hopeless(index, from, joints)) return false;
    const run = this.given.strips[index];
    if (!run) return this.small();
    if (this.budget.nodes <= 0) {
      this.unsure = true;
      return false;
    }
    this.budget.nodes -= 1;
    const key = `${index} ${round(from * 1e6)} ${keyOf(this.micros)}`;
    const before = this.failed.get(key);
    if (before !== undefined && before <= joints) return false;
    for (const { bin, to, length } of this.moves(index, run, from)) {
      const cuts = this.cuts[bin];
      if (!cuts) continue;
      const free = this.free[bin] ?? 0;
      const same = this.micros[bin] ?? 0;
      this.free[bin] = free - length;
      this.micros[bin] = micro(free - length);
      cuts.push({ run, from, to, length });
      const ends = to >= run.length - EPSILON;
      const found = ends ? this.strip(index + 1, 0, joints) : this.strip(index, to, joints + 1);
      if (found) return true;
      cuts.pop();
      this.free[bin] = free;
      this.micros[bin] = same;
      if (this.budget.nodes <= 0) {
        this.unsure = true;
        return false;
      }
    }
    this.failed.set(key, joints);
    return false;
  }

  /** Small pieces and what is jointed anywhere, into what the strips leave. */
  private small(): boolean {
    const { sheets } = this.given;
    const bins = this.slots.map((slot, i): Bin => {
      const cuts = [...(this.cuts[i] ?? [])];
      return { ...emptyBin(slot), free: this.free[i] ?? 0, cuts };
    });
    // Blocks of many pieces are laid by rule of thumb: that they do not fit proves nothing.
    if (sheets.length > triedOf(sheets.length)) this.unsure = true;
    return this.sheet(bins, 0, new Set());
  }

  private sheet(bins: readonly Bin[], index: number, failed: Set<string>): boolean {
    const { sheets } = this.given;
    const run = sheets[index];
    if (!run) return this.loose(bins);
    // Pieces of the same two sizes are as good as each other; one size alone does not say what still fits beside.
    const state = ({ free, block }: Bin) =>
      `${free.toFixed(6)} ${block.spots
        .map(({ run: r }) => `${r.length}x${r.across ?? 0}`)
        .sort()
        .join('+')}`;
    const key = `${index} ${bins.map(state).sort().join()}`;
    if (failed.has(key)) return false;
    if (this.budget.nodes <= 0) {
      this.unsure = true;
      return false;
    }
    this.budget.nodes -= 1;
    for (const bin of [...bins].sort((a, b) => a.free - b.free)) {
      const { block, free } = bin;
      if (!addSheets(bin, [run], this.given, triedOf(sheets.length))) continue;
      if (this.sheet(bins, index + 1, failed)) return true;
      bin.block = block;
      bin.free = free;
    }
    failed.add(key);
    return false;
  }

  private loose(bins: readonly Bin[]): boolean {
    const { loose, task } = this.given;
    if (loose.length > 0) {
      const joints = sum(bins.map((b) => b.cuts.filter((c) => c.from > EPSILON).length));
      const laid = layLoose(bins, loose, {
        lap: task.lap,
        mostJoints: this.mostJoints - joints,
        budget: this.budget,
      });
      if (laid === 'unknown') this.unsure = true;
      if (laid !== 'laid') return false;
    }
    this.bins = bins;
    return true;
  }
}

/**
 * Lays all there is into a given set of rolls, or proves that it cannot be done.
 *
 * Runs are laid from one end to the other, each piece into any roll up to any joint. What was tried is remembered by the bay
 * reached and what is left in the rolls; a branch ends where the rest cannot fit by length, nor by what the ends of rolls can cover.
 *
 * @param budget      nodes to look at, counted down
 * @param mostJoints  ways with more joints do not count
 */
export function layExactly(
  slots: readonly Slot[],
  given: Prepared,
  budget: Budget,
  mostJoints = Infinity,
): Attempt {
  // Rows of many small pieces are made by rule of thumb: whatever is searched, nothing is proved.
  if (given.rows) return { outcome: 'unknown' };
  const search = new Search(slots, given, budget, mostJoints);
  if (search.strip(0, 0, 0) && search.bins) return { outcome: 'laid', bins: search.bins };
  return { outcome: search.unsure ? 'unknown' : 'impossible' };
}

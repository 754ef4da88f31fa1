import type { Bin, Slot } from './cutting';
import { EPSILON } from '../units/round';
import { emptyBin } from './bins';
import { layLoose } from './loose';
import type { Prepared } from './prepare';
import { type Possible, baysOf } from './reach';
import { leastRoll } from './sheets';
import { laySmall } from './small';
import type { Solved } from './solver';
import { cutLength } from './stretch';

/** A set of rolls as a program: is there a way to lay everything into it? */
export interface SetProgram {
  readonly text: string;
  /** What an answer means: rolls with their cuts; undefined when it cannot be laid so. */
  read(solved: Solved): readonly Bin[] | undefined;
}

const join = (terms: readonly string[]) => terms.join(' + ');
const m = (length: number) => length.toFixed(7);

/** Whole variables of the program: pieces that may go into rolls, and rolls that loose runs may use. */
export function binariesOf(slots: readonly Slot[], { strips, loose, longest, task }: Prepared): number {
  const { pieces } = baysOf(strips, longest, task.lap);
  const fitting = slots.map(({ size }) => pieces.filter((p) => p.length <= size + EPSILON).length);
  return fitting.reduce((total, n) => total + n, 2 * loose.length * slots.length);
}

/**
 * Writes the question whether a set of rolls can hold everything.
 *
 * A variable for each piece of a run in each roll it fits: every bay lies in one piece, every roll holds what lies in it. What is jointed anywhere
 * takes any length of any roll with a lap for each piece but one. Small pieces count by the roll they take at least, and grades under loose strips
 * not at all: such a program may be laid where the rolls cannot, never the other way round, so “infeasible” is a proof.
 */
export function setProgram(slots: readonly Slot[], given: Prepared): SetProgram {
  const { task, strips, loose, sheets, longest } = given;
  const { lap, width } = task;
  const bays = baysOf(strips, longest, lap);
  const cover: string[][] = bays.lengths.map(() => []);
  const into: string[][] = slots.map(() => []);
  const whole: string[] = [];
  const pieceOf = new Map<string, { readonly piece: Possible; readonly bin: number }>();
  bays.pieces.forEach((piece, k) => {
    slots.forEach((slot, bin) => {
      if (piece.length > slot.size + EPSILON) return;
      const name = `y${k}_${bin}`;
      pieceOf.set(name, { piece, bin });
      whole.push(name);
      for (let bay = piece.from; bay < piece.to; bay++) cover[bay]?.push(name);
      into[bin]?.push(`${m(piece.length)} ${name}`);
    });
  });
  const rows = cover.map((terms) => `${join(terms)} = 1`);
  loose.forEach((run, r) => {
    const parts = slots.map((_, bin) => `l${r}_${bin}`);
    rows.push(`${join(parts)} = ${m(run.length + run.startAllowance + run.endAllowance)}`);
    rows.push(`${join(slots.map((_, bin) => `f${r}_${bin}`))} = 1`);
    slots.forEach((slot, bin) => {
      whole.push(`u${r}_${bin}`, `f${r}_${bin}`);
      rows.push(`l${r}_${bin} - ${m(slot.size)} u${r}_${bin} <= 0`, `f${r}_${bin} - u${r}_${bin} <= 0`);
      into[bin]?.push(`l${r}_${bin} + ${m(lap)} u${r}_${bin} - ${m(lap)} f${r}_${bin}`);
    });
  });
  const beside = sheets.reduce((total, run) => total + leastRoll(run, width), 0);
  if (beside > 0) {
    rows.push(`${join(slots.map((_, bin) => `a_${bin}`))} >= ${m(beside)}`);
    slots.forEach((_, bin) => into[bin]?.push(`a_${bin}`));
  }
  into.forEach((terms, bin) => {
    // A thousandth of a millimetre is given, since lengths are written with seven figures; what is read is measured anew.
    if (terms.length > 0) rows.push(`${join(terms)} <= ${m((slots[bin]?.size ?? 0) + 1e-6)}`);
  });
  const named = rows.map((row, i) => `r${i}: ${row}`);
  const pieces = [...pieceOf.keys()];
  const text = [
    'Minimize',
    `obj: ${join(pieces.length > 0 ? pieces : whole)}`,
    'Subject To',
    ...named,
    'Binary',
    whole.join(' '),
    'End',
  ].join('\n');

  const read = ({ values }: Solved) => {
    const bins = slots.map(emptyBin);
    const firsts = new Map(strips.map((run) => [run, bays.pieces.find((p) => p.run === run)?.from ?? 0]));
    const covered = new Set<number>();
    for (const [name, { piece, bin: b }] of pieceOf) {
      const bin = bins[b];
      if (!bin || (values[name] ?? 0) < 0.5) continue;
      const { run, from, to } = piece;
      const stops = [0, ...(run.joints === 'anywhere' ? [] : run.joints), run.length];
      const first = firsts.get(run) ?? 0;
      const [a, z] = [stops[from - first] ?? 0, stops[to - first] ?? run.length];
      const length = cutLength(run, a, z, lap);
      bin.cuts.push({ run, from: a, to: z, length });
      bin.free -= length;
      for (let bay = from; bay < to; bay++) covered.add(bay);
    }
    if (covered.size < bays.lengths.length || bins.some((b) => b.free < -EPSILON)) return undefined;
    if (!laySmall(bins, given)) return undefined;
    if (layLoose(bins, loose, { lap, mostJoints: Infinity, budget: { nodes: 5000 } }) !== 'laid')
      return undefined;
    return bins;
  };
  return { text, read };
}

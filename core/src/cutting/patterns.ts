import type { Bin, Slot } from './cutting';
import { EPSILON } from '../units/round';
import { boughtSlot, emptyBin, ownedSlot } from './bins';
import { weight } from './covers';
import type { Prepared } from './prepare';
import type { Solved } from './solver';
import { wholeLength } from './stretch';
import type { Run } from '../buying/run';

/** With more ways to fill a roll the program is not written. */
const MOST_PATTERNS = 4000;

/** A pool as a program over the ways to fill one roll. */
export interface PatternProgram {
  readonly text: string;
  /** Ways to fill a roll that are written in it. */
  readonly ways: number;
  /** Rolls with their cuts; undefined when the answer holds none. */
  read(solved: Solved): readonly Bin[] | undefined;
}

interface Pattern {
  readonly slot: Slot;
  readonly counts: readonly number[];
}

/** Every way to fill a roll that leaves no room for one piece more. */
function fillings(
  slot: Slot,
  lengths: readonly number[],
  wanted: readonly number[],
  most: number,
): Pattern[] | undefined {
  const found: Pattern[] = [];
  const counts = lengths.map(() => 0);
  const go = (i: number, free: number): boolean => {
    const length = lengths[i];
    if (length === undefined) {
      const room = lengths.some((l, k) => l <= free + EPSILON && (counts[k] ?? 0) < (wanted[k] ?? 0));
      if (!room && counts.some((n) => n > 0)) found.push({ slot, counts: [...counts] });
      return found.length <= most;
    }
    for (let n = Math.min(wanted[i] ?? 0, Math.floor((free + EPSILON) / length)); n >= 0; n--) {
      counts[i] = n;
      if (!go(i + 1, free - n * length)) return false;
    }
    counts[i] = 0;
    return true;
  };
  return go(0, slot.size) ? found : undefined;
}

/**
 * Pieces that cannot be jointed, such as timber: how many rolls of each length are filled in which way, so that all pieces are there, at
 * the lowest price.
 *
 * @returns undefined where anything may be jointed or lie beside, or there are too many ways
 * @see the cutting-stock problem, Gilmore and Gomory 1961
 */
export function patternProgram({ task, strips, sheets, loose }: Prepared): PatternProgram | undefined {
  if (loose.length > 0 || sheets.length > 0 || strips.some((run) => run.joints.length > 0)) return undefined;
  const kinds = new Map<string, { length: number; runs: Run[] }>();
  for (const run of strips) {
    const length = wholeLength(run, task.lap);
    const known = kinds.get(length.toFixed(6)) ?? { length, runs: [] };
    known.runs.push(run);
    kinds.set(length.toFixed(6), known);
  }
  const alike = [...kinds.values()].sort((a, b) => b.length - a.length);
  const lengths = alike.map((k) => k.length);
  const wanted = alike.map((k) => k.runs.length);
  const slots = [...task.units.map(boughtSlot), ...task.owned.map(ownedSlot)];
  const patterns: Pattern[] = [];
  for (const slot of slots) {
    const ways = fillings(slot, lengths, wanted, MOST_PATTERNS - patterns.length);
    if (!ways) return undefined;
    patterns.push(...ways);
  }
  const join = (terms: readonly string[]) => terms.join(' + ');
  const name = (i: number) => `x${i}`;
  const costs = patterns.map(({ slot }, i) => `${slot.unit ? weight(slot.unit) : 0} ${name(i)}`);
  const rows = lengths.map((_, k) => {
    const terms = patterns.flatMap(({ counts }, i) =>
      (counts[k] ?? 0) > 0 ? [`${counts[k]} ${name(i)}`] : [],
    );
    return `k${k}: ${join(terms)} >= ${wanted[k]}`;
  });
  slots.forEach((slot, s) => {
    const most = slot.unit ? slot.unit.stock : 1;
    const terms = patterns.flatMap((p, i) => (p.slot === slot ? [name(i)] : []));
    if (most !== null && terms.length > 0) rows.push(`s${s}: ${join(terms)} <= ${most}`);
  });
  const text = [
    'Minimize',
    `obj: ${join(costs)}`,
    'Subject To',
    ...rows,
    'General',
    patterns.map((_, i) => name(i)).join(' '),
    'End',
  ].join('\n');

  const read = ({ values }: Solved) => {
    const left = alike.map((k) => [...k.runs]);
    const bins: Bin[] = [];
    patterns.forEach(({ slot, counts }, i) => {
      for (let n = Math.round(values[name(i)] ?? 0); n > 0; n--) {
        const bin = emptyBin(slot);
        counts.forEach((count, k) => {
          for (const run of left[k]?.splice(0, count) ?? []) {
            const length = wholeLength(run, task.lap);
            bin.cuts.push({ run, from: 0, to: run.length, length });
            bin.free -= length;
          }
        });
        bins.push(bin);
      }
    });
    return left.every((runs) => runs.length === 0) ? bins : undefined;
  };
  return { text, ways: patterns.length, read };
}

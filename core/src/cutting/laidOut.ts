import type { SoldUnit } from '../catalogue/market';
import type { Run } from '../buying/run';
import { addSheets, boughtSlot, emptyBin } from './bins';
import type { Bin, Pattern } from './cutting';
import type { Prepared } from './prepare';
import { type Laid, used } from './quick';

/**
 * Rolls filled by patterns, with the runs in them.
 *
 * @param kinds  the runs of each kind that patterns count
 * @returns undefined where the yard holds too little
 */
export function laidOut(
  patterns: readonly Pattern[],
  kinds: readonly { readonly runs: readonly Run[] }[],
  given: Prepared,
): Laid | undefined {
  const { task, sheets, least } = given;
  const bought = new Map<SoldUnit, number>();
  for (const { unit } of patterns) bought.set(unit, (bought.get(unit) ?? 0) + 1);
  if (task.units.some((u) => (bought.get(u) ?? 0) > (u.stock ?? Infinity))) return undefined;
  const next = kinds.map(() => 0);
  const bins = patterns.map(({ counts, unit }): Bin => {
    const bin = emptyBin(boughtSlot(unit));
    for (let k = 0; k < counts.length; k++) {
      const from = next[k] ?? 0;
      const to = from + (counts[k] ?? 0);
      next[k] = to;
      for (const run of kinds[k]?.runs.slice(from, to) ?? []) {
        if (sheets.includes(run)) addSheets(bin, [run], given);
        else {
          bin.cuts.push({ run, from: 0, to: run.length, length: least(run) });
          bin.free -= least(run);
        }
      }
    }
    return bin;
  });
  return used(bins);
}

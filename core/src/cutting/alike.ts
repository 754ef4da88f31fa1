import { EPSILON } from '../units/round';
import { type Kind, cheapestOnce, sameWays } from './fillings';
import type { Prepared } from './prepare';
import { laidOut } from './laidOut';
import type { Laid } from './quick';
import { blockOf } from './sheets';
import type { Run } from '../buying/run';

/** Pieces are told apart to so much, m: the coarsest that proves the price is the least work. */
const GRAINS = [0.01, 0.002, 1e-6];

/** Longest first. */
function kindsOf({ strips, sheets, least, task, memo }: Prepared, grain: number): readonly Kind[] {
  const lengthOf = (run: Run) =>
    sheets.includes(run) ? blockOf([run], task.width, undefined, memo.layouts).length : least(run);
  const kinds = new Map<number, Run[]>();
  for (const run of [...strips, ...sheets]) {
    const key = Math.round(lengthOf(run) / grain);
    const known = kinds.get(key);
    if (known) known.push(run);
    else kinds.set(key, [run]);
  }
  return [...kinds.values()]
    .map((runs) => {
      const lengths = runs.map(lengthOf);
      return { longest: Math.max(...lengths), shortest: Math.min(...lengths), runs };
    })
    .sort((a, b) => b.longest - a.longest);
}

/**
 * The lowest price of pieces that are not jointed, where few lengths differ: boards, one a bay, or mesh that steps.
 *
 * Pieces that differ by less than the tape shows are laid as the longest of them, and proved as the shortest.
 *
 * @returns undefined where pieces are jointed or lie side by side, where something is owned or the yard holds too little, or where
 * there are too many ways to prove the price
 */
export function cutAlike(given: Prepared): Laid | undefined {
  const { strips, loose, sheets, task, memo } = given;
  const { units, owned } = task;
  // One small piece alone takes as much of its roll as a strip would.
  const plain = loose.length + owned.length === 0 && sheets.length <= 1;
  if (!plain || strips.some((r) => r.joints.length > 0)) return undefined;
  for (const grain of GRAINS) {
    const kinds = kindsOf(given, grain);
    const found = cheapestOnce(kinds, 'longest', units, memo);
    if (!found) continue;
    const alike = kinds.every((k) => k.longest === k.shortest) || sameWays(kinds, units);
    const least = alike ? found : cheapestOnce(kinds, 'shortest', units, memo);
    if (!least || found.price > least.price + EPSILON) continue;
    return laidOut(found.patterns, kinds, given);
  }
  return undefined;
}

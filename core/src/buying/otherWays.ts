import type { Assigned, Choice, Taking } from './opened';
import { type Anyway, TakenRolls, type TriedBy, type Trying } from './takenRolls';

/** Another candidate for each choice. */
export interface OtherWay {
  readonly takings: readonly Taking[];
  /** What their rolls, by length alone, and all packs cost at least, minor units. */
  readonly cost: number;
}

/** Partial ways looked at before the rest is bounded by the metre. */
const MOST_LOOKED = 3000;

/** What is chosen from, and what is taken whichever way. */
export interface Choosing {
  readonly choices: readonly Choice[];
  readonly anyway: Anyway;
}

/** How much roll a choice takes a row: the longest decide most of the price, m. */
export const sizeOf = ({ takings }: Choice, by: TriedBy['by']): number => takings[0]?.rolls[0]?.[by] ?? 0;

export interface Seeking {
  readonly assigned: Assigned;
  readonly limit: number | 'chosen';
  readonly effort?: number;
}

/**
 * Visits the ways to choose other than the one made that could cost less than a limit.
 *
 * A partial way is left as soon as what it takes already costs as much as the limit.
 *
 * @param assigned what is chosen now
 * @param limit  for the rolls of these meshes and for all packs that follow from them, minor units; or what the choice made costs by length
 * @param visit  for each; returns the limit from then on
 * @returns a bound of those that were not visited, minor units: the limit, or less where there were too many to look at
 */
export function visitCheaper(
  by: TriedBy,
  { choices, anyway }: Choosing,
  { assigned, limit, effort = 1 }: Seeking,
  visit: (other: OtherWay) => number,
): number {
  const takenRolls = new TakenRolls(by, choices, anyway);
  const inOrder = [...choices].sort((a, b) => sizeOf(b, by.by) - sizeOf(a, by.by));
  // The cheapest alone first, so that the dear ones end at once.
  const ways = inOrder.map(({ takings }) =>
    takings
      .map((taking) => takenRolls.trying(taking))
      .map((trying) => ({ trying, alone: takenRolls.alone(trying), seams: sum(trying.pieces) }))
      .sort((a, b) => a.alone - b.alone || a.seams - b.seams)
      .map(({ trying }) => trying),
  );
  /** Where each choice stands among those looked through. */
  const stands = choices.map((choice) => inOrder.indexOf(choice));
  const chosen = inOrder.map(({ alike }) => assigned.get(alike)?.id);
  /** What the choices from one on take at least, by the metre. */
  const rest = ways.map(() => 0);
  for (let i = ways.length - 1; i >= 0; i--)
    rest[i] = (rest[i + 1] ?? 0) + Math.min(...(ways[i] ?? []).map((t) => t.metres));
  const byTheMetre = takenRolls.metres + (rest[0] ?? 0);
  const way: Taking[] = [];
  let below = limit === 'chosen' ? costOfChosen(takenRolls, ways, chosen) : limit;
  let looked = 0;
  const look = (i: number, same: boolean): boolean => {
    looked += 1;
    if (looked > MOST_LOOKED * effort) return false;
    const { packs } = takenRolls;
    const cost = takenRolls.rolls + packs;
    if (Math.max(cost, takenRolls.metres + (rest[i] ?? 0) + packs) >= below) return true;
    const tried = ways[i];
    if (!tried) {
      if (!same) below = visit({ takings: stands.map((at) => way[at] as Taking), cost });
      return true;
    }
    for (const trying of tried) {
      way[i] = trying.taking;
      const done = takenRolls.during(trying, () => look(i + 1, same && trying.taking.id === chosen[i]));
      if (!done) return false;
    }
    way.length = i;
    return true;
  };
  return look(0, true) ? below : Math.min(below, byTheMetre);
}

const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);

/** What the choice made costs by length. */
function costOfChosen(
  taken: TakenRolls,
  ways: readonly (readonly Trying[])[],
  chosen: readonly (string | undefined)[],
): number {
  const made = ways.flatMap((these, i) => these.find((t) => t.taking.id === chosen[i]) ?? []);
  const add = (i: number): number => {
    const trying = made[i];
    return trying ? taken.during(trying, () => add(i + 1)) : taken.rolls + taken.packs;
  };
  return add(0) - 1e-6;
}

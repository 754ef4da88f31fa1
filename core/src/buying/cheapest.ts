import type { Assigned, Choice, Taking } from './opened';
import { type Choosing, type OtherWay, sizeOf, visitCheaper } from './otherWays';
import { TakenRolls, type TriedBy, type Trying } from './takenRolls';

/** By a tenth of a millimetre, then by height: lengths alike to the tape keep their order whichever way the run lies. */
const longestFirst =
  (by: TriedBy['by']) =>
  (a: Choice, b: Choice): number =>
    Math.round(sizeOf(b, by) * 1e4) - Math.round(sizeOf(a, by) * 1e4) ||
    Math.round(b.measure * 1e4) - Math.round(a.measure * 1e4);

/** Prices closer than this are the same price: tax makes fractions, minor units. */
const SAME_PRICE = 1e-6;

/** Rounds of choosing again, each beside what the others take: prices only fall, and soon stand still. */
const ROUNDS = 4;

/** Beyond so many choices they are not weighed all at once: there are far too many ways. */
const MOST_TOGETHER = 60;

/** The cheapest of all choices at once, where it is cheaper than one found one after the other. */
function cheapestTogether(by: TriedBy, choosing: Choosing, assigned: Assigned): Assigned {
  let best: OtherWay | undefined;
  visitCheaper(by, choosing, { assigned, limit: 'chosen' }, (other) => {
    best = other;
    return other.cost - SAME_PRICE;
  });
  return best ? assignedTo(choosing.choices, best.takings) : assigned;
}

export const assignedTo = (choices: readonly Choice[], takings: readonly Taking[]): Assigned =>
  new Map(choices.flatMap(({ alike }, i) => (takings[i] ? [[alike, takings[i]] as const] : [])));

/**
 * The cheapest candidate for each choice by the lengths that they take. Rolls of one mesh and width are shared, whoever wants them, and every seam
 * takes its rings, which come in packs.
 *
 * Chosen one after the other, longest first, then again beside what the others took, until nothing falls any more; then all together, as far as
 * there are not too many ways. What is sold goes before what is in the shed alone: that is weighed as it is cut.
 */
export function cheapest(by: TriedBy, { choices, anyway }: Choosing): Assigned {
  const sold = choices.map((choice): Choice => {
    const takings = choice.takings.filter((t) => t.sold);
    return takings.length > 0 ? { ...choice, takings } : choice;
  });
  const given: TriedBy = { ...by, owned: [] };
  const takenRolls = new TakenRolls(given, sold, anyway);
  const order = [...sold].sort(longestFirst(by.by));
  const tried = order.map(({ takings }) => takings.map((taking) => takenRolls.trying(taking)));
  const chosen: (Trying | undefined)[] = order.map(() => undefined);
  const cheapestOf = (these: readonly Trying[]): Trying | undefined => {
    let best: { trying: Trying; cost: number } | undefined;
    for (const trying of these) {
      const cost = takenRolls.costOf(trying);
      const simpler =
        best && cost < best.cost + SAME_PRICE && trying.taking.rolls.length < best.trying.taking.rolls.length;
      if (!best || cost < best.cost - SAME_PRICE || simpler) best = { trying, cost };
    }
    return best?.trying;
  };
  for (let round = 0; round < (order.length > 1 ? ROUNDS : 1); round++) {
    let changed = false;
    for (const [i, these] of tried.entries()) {
      const before = chosen[i];
      if (before) takenRolls.put(before, -1);
      const best = cheapestOf(these);
      if (best) takenRolls.put(best, 1);
      chosen[i] = best;
      if (before !== best) changed = true;
    }
    if (!changed) break;
  }
  const assigned = new Map(
    order.flatMap(({ alike }, i) => {
      const trying = chosen[i];
      return trying ? [[alike, trying.taking] as const] : [];
    }),
  );
  const few = order.length > 1 && order.length <= MOST_TOGETHER;
  return few ? cheapestTogether(given, { choices: sold, anyway }, assigned) : assigned;
}

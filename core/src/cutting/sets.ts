import type { Slot } from './cutting';
import type { SoldUnit } from '../catalogue/market';
import { EPSILON } from '../units/round';
import { boughtSlot } from './bins';
import type { Cover, Demand } from './covers';
import type { Prepared } from './prepare';

/** Rolls of a set with those that are owned, which may be used or not. */
export const slotsOf = (
  cover: Cover,
  units: readonly SoldUnit[],
  owned: readonly Slot[],
): readonly Slot[] => [
  ...owned,
  ...cover.counts
    .flatMap((count, i) => {
      const unit = units[i];
      return unit ? Array.from({ length: count }, () => boughtSlot(unit)) : [];
    })
    .sort((a, b) => b.size - a.size),
];

/** What each of more owned lengths could hold takes too long to look for. */
const FEW_OWNED = 12;

/** What bought rolls must still reach beside those that are owned. */
export function demands(
  { task, need, covered, reach, joined, worth }: Prepared,
  owned: readonly Slot[],
): readonly Demand[] {
  const has = (yieldOf: (size: number) => number) => owned.reduce((total, o) => total + yieldOf(o.size), 0);
  const { units } = task;
  const beyond = (wanted: number, yieldOf: (size: number) => number): Demand => ({
    need: wanted - has(yieldOf),
    yields: units.map((u) => yieldOf(u.size)),
  });
  const byLength = beyond(need, (size) => size);
  const byReach = beyond(covered, reach);
  const byJoints = joined === null ? [] : [beyond(joined, (size) => Math.max(0, size - task.lap))];
  const byWorth = owned.length <= FEW_OWNED ? worth() : undefined;
  // What is met by whatever is long enough need not be looked at for every set.
  const asksMore = ({ need: more, yields }: Demand) =>
    more > byLength.need * Math.min(...yields.map((y, i) => y / (units[i]?.size ?? 1))) + EPSILON;
  const holds = byWorth ? [beyond(byWorth.need, byWorth.holds)] : [];
  return [byLength, ...[byReach, ...byJoints].filter(asksMore), ...holds];
}

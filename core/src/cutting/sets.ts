import type { Slot } from './plan';
import type { SoldUnit } from '../catalogue/market';
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

/** What bought rolls must still reach beside those that are owned. */
export function demands({ task, need, covered, reach }: Prepared, owned: readonly Slot[]): readonly Demand[] {
  const has = (yieldOf: (size: number) => number) => owned.reduce((total, o) => total + yieldOf(o.size), 0);
  const byLength = (size: number) => size;
  return [
    { need: need - has(byLength), yields: task.units.map((u) => u.size) },
    { need: covered - has(reach), yields: task.units.map((u) => reach(u.size)) },
  ];
}

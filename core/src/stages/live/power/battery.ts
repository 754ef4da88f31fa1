import { DAYS, monthOf } from './sun';

/** What a battery gives and gets. Ah and Ah a day. */
export interface BatteryBy {
  /** Of its capacity, what may be used. */
  readonly usable: number;
  readonly use: number;
  /** By month, January first. */
  readonly gain: readonly number[];
  /** Day of the year on which it begins, full. */
  readonly from: number;
}

export interface BatteryRun {
  /** Until it is flat; null where it never is. */
  readonly days: number | null;
  /** What is left of what may be used at the end of each day of a year, Ah. */
  readonly left: readonly number[];
}

/** No battery is looked at for longer, years. */
const MOST_YEARS = 50;

/** A battery day by day, at most full, until it is flat (rules: Live nets). A year that ends no lower than it began is followed by others like it. */
export function runBattery({ usable, use, gain, from }: BatteryBy): BatteryRun {
  const left: number[] = [];
  let there = usable;
  let flat: number | null = null;
  for (let year = 0; year < MOST_YEARS; year++) {
    const began = there;
    for (let day = 0; day < DAYS; day++) {
      const net = (gain[monthOf(from + day)] ?? 0) - use;
      if (flat === null && net < 0 && there + net < -1e-12) flat = year * DAYS + day + there / -net;
      there = Math.max(0, Math.min(usable, there + net));
      if (year === 0) left.push(there);
    }
    if (flat !== null || there >= began - 1e-9) break;
  }
  return { days: flat, left };
}

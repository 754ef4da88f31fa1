import type { CuttingPool } from '../cutting/types';
import type { DocketLine } from './docket/types';
import type { Reason } from './demand';
import type { Opened } from './opened';

/** A demand that nothing sold meets, with the nearest that is. */
export interface Unmet extends Reason {
  readonly buy: 'post' | 'kit' | 'piece' | 'open';
  /** m, of the size that is short; null where nothing of the kind is sold. */
  readonly nearest: number | null;
  readonly count: number;
}

/** Heights that no widths reach, and strips that no roll is wide enough for. */
export const unmetOpens = ({ items, fixed }: Opened): readonly Unmet[] =>
  items.flatMap((item): Unmet[] => {
    if (item.kind !== 'open') return [];
    const taking = fixed.get(item.alike);
    if (!taking || taking.shortBy <= 0) return [];
    const { stage, part, measure } = item.open;
    return [{ stage, part, buy: 'open', nearest: measure - taking.shortBy, count: 1 }];
  });

/** How many things cannot be built as meant from what is sold. */
export const unfitOf = (
  unmet: readonly Unmet[],
  pools: readonly CuttingPool[],
  lines: readonly Pick<DocketLine, 'notHeld'>[],
): number =>
  unmet.reduce((n, u) => n + u.count, 0) +
  pools.reduce((n, pool) => n + pool.unplaced.length, 0) +
  lines.reduce((n, line) => n + line.notHeld.length, 0);

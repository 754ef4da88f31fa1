import type { FenceLine } from '../../ground/fenceLines';
import type { Part } from '../../reckoning';
import type { WallTop } from '../walls/wallTop';
import { reachOf } from './leaf';

/** Gates and doors as they stand in the fence. */
export function openingParts(
  lines: readonly FenceLine[],
  tops: ReadonlyMap<FenceLine, WallTop>,
): readonly Part[] {
  return lines.flatMap((line) => {
    const wall = tops.get(line)?.top ?? 0;
    return [...line.openings, ...line.doors].map(({ opening }): Part => ({
      kind: 'opening',
      part: { on: 'opening', opening: opening.id },
      side: opening.side,
      from: opening.along,
      to: opening.along + opening.width,
      hangs: opening.hangs,
      ...reachOf(opening, wall),
      way: opening.kind,
    }));
  });
}

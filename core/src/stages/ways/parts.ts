import type { FenceLine } from '../../ground/fenceLines';
import type { Part } from '../../reckoning';
import { reachOf } from './shown/leaf';

/** Gates and doors as they stand in the fence. */
export function openingParts(
  lines: readonly FenceLine[],
  walls: ReadonlyMap<string, number>,
): readonly Part[] {
  return lines.flatMap((line) => {
    return [...line.openings, ...line.doors].map(({ opening }): Part => ({
      kind: 'opening',
      part: { on: 'opening', opening: opening.id },
      side: opening.side,
      from: opening.along,
      to: opening.along + opening.width,
      hangs: opening.hangs,
      ...reachOf(opening, walls.get(opening.id) ?? 0),
      way: opening.kind,
    }));
  });
}

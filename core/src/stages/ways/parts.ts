import { type OpeningPlace } from '../../plan/openingPlace';
import { leafTop } from './leaf';
import { type FenceLine } from '../../ground/fenceLines';
import { type WallTop } from '../walls/wallTop';
import { type Part } from '../../reckoning';
export function topOf(opening: OpeningPlace, wall: number): number {
  if (opening.kind === 'gate') return leafTop(opening, wall);
  return opening.kind === 'hatch' ? opening.bottom + opening.height : opening.height;
}

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
      bottom: opening.kind === 'hatch' ? opening.bottom : 0,
      top: topOf(opening, wall),
      way: opening.kind,
    }));
  });
}

import type { Plan } from '../../plan/schema';
import { previewFence } from '../opened';
import { tidy } from '../../units/round';

/** Room for a frame on either side, m. */
const FRAME = 0.05;

/**
 * Where a pop door or hatch fits on a side between two posts and clear of what is there: as near to the middle of the side
 * as it can be, in the middle of its bay.
 *
 * @param length  of the side, m
 * @returns from the side's `from` corner to the near edge, m; undefined when no bay is wide enough
 */
export function freePlace(plan: Plan, side: string, length: number, width: number): number | undefined {
  const posts = previewFence(plan).flatMap((p) => (p.kind === 'post' && p.side === side ? [p.along] : []));
  const stops = [0, ...posts, length].sort((a, b) => a - b);
  const openingsThere = plan.openings.filter((o) => o.side === side);
  const places = stops
    .slice(1)
    .map((to, i) => ({ from: stops[i] ?? 0, to }))
    .filter(({ from, to }) => to - from >= width + 2 * FRAME)
    .map(({ from, to }) => tidy((from + to - width) / 2))
    .filter((along) => openingsThere.every((o) => along + width <= o.along || along >= o.along + o.width));
  // To a tenth of a millimetre: of two bays as near, the one nearer to the corner.
  const away = (along: number) => Math.round(Math.abs(along + width / 2 - length / 2) * 1e4);
  const [nearest] = places.sort((a, b) => away(a) - away(b) || a - b);
  return nearest;
}

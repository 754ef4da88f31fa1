import type { FenceLine } from '../../ground/fenceLines';
import { EPSILON } from '../../units/round';
import type { Falls } from '../walls/shown/runs';
import type { Post, SetOut } from './shown/setOut';

/**
 * How high each post stands above ground: the higher of the walls it carries, and at the low post of a bay that steps
 * the drop of that bay more (rules: Posts).
 *
 * @param top  height of a line's wall, m
 */
export function heightsAbove(
  setOut: SetOut,
  top: (line: FenceLine) => number,
  falls: Falls,
): (post: Post) => number {
  const atCorner = new Map<string, number>();
  const onLine = new Map<FenceLine, { readonly along: number; readonly above: number }[]>();
  const raise = (line: FenceLine, along: number, above: number) => {
    const corner =
      along < EPSILON ? line.startCorner : along > line.length - EPSILON ? line.endCorner : undefined;
    if (corner === undefined) onLine.set(line, [...(onLine.get(line) ?? []), { along, above }]);
    else atCorner.set(corner, Math.max(atCorner.get(corner) ?? 0, above));
  };
  for (const line of setOut.lines) {
    raise(line, 0, top(line));
    raise(line, line.length, top(line));
    const fall = falls.get(line);
    if (fall?.hang !== 'step') continue;
    for (const bay of fall.bays) {
      if (Math.abs(bay.rise) < EPSILON) continue;
      raise(line, bay.rise > 0 ? bay.from : bay.to, top(line) + Math.abs(bay.rise));
    }
  }
  return (post) => {
    const known = post.part.on === 'corner-post' ? atCorner.get(post.part.corner) : undefined;
    if (known !== undefined) return known;
    const near = onLine.get(post.line)?.filter((r) => Math.abs(r.along - post.lineAlong) < 1e-6) ?? [];
    return near.reduce((most, r) => Math.max(most, r.above), top(post.line));
  };
}

import type { PostProduct } from '../catalogue/types';
import type { PostRole } from '../plan/schema';
import { EPSILON } from '../units/round';
import type { SettingOut, Stretch } from './setOut';

/**
 * How deep a post stands, m.
 *
 * @param above  height above ground, m
 * @see domain.md 5: timber the larger of 0.60 and ⅓ of the height; dug timber gate and corner posts 0.15 more;
 *      steel T 0.45, and 0.60 from 1.8 above ground
 */
export function depthInGround(post: PostProduct, role: PostRole, above: number): number {
  if (post.kind === 'steel-t') return above >= 1.8 - EPSILON ? 0.6 : 0.45;
  const base = Math.max(0.6, above / 3);
  const braced =
    post.material === 'timber' && post.standing === 'dug' && (role === 'gate' || role === 'corner');
  return base + (braced ? 0.15 : 0);
}

/**
 * The hole round a dug post.
 *
 * @returns width: diameter, or side for a square post, m; fill: hole less post, m³
 * @see domain.md 5: 2.5 × the post tamped, 3 × for concrete
 */
export function holeFor(post: PostProduct, setting: 'tamped' | 'concrete', depth: number) {
  const width = post.size * (setting === 'concrete' ? 3 : 2.5);
  const round = (d: number) => (Math.PI * d * d) / 4;
  const area = post.kind === 'square' ? (d: number) => d * d : round;
  return { width, fill: (area(width) - area(post.size)) * depth };
}

/** A wall higher than this pulls its corners over, m (domain.md 5). */
const STANDS_ALONE = 1.5;
/** A stretch shorter than this shares one brace, m. */
const SHARES_BRACE = 1.5;

/**
 * Braces, one for each side that pulls on a corner, end or gate post.
 *
 * @param pulls  whether the wall on a stretch needs its posts braced: higher than 1.5 m, or woven
 */
export function braces(
  setting: SettingOut,
  wall: (stretch: Stretch) => { readonly top: number; readonly woven: boolean },
) {
  const roles = new Map<string, PostRole>();
  const key = (line: string, along: number) => `${line} ${along.toFixed(4)}`;
  for (const post of setting.posts) roles.set(key(post.line.id, post.lineAlong), post.role);
  const atCorner = new Map(
    setting.posts.filter((p) => p.part.startsWith('corner:')).map((p) => [p.part, p.role]),
  );
  const roleAt = ({ line }: Stretch, along: number): PostRole => {
    const corner =
      along < EPSILON ? line.startCorner : along > line.length - EPSILON ? line.endCorner : undefined;
    const role = corner === undefined ? undefined : atCorner.get(`corner:${corner}/post`);
    return role ?? roles.get(key(line.id, along)) ?? 'line';
  };
  let ends = 0;
  let shared = 0;
  for (const stretch of setting.stretches) {
    const { top, woven } = wall(stretch);
    if (top <= STANDS_ALONE + EPSILON && !woven) continue;
    const pulled = [stretch.from, stretch.to].filter(
      (along) => !['line', 'wall'].includes(roleAt(stretch, along)),
    ).length;
    ends += pulled;
    if (pulled === 2 && stretch.to - stretch.from < SHARES_BRACE - EPSILON) shared += 1;
  }
  return { ends, shared };
}

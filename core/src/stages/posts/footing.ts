import type { PostPart } from './told';
import { postKindOf } from '../../catalogue/postKinds';
import type { PostProduct } from '../../catalogue/types';
import type { Choices, PostRole } from '../../plan/schema';
import { EPSILON } from '../../units/round';
import type { SetOut, Stretch } from './shown/setOut';
import type { WallTop } from '../walls/shown/wallTop';

/** What depth goes by besides the post itself. */
export interface Footing {
  /** Height above ground, m. */
  readonly above: number;
  /** What it carries besides the walls. */
  readonly load: Choices['load'];
  /** Depth to which the ground freezes, m. */
  readonly frost: number;
}

/** What a cover adds, and a dug timber gate or corner post, m. */
const MORE = 0.15;

/**
 * How deep a post stands, m; for one on a spike, how deep the spike does.
 *
 * @see rules: Posts. Timber the larger of 0.60 and ⅓ of the height; dug timber gate and corner posts 0.15 more, any post
 *      carrying a cover 0.15 more; steel T 0.45, and 0.60 from 1.8 above ground; to the frost depth where a roof stands on it
 */
export function depthInGround(post: PostProduct, role: PostRole, footing: Footing): number {
  const { above, load, frost } = footing;
  const base = postKindOf(post).depth(above);
  // What is dug or driven itself is carried deeper; a spike is made one length.
  if (post.standing === 'spike') return base;
  const braced =
    post.material === 'timber' && post.standing === 'dug' && (role === 'gate' || role === 'corner');
  const depth = base + (braced ? MORE : 0) + (load === 'fence' ? 0 : MORE);
  return load === 'roof' ? Math.max(depth, frost) : depth;
}

/** The part of a post's length that goes into the ground, m: none of one that stands in a spike's socket. */
export const buriedLength = (post: PostProduct, depth: number): number =>
  post.standing === 'spike' ? 0 : depth;

/**
 * The hole round a dug post.
 *
 * @returns width: diameter, or side for a square post, m; fill: hole less post, m³
 * @see rules: Posts. 2.5 × the post tamped, 3 × for concrete
 */
export function holeFor(post: PostProduct, setting: PostPart['setting'], depth: number) {
  const width = post.size * (setting === 'concrete' ? 3 : 2.5);
  const { area } = postKindOf(post);
  return { width, fill: (area(width) - area(post.size)) * depth };
}

/** A wall higher than this pulls its corners over, m (rules: Posts). */
const STANDS_ALONE = 1.5;
/** A stretch shorter than this shares one brace, m. */
const SHARES_BRACE = 1.5;

/**
 * Braces, one for each side that pulls on a corner, end or gate post.
 *
 * @param wall  the wall on a stretch: one higher than 1.5 m, or woven, needs its posts braced
 */
export function braces(setOut: SetOut, wall: (stretch: Stretch) => WallTop | undefined) {
  const roles = new Map<string, PostRole>();
  const key = (line: string, along: number) => `${line} ${along.toFixed(4)}`;
  // What stands is braced already, or needs none.
  const pulledAs = ({ role, standing }: SetOut['posts'][number]): PostRole =>
    standing === null ? role : 'line';
  for (const post of setOut.posts) roles.set(key(post.line.id, post.lineAlong), pulledAs(post));
  const atCorner = new Map<string, PostRole>(
    setOut.posts.flatMap((post) =>
      post.part.on === 'corner-post' ? [[post.part.corner, pulledAs(post)]] : [],
    ),
  );
  const roleAt = ({ line }: Stretch, along: number): PostRole => {
    const corner =
      along < EPSILON ? line.startCorner : along > line.length - EPSILON ? line.endCorner : undefined;
    const role = corner === undefined ? undefined : atCorner.get(corner);
    return role ?? roles.get(key(line.id, along)) ?? 'line';
  };
  let ends = 0;
  let shared = 0;
  for (const stretch of setOut.stretches) {
    if (stretch.line.standing || setOut.underRoof.has(stretch.line)) continue;
    const { top, pulls } = wall(stretch) ?? { top: 0, pulls: 'no' };
    if (top <= STANDS_ALONE + EPSILON && pulls === 'no') continue;
    const pulled = [stretch.from, stretch.to].filter(
      (along) => !['line', 'wall'].includes(roleAt(stretch, along)),
    ).length;
    ends += pulled;
    if (pulled === 2 && stretch.to - stretch.from < SHARES_BRACE - EPSILON) shared += 1;
  }
  return { ends, shared };
}

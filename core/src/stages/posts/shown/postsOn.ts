import type { FenceLine } from '../../../ground/fenceLines';
import type { StandingPost } from './stage';

/** Posts that stand on some lines, those at both their ends included. */
export type PostsOn = (lines: readonly FenceLine[]) => ReadonlySet<StandingPost>;

/**
 * Gives each post to one of the walls that meet at it: the one that asks most of it, whichever comes first along the fence.
 *
 * @param asks  what a wall asks of each post; nothing where 0
 */
export function postsByWall<W extends { readonly lines: readonly FenceLine[] }>(
  on: PostsOn,
  walls: readonly W[],
  asks: (wall: W) => number,
): readonly { readonly wall: W; readonly posts: readonly StandingPost[] }[] {
  const given = new Set<StandingPost>();
  const most = walls.map((wall) => ({ wall, asked: asks(wall) })).filter(({ asked }) => asked > 0);
  return most
    .sort((a, b) => b.asked - a.asked)
    .map(({ wall }) => {
      const posts = [...on(wall.lines)].filter((p) => !given.has(p));
      posts.forEach((post) => given.add(post));
      return { wall, posts };
    });
}

export function postsOn(posts: readonly StandingPost[]): PostsOn {
  const byLine = new Map<FenceLine, StandingPost[]>();
  const atCorner = new Map<string, StandingPost>();
  for (const post of posts) {
    const here = byLine.get(post.line);
    if (here) here.push(post);
    else byLine.set(post.line, [post]);
    if (post.part.on === 'corner-post') atCorner.set(post.part.corner, post);
  }
  return (lines) => {
    const found = new Set<StandingPost>();
    for (const line of lines) {
      const ends = [line.startCorner, line.endCorner].map((c) => atCorner.get(c));
      for (const post of [...(byLine.get(line) ?? []), ...ends]) {
        // A corner post is listed with one line, and stands at the ends of others.
        if (post && (post.part.on !== 'corner-post' || ends.includes(post))) found.add(post);
      }
    }
    return found;
  };
}

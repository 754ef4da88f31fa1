import type { PostLengths } from '../../buying/lengths';
import type { PostStage, StandingPost } from './shown/stage';

/** A post with the length sold that it is cut from. All m. */
export interface BoughtPost extends StandingPost {
  /** 0 for one that is here already. */
  readonly buy: number;
  readonly cutOff: number;
  /** What the longest length sold misses; 0 where it is long enough, or here already. */
  readonly missing: number;
}

/** Posts with their lengths; those that need one length alike are served one after the other, as they stand. */
export function boughtPosts({ posts }: PostStage, lengthOf: PostLengths): readonly BoughtPost[] {
  const served = new Map<string, number>();
  return posts.map((post): BoughtPost => {
    const { needs } = post;
    let buy = 0;
    if (post.standing === null) {
      const key = `${post.product.id} ${needs}`;
      const nth = served.get(key) ?? 0;
      served.set(key, nth + 1);
      buy = lengthOf(post.product.id, needs, nth);
    }
    const bought = post.standing === null;
    // Written out: spreading four hundred posts costs more than setting them out.
    return {
      part: post.part,
      role: post.role,
      at: post.at,
      side: post.side,
      along: post.along,
      number: post.number,
      line: post.line,
      lineAlong: post.lineAlong,
      standing: post.standing,
      choices: post.choices,
      product: post.product,
      asked: post.asked,
      above: post.above,
      depth: post.depth,
      needs,
      setting: post.setting,
      buy,
      cutOff: bought ? Math.max(0, buy - needs) : 0,
      missing: bought ? Math.max(0, needs - buy) : 0,
    };
  });
}

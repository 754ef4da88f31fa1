import type { AskOf, Demand, Reason } from '../../buying/demand';
import type { PackId } from '../../catalogue/packs';
import type { Term } from '../../working';
import type { PostStage, StandingPost } from './shown/stage';

const POSTS: Reason = { stage: 'posts', part: { on: 'plan' } };

const inPacks = (pack: PackId, need: Term): AskOf<'pack'> => ({
  ...POSTS,
  buy: 'pack',
  pack,
  count: need.value,
  need: () => [need],
});

/** Posts at least as long as each needs, with what braces them, what they stand on and what they are set in. */
export function postDemands({ posts, spikes, braces, bags }: PostStage): readonly Demand[] {
  const alike = new Map<string, StandingPost[]>();
  for (const post of posts) {
    if (post.standing !== null) continue;
    const key = `${post.product.id} ${post.needs} ${post.role}`;
    const postsAlike = alike.get(key);
    if (postsAlike) postsAlike.push(post);
    else alike.set(key, [post]);
  }
  return [
    ...[...alike.values()].flatMap((these): Demand[] => {
      const [post] = these;
      if (!post) return [];
      const { part, product, needs, role } = post;
      return [
        {
          stage: 'posts',
          part,
          buy: 'post',
          product: product.id,
          length: needs,
          role,
          count: these.length,
        },
      ];
    }),
    inPacks('spike', spikes),
    inPacks('brace', braces),
    inPacks('concrete', bags),
  ];
}

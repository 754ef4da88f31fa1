import { type Plan } from '../../plan/schema';
import { type FenceWalk, onPosts } from '../../ground/fenceLines';
import { type PostPart } from './told';
import { editionOf } from '../../catalogue/editionOf';
import { alongLines, spacingsFound } from '../../ground/partings';
import { facetOf, choicesFor } from '../../plan/effective';
import { type PostAsk, closer } from './shown/asks';
import { standingRoofs } from '../../ground/standingRoof';
import { setOut } from './shown/setOut';

/** Posts as they would stand: their heights and depths are left at 0. */
export function preview(
  plan: Plan,
  all: readonly FenceWalk[],
  asks: readonly PostAsk[],
): readonly PostPart[] {
  const products = editionOf(plan).posts;
  const { sides, postPins: pins, enclosures } = plan;
  const walks = onPosts(all);
  const lines = walks.flatMap((w) => w.lines);
  const spacings = closer(spacingsFound(alongLines(lines, facetOf(plan, 'spacing'), enclosures)), asks);
  const roofs = standingRoofs(plan.ground.buildings);
  const { posts } = setOut({ sides, pins, walks, spacings, roofs });
  return posts.map((post): PostPart => {
    const id = choicesFor(plan, post.side).posts[post.role];
    const product = products.find((p) => p.id === id);
    return {
      kind: 'post',
      part: post.part,
      number: post.number,
      role: post.role,
      side: post.side,
      along: post.along,
      above: 0,
      depth: 0,
      size: product?.size ?? 0,
      product: id,
      buy: 0,
      cutOff: 0,
      setting: 'tamped',
      origin: post.standing === null ? 'new' : 'standing',
    };
  });
}

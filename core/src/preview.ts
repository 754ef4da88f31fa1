import { marketOf } from './catalogue';
import { fenceWalks } from './ground/fenceLines';
import { surveyRings } from './ground/survey';
import type { Plan } from './plan/schema';
import { setOut } from './posts/setOut';
import { editionOf } from './reckon';
import type { Part } from './reckoning';
import { spansOnSides } from './walls/runs';

/**
 * Posts and aprons as they would stand, without walls, cutting or docket: what a drag shows under the pointer, in a frame.
 *
 * @returns parts for the ground sheet; heights and depths are left at 0
 */
export function previewFence(plan: Plan): readonly Part[] {
  const market = marketOf(editionOf(plan), plan.buying);
  const { lines, posts } = setOut(plan, fenceWalks(plan, surveyRings(plan)));
  const skirts = lines.flatMap((line): Part[] => {
    const { skirt } = line.choices;
    if (skirt.kind === 'none') return [];
    const flat = skirt.kind === 'apron';
    return spansOnSides(line, 0, line.length).map((span) => ({
      kind: 'skirt',
      path: `side:${span.side}/skirt`,
      ...span,
      out: flat ? skirt.width : 0,
      depth: flat ? 0 : skirt.depth,
      mesh: skirt.mesh,
    }));
  });
  const standing = posts.map((post): Part => {
    const product = market.post(post.line.choices.posts[post.role]);
    return {
      kind: 'post',
      path: post.part,
      number: post.number,
      role: post.role,
      side: post.side,
      along: post.along,
      above: 0,
      depth: 0,
      size: product.size,
      product: product.id,
      buy: 0,
      cutOff: 0,
      setting: 'tamped',
      origin: post.standing === null ? 'new' : 'standing',
    };
  });
  return [...skirts, ...standing];
}

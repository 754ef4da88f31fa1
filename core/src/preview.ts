import { marketOf } from './catalogue';
import { fenceWalks } from './ground/fenceLines';
import { surveyRings } from './ground/survey';
import { choicesFor } from './plan/effective';
import type { Plan } from './plan/schema';
import { setOut } from './posts/setOut';
import { editionOf } from './catalogue';
import type { Part } from './reckoning';

/** What a preview is made of. */
export type PreviewPart = Extract<Part, { kind: 'post' | 'skirt' }>;
import { skirtAlong } from './skirt/part';
import { skirtLines } from './skirt/skirtLines';

/**
 * Posts and aprons as they would stand, without walls, cutting or docket: what a drag shows under the pointer, in a frame.
 *
 * @returns parts for the ground sheet; heights and depths are left at 0
 */
export function previewFence(plan: Plan): readonly PreviewPart[] {
  const market = marketOf(editionOf(plan), plan.buying);
  const setting = setOut(plan, fenceWalks(plan, surveyRings(plan)));
  const { posts } = setting;
  const skirts = skirtLines(plan, setting).lines.flatMap((line) =>
    line.choices.skirt.kind === 'none' ? [] : skirtAlong(line, line.choices.skirt),
  );
  const standing = posts.map((post): PreviewPart => {
    const product = market.post(choicesFor(plan, post.side).posts[post.role]);
    return {
      kind: 'post',
      part: post.part,
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

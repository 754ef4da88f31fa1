import { alongLines } from './ground/partings';
import { walksOf } from './ground/walksOf';
import { choicesFor, facetOf } from './plan/effective';
import type { Plan } from './plan/schema';
import { setOut } from './stages/posts/setOut';
import { editionOf } from './catalogue';
import type { Part } from './reckoning';
import { skirtAlong } from './stages/skirt/part';
import { isLaid } from './stages/skirt/shape';
import { skirtLines } from './stages/skirt/skirtLines';

/** What a preview is made of. */
export type PreviewPart = Extract<Part, { kind: 'post' | 'skirt' }>;

/**
 * Posts and aprons as they would stand, without walls, cutting or docket: what a drag shows under the pointer, in a frame.
 *
 * @returns parts for the ground sheet; heights and depths are left at 0
 */
export function previewFence(plan: Plan): readonly PreviewPart[] {
  const products = editionOf(plan).posts;
  const { sides, postPins: pins, enclosures } = plan;
  const walks = walksOf(plan);
  const lines = walks.flatMap((w) => w.lines);
  const spacings = alongLines(lines, facetOf(plan, 'spacing'), enclosures);
  const { posts } = setOut({ sides, pins, walks, spacings });
  const skirted = skirtLines({ choices: facetOf(plan, 'skirt'), enclosures }, walks);
  const skirts = [...skirted.skirts].flatMap(([line, skirt]) =>
    isLaid(skirt) ? skirtAlong(line, skirt) : [],
  );
  const standing = posts.map((post): PreviewPart => {
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
  return [...skirts, ...standing];
}

import type { Cut } from '../drawing/scene/cut';
import type { InkKind } from '../drawing/scene/inks';
import type { Primitive } from '../drawing/scene/scene';
import { walksOf } from '../ground/walksOf';
import type { Asking, OptionGroup } from '../options/asking/types';
import type { Plan } from '../plan/schema';
import { archOptions } from './arch/questions';
import { section as arch } from './arch/section';
import { previewAsks } from './cover/asks';
import { coverOptions } from './cover/questions';
import { section as cover } from './cover/section';
import type { StageId } from './facts';
import { liveOffered, liveOptions, netOptions, powerOptions, wireOptions } from './live/questions';
import { POST_ROLES } from './posts/plan/choice';
import { preview as previewPosts } from './posts/preview';
import { postOptions } from './posts/questions';
import { section as posts } from './posts/section';
import { preview as previewSkirts } from './skirt/preview';
import { houseSkirtOptions, skirtOptions } from './skirt/questions';
import { section as skirt } from './skirt/section';
import { type AlongSide, type Part, isAlongSide } from './told';
import { wallOptions } from './walls/questions';
import { section as walls } from './walls/section';
import { openingOptions } from './ways/questions';

/* What a page fetches once a stage is open: its questions, how its parts are cut by a section, what a drag shows of it. */

export {
  archOptions,
  coverOptions,
  houseSkirtOptions,
  liveOffered,
  netOptions,
  openingOptions,
  postOptions,
  powerOptions,
  skirtOptions,
  wallOptions,
  wireOptions,
};
export { measuresOf } from './skirt/measures';
export { KIND_IDS as SKIRT_KINDS, type Skirt } from './skirt/plan/kinds';
export { isLaid, shapeOf } from './skirt/plan/shape';
export { skirtOfKind, skirtWanted } from './skirt/plan/wanted';

/** Every question of every stage that is decided by choosing, in one scope. What is no matter of scope is asked for the whole plan. */
export const ASKED: Readonly<Partial<Record<StageId, (asking: Asking) => readonly OptionGroup[]>>> = {
  posts: (asking) => postOptions(asking, asking.market.postIds(), POST_ROLES),
  walls: (asking) => asking.choices.bands.flatMap((band) => wallOptions(asking, band)),
  arch: (asking) =>
    asking.scope.scope === 'plan' ? asking.plan.arches.flatMap((one) => archOptions(asking, one)) : [],
  skirt: skirtOptions,
  live: liveOptions,
  cover: (asking) =>
    asking.scope.scope === 'plan' ? asking.plan.covers.flatMap((one) => coverOptions(asking, one)) : [],
  ways: (asking) =>
    asking.scope.scope === 'plan'
      ? asking.plan.openings.flatMap((opening) => openingOptions(asking, opening))
      : [],
};

type OnSection = (part: Part, cut: Cut) => readonly Primitive<InkKind>[];

/** Parts where a line across the sheet cuts them or passes them, one over the other. */
const SECTIONS: readonly OnSection[] = [skirt, walls, posts, arch, cover];

/** A part as a section shows it. */
export const sectionShapes: OnSection = (...given) => SECTIONS.flatMap((draw) => draw(...given));

/**
 * Posts and aprons as they would stand, without walls, cutting or docket: what a drag shows under the pointer, in a frame.
 *
 * @returns parts for the ground sheet, one over the other; heights and depths are left at 0
 */
export function previewFence(plan: Plan): readonly AlongSide[] {
  const walks = walksOf(plan);
  return [...previewSkirts(plan, walks), ...previewPosts(plan, walks, previewAsks(plan))].filter(isAlongSide);
}

import { walksOf } from '../ground/walksOf';
import type { Plan } from '../plan/schema';
import { previewAsks } from './cover/asks';
import { preview as posts } from './posts/preview';
import { preview as skirts } from './skirt/preview';
import { type AlongSide, isAlongSide } from './told';

/**
 * Posts and aprons as they would stand, without walls, cutting or docket: what a drag shows under the pointer, in a frame.
 *
 * @returns parts for the ground sheet, one over the other; heights and depths are left at 0
 */
export function previewFence(plan: Plan): readonly AlongSide[] {
  const walks = walksOf(plan);
  return [...skirts(plan, walks), ...posts(plan, walks, previewAsks(plan))].filter(isAlongSide);
}

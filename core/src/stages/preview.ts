import { previews } from './draw';
import { walksOf } from '../ground/walksOf';
import type { Plan } from '../plan/schema';
import type { Part } from '../reckoning';

/** What a preview is made of. */
export type PreviewPart = Extract<Part, { readonly side: string }>;

/**
 * Posts and aprons as they would stand, without walls, cutting or docket: what a drag shows under the pointer, in a frame.
 *
 * @returns parts for the ground sheet; heights and depths are left at 0
 */
export const previewFence = (plan: Plan): readonly PreviewPart[] =>
  previews(plan, walksOf(plan)).filter((part): part is PreviewPart => 'side' in part);

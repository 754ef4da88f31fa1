import type * as birds from './birds/told';
import type * as outline from './outline/told';
import type * as posts from './posts/told';
import type * as skirt from './skirt/told';
import type * as walls from './walls/told';
import type * as ways from './ways/told';

/**
 * A thing on the fence in side coordinates: along from the side's `from` corner, heights above the ground, `out` away
 * from the run. All m. Sheet and strip are two projections of the same parts.
 */
export type Part =
  | posts.PostPart
  | walls.MeshPart
  | walls.BoardPart
  | skirt.SkirtPart
  | skirt.HouseSkirtPart
  | ways.OpeningPart;

/** Headline numbers of the stages as workings. */
export type StageHeadlines = birds.Headlines & outline.Headlines & posts.Headlines & skirt.Headlines;

import type * as arch from './arch/told';
import type * as birds from './birds/told';
import type * as cover from './cover/told';
import type * as docket from './docket/told';
import type { HoursPart } from './facts';
import type * as live from './live/told';
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
  | arch.ArchParts
  | skirt.SkirtPart
  | skirt.HouseSkirtPart
  | ways.OpeningPart
  | cover.CoverParts
  | live.LiveParts;

/** A part along one side. */
export type AlongSide = Extract<Part, { readonly side: string }>;
export const isAlongSide = (part: Part): part is AlongSide =>
  (part as { readonly side?: string }).side !== undefined;

/** Headline numbers of the stages as workings. */
export type StageHeadlines = birds.Headlines & outline.Headlines & posts.Headlines & skirt.Headlines;

/** Hours altogether, until all is done, with a helper, and of each part of the work. */
type HoursName = 'hours' | 'elapsed' | 'hoursWithHelp' | `hours.${HoursPart}`;

/** Names of figures: of the stages and of what comes of all of them. */
export type FigureName =
  | birds.FigureName
  | outline.FigureName
  | posts.FigureName
  | walls.FigureName
  | arch.FigureName
  | skirt.FigureName
  | ways.FigureName
  | cover.FigureName
  | live.FigureName
  | docket.FigureName
  | HoursName
  | 'openingLeft';

/** Metres, square metres, hours and counts by name. */
export type Figures = Readonly<Partial<Record<FigureName, number>>>;

/** Figures while they are put together. */
export type FiguresMade = Partial<Record<FigureName, number>>;

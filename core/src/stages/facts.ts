import * as arch from './arch/plan/facts';
import * as birds from './birds/plan/facts';
import * as cover from './cover/plan/facts';
import * as docket from './docket/plan/facts';
import * as ground from './ground/plan/facts';
import * as live from './live/plan/facts';
import * as outline from './outline/plan/facts';
import * as posts from './posts/plan/facts';
import * as skirt from './skirt/plan/facts';
import * as threats from './threats/plan/facts';
import * as walls from './walls/plan/facts';
import * as ways from './ways/plan/facts';

const FACTS = { birds, threats, ground, outline, posts, walls, arch, skirt, ways, cover, live, docket };
export type StageId = keyof typeof FACTS;
/** The stages of the work that this version knows, in the order in which they are done. */
export const STAGE_IDS = Object.keys(FACTS) as [StageId, ...StageId[]];
export const STAGE_NAMES = Object.fromEntries(
  Object.entries(FACTS).map(([id, { NAME }]) => [id, NAME]),
) as Readonly<Record<StageId, string>>;
/** Why each comes when it does, in a sentence. */
export const STAGE_WHY = Object.fromEntries(
  Object.entries(FACTS).map(([id, { WHY }]) => [id, WHY]),
) as Readonly<Record<StageId, string>>;

/** What is chosen together because the same work follows from it: a choice typed leaves what follows from the others alone. */
export const FACETS = { ...posts.FACETS, ...walls.FACETS, ...skirt.FACETS } as const;

/** What holds on a fence between two runs unless it was chosen for that side. */
export const BETWEEN_RUNS = { ...skirt.BETWEEN_RUNS };

/** What pieces are for. */
export const USES = {
  ...walls.USES,
  ...arch.USES,
  ...skirt.USES,
  ...ways.USES,
  ...cover.USES,
  ...docket.USES,
};
export type Use = keyof typeof USES;

/** Where mesh is ringed to mesh, and what is stapled to a board, as a working says it. */
export const SEAMS = { ...walls.SEAMS, ...arch.SEAMS, ...skirt.SEAMS, ...cover.SEAMS } as const;
export const BOARDED = { ...walls.BOARDED, ...arch.BOARDED, ...skirt.BOARDED, ...cover.BOARDED } as const;

/** How things are drawn at the foot of the fence, in it, over the run, marked over everything else and on the strip: each in the order in which they are drawn. */
export const FOOT_INKS = { ...skirt.FOOT_INKS } as const;
/** Where a section cuts them. */
export const CUT_INKS = { ...skirt.CUT_INKS } as const;
export const OPENING_INKS = ways.OPENING_INKS;
export const OVER_INKS = { ...arch.ARCH_INKS, ...cover.COVER_INKS } as const;
export const MARK_INKS = { ...live.LIVE_INKS } as const;
export const STRIP_INKS = {
  ...skirt.STRIP_INKS,
  ...arch.STRIP_INKS,
  ...cover.STRIP_INKS,
  ...live.STRIP_INKS,
} as const;

/** What is worked out of bags of dry mix. */
export const BAGGED = [...posts.BAGGED, ...skirt.BAGGED] as const;

/** How parts of the stages are written. */
export const PARTS = { ...arch.PARTS, ...skirt.PARTS, ...cover.PARTS, ...live.PARTS } as const;

/** What is unrolled and lettered before what: all walls, then what closes their gates, and so on. */
export const LAYERS = [
  'wall',
  'gate',
  'patch',
  ...skirt.LAYERS,
  'ground-board',
  'top-board',
  'stick',
  ...arch.LAYERS,
  ...cover.LAYERS,
  'extra',
  ...ways.LAYERS,
] as const;

/** To which part of the figures the hours of a stage go, by the code of their term. */
export const HOURS_OF = {
  ...outline.HOURS_FIGURES,
  ...posts.HOURS_FIGURES,
  ...walls.HOURS_FIGURES,
  ...skirt.HOURS_FIGURES,
  ...ways.HOURS_FIGURES,
  ...arch.HOURS_FIGURES,
  ...cover.HOURS_FIGURES,
  ...live.HOURS_FIGURES,
} as const;
export type HoursPart = (typeof HOURS_OF)[keyof typeof HOURS_OF];

/** What is found of one part and said by verdicts of all. */
export const JUDGED: ReadonlySet<string> = new Set([
  ...walls.JUDGED,
  ...skirt.JUDGED,
  ...ways.JUDGED,
  ...outline.JUDGED,
  ...arch.JUDGED,
]);

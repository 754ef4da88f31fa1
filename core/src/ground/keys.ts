import { key } from '../engine/step';
import type { Terrain } from './level';
import type { Ring } from './survey';
import type { Partings } from './partings';
import type { FenceWalk, FenceLine } from './fenceLines';
import type { Profile } from './profile';
import type { StandingRoof } from './standingRoof';
import type { Plan } from '../plan/schema';
import type { Facet } from '../plan/effective';
import type { Vector } from './vector';

export const TERRAIN = key<Terrain>('terrain');
export const RINGS = key<readonly Ring[]>('rings');
/** On posts already, as far as it is known how they lie. */
export const ROOFS = key<readonly StandingRoof[]>('roofs');
export const PARTINGS = key<Partings>('partings');
/** Of all that is closed along the ground: fences and arches. */
export const WALKS = key<readonly FenceWalk[]>('walks');
export const FOOT_LINES = key<readonly FenceLine[]>('lines.foot');
/** Of these, what stands on posts. */
export const FENCED = key<readonly FenceWalk[]>('walks.fenced');
export const LINES = key<readonly FenceLine[]>('lines');
export const PROFILES = key<ReadonlyMap<FenceLine, Profile>>('profiles');
/** Ways in on the sides of these runs. */
export const OWN_OPENINGS = key<Plan['openings']>('openings.own');
/** As chosen, and as what lies on the posts lets them stand. */
export const SPACINGS_CHOSEN = key<ReadonlyMap<FenceLine, Facet<'spacing'>>>('lines.spacing.chosen');
export const BANDS = key<ReadonlyMap<FenceLine, Facet<'bands'>>>('lines.bands');
export const BOARDS = key<ReadonlyMap<FenceLine, Facet<'boards'>>>('lines.boards');
export const SLOPES = key<ReadonlyMap<FenceLine, Facet<'slope'>>>('lines.slope');
/** Height of the ground at a place, m. */
export const GROUND_AT = key<(p: Vector) => number>('ground.at');

import { type Plan, STAGE_IDS, type StageId } from '@aviarum/core';
import { type Fetched, fetched } from '../pages/fetched';
import type { Sight, Stop } from '../sheet/stop';
import { stops as ground } from './ground/stops';
import { stops as outline } from './outline/stops';
import { stops as posts } from './posts/stops';
import { stops as ways } from './ways/stops';

type Panel = Fetched<{ readonly base: string }>;

/** A stage as the screens show it. */
export interface StageView {
  /** Loaded when its peg is pressed. */
  readonly panel: Panel;
  /** What can be touched on the sheet while it is in hand. */
  readonly stops?: (sight: Sight) => readonly Stop[];
  /** Whether pieces of mesh bear their letters. */
  readonly lettered: 'yes' | 'no';
  /** Whether a plan has use for it; every plan unless this says otherwise. */
  readonly usedBy?: (plan: Plan) => boolean;
}

/** The stages by id: every list of stages on the screen is made of this. */
export const STAGE_VIEWS: Readonly<Record<StageId, StageView>> = {
  birds: {
    panel: fetched(async () => (await import('./birds/BirdsPanel')).BirdsPanel),
    lettered: 'no',
  },
  threats: {
    panel: fetched(async () => (await import('./threats/ThreatsPanel')).ThreatsPanel),
    lettered: 'no',
  },
  ground: {
    panel: fetched(async () => (await import('./ground/GroundPanel')).GroundPanel),
    stops: ground,
    lettered: 'no',
  },
  outline: {
    panel: fetched(async () => (await import('./outline/OutlinePanel')).OutlinePanel),
    stops: outline,
    lettered: 'no',
  },
  posts: {
    panel: fetched(async () => (await import('./posts/PostsPanel')).PostsPanel),
    stops: posts,
    lettered: 'no',
  },
  walls: {
    panel: fetched(async () => (await import('./walls/WallsPanel')).WallsPanel),
    lettered: 'yes',
  },
  skirt: {
    panel: fetched(async () => (await import('./skirt/SkirtPanel')).SkirtPanel),
    lettered: 'yes',
  },
  ways: {
    panel: fetched(async () => (await import('./ways/WaysPanel')).WaysPanel),
    stops: ways,
    lettered: 'no',
  },
  docket: {
    panel: fetched(async () => (await import('./docket/DocketPanel')).DocketPanel),
    lettered: 'yes',
  },
};

/** The stages that a plan has use for, in the order of the work. */
export const stagesOf = (plan: Plan | null): readonly StageId[] =>
  STAGE_IDS.filter((id) => !plan || STAGE_VIEWS[id].usedBy?.(plan) !== false);

import { type Plan, STAGE_IDS, type StageId } from '@aviarum/core';
import { type Fetched, fetched } from '../pages/fetched';
import type { Sight, Stop } from '../sheet/stop';
import type { View } from '../state/room';

type Panel = Fetched<{ readonly base: string }>;

/** What can be touched, of what is seen. */
export type MakeStops = (sight: Sight) => readonly Stop[];

/** A stage as the screens show it. */
export interface StageView {
  /** Loaded when its peg is pressed. */
  readonly panel: Panel;
  /** What can be touched on the sheet while it is in hand; comes with the panel. */
  readonly stops?: () => Promise<MakeStops>;
  /** What a phone shows first: the choices, or the places on the sheet that they are about. */
  readonly first: 'choices' | 'places';
  /** How covers are shown on the sheet; by their outline unless this says otherwise. */
  readonly over?: 'all';
  /** Where its sheet can be looked at from the side: how, and what is shown first. */
  readonly section?: {
    readonly sheet: Fetched<Record<string, never>>;
    readonly first: View;
    /** As its button calls it; otherwise from the side. */
    readonly called?: string;
    /** It shows the fence unrolled itself. */
    readonly strip?: 'own';
  };
  /** What the strip shows first, of its nets; the first run unless this says otherwise. */
  readonly shows?: (plan: Plan) => string | null;
  /** Whether pieces of mesh bear their letters. */
  readonly lettered: boolean;
  /** Whether a plan has use for it; every plan unless this says otherwise. */
  readonly usedBy?: (plan: Plan) => boolean;
}

/** Where live nets are all there is, there is no fence to plan. */
const withRuns = (plan: Plan): boolean =>
  plan.enclosures.length > 0 || (plan.nets.length === 0 && !ofHouses(plan));
/** A house guarded by itself: there is no fence to plan, but a skirt and what covers its vents. */
const ofHouses = ({ enclosures, ground }: Plan): boolean =>
  enclosures.length === 0 && ground.buildings.some((b) => b.skirt != null || (b.vents?.length ?? 0) > 0);
const orHouses = (plan: Plan): boolean => withRuns(plan) || ofHouses(plan);
/** Under arches alone nothing stands on posts. */
const onPosts = (plan: Plan): boolean =>
  withRuns(plan) && (plan.arches.length === 0 || plan.sides.some(({ kind }) => kind === 'fence'));

/** The stages by id: every list of stages on the screen is made of this. */
export const STAGE_VIEWS: Readonly<Record<StageId, StageView>> = {
  birds: {
    panel: fetched(async () => (await import('./birds/BirdsPanel')).BirdsPanel),
    first: 'choices',
    lettered: false,
  },
  threats: {
    panel: fetched(async () => {
      const [{ ThreatsPanel }] = await Promise.all([
        import('./threats/ThreatsPanel'),
        import('../look/night.css'),
      ]);
      return ThreatsPanel;
    }),
    section: {
      sheet: fetched(async () => (await import('../night/NightSheet')).NightSheet),
      first: 'section',
      called: 'Tonight',
      strip: 'own',
    },
    first: 'places',
    lettered: false,
  },
  ground: {
    panel: fetched(async () => (await import('./ground/GroundPanel')).GroundPanel),
    stops: async () => (await import('./ground/stops')).stops,
    first: 'places',
    lettered: false,
  },
  outline: {
    panel: fetched(async () => (await import('./outline/OutlinePanel')).OutlinePanel),
    stops: async () => (await import('./outline/stops')).stops,
    first: 'places',
    lettered: false,
  },
  posts: {
    panel: fetched(async () => (await import('./posts/PostsPanel')).PostsPanel),
    stops: async () => (await import('./posts/stops')).stops,
    first: 'choices',
    lettered: false,
    usedBy: onPosts,
  },
  walls: {
    panel: fetched(async () => (await import('./walls/WallsPanel')).WallsPanel),
    first: 'choices',
    lettered: true,
    usedBy: onPosts,
  },
  arch: {
    panel: fetched(async () => (await import('./arch/ArchPanel')).ArchPanel),
    stops: async () => (await import('./arch/stops')).stops,
    first: 'choices',
    lettered: true,
    over: 'all',
    section: {
      sheet: fetched(async () => (await import('./arch/ArchSection')).ArchSection),
      first: 'section',
    },
    usedBy: withRuns,
  },
  skirt: {
    panel: fetched(async () => (await import('./skirt/SkirtPanel')).SkirtPanel),
    first: 'choices',
    lettered: true,
    usedBy: orHouses,
  },
  ways: {
    panel: fetched(async () => (await import('./ways/WaysPanel')).WaysPanel),
    stops: async () => (await import('./ways/stops')).stops,
    first: 'places',
    lettered: false,
    usedBy: orHouses,
  },
  cover: {
    panel: fetched(async () => (await import('./cover/CoverPanel')).CoverPanel),
    stops: async () => (await import('./cover/stops')).stops,
    first: 'choices',
    lettered: true,
    over: 'all',
    section: {
      sheet: fetched(async () => (await import('../sheet/SectionSheet')).SectionSheet),
      first: 'sheet',
    },
    usedBy: withRuns,
  },
  live: {
    panel: fetched(async () => (await import('./live/LivePanel')).LivePanel),
    stops: async () => (await import('./live/stops')).stops,
    first: 'choices',
    lettered: false,
    shows: (plan) => plan.nets[0]?.id ?? null,
  },
  docket: {
    panel: fetched(async () => (await import('./docket/DocketPanel')).DocketPanel),
    first: 'choices',
    lettered: true,
    over: 'all',
  },
};

/** The stages that a plan has use for, in the order of the work. */
export const stagesOf = (plan: Plan | null): readonly StageId[] =>
  STAGE_IDS.filter((id) => !plan || STAGE_VIEWS[id].usedBy?.(plan) !== false);

/** What is looked at first in a plan that was just begun: its outline, or what guards a house by itself. */
export const opensAt = (plan: Plan | null): StageId => (plan?.enclosures.length === 0 ? 'skirt' : 'outline');

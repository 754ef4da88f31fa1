import type { Plan } from '../plan/schema';
import * as arch from './arch/unused';
import * as cover from './cover/unused';
import * as heights from './ground/unused';
import * as live from './live/unused';
import type { Stage } from './stage';

/** A stage, or a part of one, that many plans do without: it is fetched, and its steps are run, where a plan uses it. */
export interface LaterStage {
  readonly fetched: () => Promise<Stage>;
  readonly usedBy: (plan: Plan) => boolean;
  /** What stands in its place where a plan does not use it. */
  readonly unused: Stage;
}

/** Named here, in `allLater`, and where they stand among the others. */
export const LATER = {
  heights: { ...heights, fetched: async () => (await import('./ground/heights')).heights },
  arch: { ...arch, fetched: async () => (await import('./arch')).arch },
  cover: { ...cover, fetched: async () => (await import('./cover')).cover },
  live: { ...live, fetched: async () => (await import('./live')).live },
} as const satisfies Readonly<Record<string, LaterStage>>;
export type LaterId = keyof typeof LATER;
export const LATER_IDS = Object.keys(LATER) as readonly LaterId[];
/** Each as it is worked out: itself, or what stands in its place. */
export type LaterStages = Readonly<Record<LaterId, Stage>>;

/** The later stages that a plan uses. */
export const usedLater = (plan: Plan): readonly LaterId[] => LATER_IDS.filter((id) => LATER[id].usedBy(plan));

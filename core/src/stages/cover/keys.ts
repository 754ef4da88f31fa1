import { key } from '../../engine/step';
import type { CoverWay } from './over/ways';
import type { Covered, Wrap } from './laid';
import type { Holding } from './held/holding';
import type { StandsOn, Supports } from './held/supports';
import type { Plan } from '../../plan/schema';
import type { Wrapped } from './wraps';

export const COVERS = key<Plan['covers']>('plan.covers');
export const COVERED = key<Covered>('cover.shapes');
/** Of these, what is not there already. */
export const BUILT = key<Covered>('cover.built');
export const STANDS_ON = key<StandsOn>('cover.stands-on');
/** Wraps with the walls that they go along. */
export const WRAPPED =
  key<readonly { readonly wrap: Wrap; readonly wrapped: readonly Wrapped[] }[]>('cover.wrapped');
/** How each is laid, by its id; null where nothing sold can be laid. */
export const LAID_COVERS = key<ReadonlyMap<string, CoverWay | null>>('cover.laid');
/** Ways to lay covers with what holds them up, each worked out once. */
export const HOLDING = key<Holding>('cover.holding');
export const HELD = key<ReadonlyMap<string, Supports>>('cover.held');

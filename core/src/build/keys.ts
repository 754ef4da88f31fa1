import { slot, key } from '../engine/step';
import type { Term } from '../working';

/** What the stages take to build. */
export const STAGE_HOURS = slot<Term>('hours.stages');
export const HOURS = key<Term>('hours');
export const ELAPSED = key<Term>('hours.elapsed');

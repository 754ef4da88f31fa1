import { slot, key } from '../engine/step';
import type { Guarded } from '../findings/guarded';
import type { Strength } from '../strength/words/row';
import type { Finding } from '../findings/types';
import type { Part, Workings, Reckoning, Estimate } from './';
import type { Figures } from '../stages/told';
import type { Barrier } from '../findings/barrier';

/** Enclosures round which a live net stands, closed and strong enough, and whom it holds. */
export const GUARDED = slot<Guarded>('guarded');
/** How what is held up bears snow and wind. */
export const STRENGTH = slot<Strength>('strength');
/** Openings that the stages leave, by their shorter sides, m. */
export const OPENINGS_LEFT = slot<number>('openings-left');
/** The largest opening left, m; 0 for none. */
export const OPENING_LEFT = key<number>('opening-left');
export const FOUND = slot<Finding>('found');
export const PARTS = slot<Part>('parts');
/** Of the fence round these runs, and of the whole plan beside it. */
export const FENCE_FIGURES = slot<Figures>('figures.fence');
export const PLAN_FIGURES = slot<Figures>('figures.plan');
/** Headline numbers of the stages as workings. */
export const HEADLINES = slot<Partial<Workings>>('headlines');
/** What stands in the way of what comes: what verdicts are made of. */
export const BARRIERS = slot<Barrier>('barriers');
export const FINDINGS = key<readonly Finding[]>('findings');
export const FENCE_TOTALS = key<Figures>('totals.fence');
export const TOTALS = key<Figures>('totals');
export const WORKINGS = key<Workings>('workings');
export const STAGES = key<Reckoning['stages']>('stages');
/** Each run of several as if it stood alone, hung from the widths chosen for all. */
export const ALONE = key<readonly Figures[]>('enclosures.alone');
export const RUNS = key<Reckoning['enclosures']>('enclosures');
export const ESTIMATE = key<Estimate>('estimate');

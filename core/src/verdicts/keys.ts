import { key } from '../engine/step';
import type { Worst } from './rated/standings';
import type { Entry, Verdict } from './rated/types';

/** How every part meets everybody who is about, the worst first. */
export const VERDICTS = key<readonly Verdict[]>('verdicts');
/** How every live line meets them by itself. */
export const ENTRIES = key<readonly Entry[]>('entries');
export const WORST = key<Worst>('verdicts.worst');
/** The longest night here, h. */
export const NIGHT = key<number>('verdicts.night');
/** What the live line read last, kV; null where nobody read it. */
export const READING = key<number | null>('given.reading');

import { slot, key } from '../../engine/step';
import type { BirdStage } from './stage';

/** Of what lies over the runs, m² in plan. */
export const OVERHEAD = slot<number>('overhead');
/** What birds roam in beside their runs: m², Infinity where nobody knows, and how high it stands round them, m. */
export const ROAMED = slot<{ readonly area: number; readonly height: number }>('roamed');
export const BIRDS = key<BirdStage>('birds');

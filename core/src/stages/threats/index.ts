import { type AnyStep, step } from '../../engine/step';
import * as K from '../../keys';
import type { Stage } from '../stage';
import { openingLimits } from './shown/openings';

const steps: readonly AnyStep[] = [
  step(K.LIMITS, { threats: K.THREATS, threatFigures: K.THREAT_FIGURES, flock: K.FLOCK }, openingLimits),
];

/** Who is about, and what each asks of openings. */
export const threats: Stage = { steps, parts: [] };

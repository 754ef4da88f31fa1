import { type AnyStep, adds, step } from '../../engine/step';
import * as K from '../../keys';
import { buildHours, elapsedHours, hoursFigures } from './hours';

/** What it takes to build. */
export const BUILD_STEPS: readonly AnyStep[] = [
  step(K.HOURS, { stages: K.STAGE_HOURS }, ({ stages }) => buildHours(stages)),
  step(K.ELAPSED, { hours: K.HOURS, crew: K.CREW, assumed: K.ASSUMED }, ({ hours, crew, assumed }) =>
    elapsedHours(hours, crew, assumed),
  ),
  adds(
    K.FENCE_FIGURES,
    { hours: K.HOURS, elapsed: K.ELAPSED, assumed: K.ASSUMED },
    ({ hours, elapsed, assumed }) => [hoursFigures(hours, elapsed, assumed)],
  ),
];

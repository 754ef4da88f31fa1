import { type AnyStep, adds, step } from '../engine/step';
import * as K from '../keys';
import { buildHours, elapsedHours, hoursFigures } from './hours';

/** What it takes to build. */
export const BUILD_STEPS: readonly AnyStep[] = [
  step(
    K.HOURS,
    {
      soil: K.SOIL,
      openings: K.OWN_OPENINGS,
      rings: K.RINGS,
      posts: K.POSTS,
      walls: K.WALLS,
      boards: K.BOARD_COURSES,
      stages: K.STAGE_HOURS,
      assumed: K.ASSUMED,
    },
    ({ rings, ...by }) => buildHours({ ...by, runs: rings.length }),
  ),
  step(K.ELAPSED, { hours: K.HOURS, crew: K.CREW, assumed: K.ASSUMED }, ({ hours, crew, assumed }) =>
    elapsedHours(hours, crew, assumed),
  ),
  adds(
    K.FENCE_FIGURES,
    { hours: K.HOURS, elapsed: K.ELAPSED, assumed: K.ASSUMED },
    ({ hours, elapsed, assumed }) => [hoursFigures(hours, elapsed, assumed)],
  ),
];

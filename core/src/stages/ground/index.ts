import { deterrentDemands, deterrentFindings } from './deterrents';
import { heightFindings } from './findings';
import { type AnyStep, adds } from '../../engine/step';
import * as K from '../../keys';
import type { Stage } from '../stage';

const steps: readonly AnyStep[] = [
  adds(K.FOUND, { spotHeights: K.SPOT_HEIGHTS, terrain: K.TERRAIN }, ({ spotHeights, terrain }) =>
    heightFindings(spotHeights, terrain),
  ),
  adds(K.DEMANDS, { obstacles: K.OBSTACLES }, ({ obstacles }) => deterrentDemands(obstacles)),
  adds(K.FOUND, { obstacles: K.OBSTACLES }, ({ obstacles }) => deterrentFindings(obstacles)),
];

/** The ground: its soil, its heights, and what stands or lies on it. */
export const ground: Stage = { steps, parts: [] };

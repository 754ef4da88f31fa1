import { step } from '../../engine/step';
import { terrainOf } from '../../ground/terrain';
import * as K from '../../keys';
import type { Stage } from '../stage';

/** The ground as its heights were measured. */
export const heights: Stage = {
  steps: [step(K.TERRAIN, { heights: K.SPOT_HEIGHTS }, ({ heights: spots }) => terrainOf(spots))],
  parts: [],
};

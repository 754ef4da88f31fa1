import { type AnyStep, step } from '../engine/step';
import * as K from '../keys';
import { hardware, postNeeds, seamNeeds } from './stage';

/** What fastens one thing to another. */
export const FASTENER_STEPS: readonly AnyStep[] = [
  step(
    K.SEAM_NEEDS,
    { walls: K.WALLS, skirts: K.SKIRTS, profiles: K.SKIRT_PROFILES, cutting: K.CUTTING },
    ({ cutting, ...by }) => seamNeeds({ ...by, pools: cutting.pools }),
  ),
  step(
    K.POST_NEEDS,
    {
      goods: K.GOODS,
      posts: K.POSTS,
      walls: K.WALLS,
      boards: K.BOARD_COURSES,
      skirts: K.SKIRTS,
      ways: K.WAYS,
    },
    postNeeds,
  ),
  step(K.HARDWARE, { ways: K.WAYS }, ({ ways }) => hardware(ways)),
];

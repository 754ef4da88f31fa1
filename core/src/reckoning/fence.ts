import { BUILD_STEPS } from '../build/steps';
import { BUYING_STEPS } from '../buying/steps';
import { MARKET_STEPS } from '../catalogue/steps';
import type { AnyStep } from '../engine/step';
import { GEOMETRY_STEPS } from '../ground/steps';
import { BLOCKING_STEPS } from '../stages/blockingSteps';
import { SLICES } from '../plan/steps/slices';
import { inOrder, painted } from '../stages';
import type { LaterStages } from '../stages/later';

/** Everything that is worked out of a fence, in the order in which it is told; the order of the work follows from what each step needs. */
export const fenceSteps = (later: LaterStages): readonly AnyStep[] => [
  ...SLICES,
  ...MARKET_STEPS,
  ...GEOMETRY_STEPS,
  ...BLOCKING_STEPS,
  ...inOrder(later).flatMap(({ steps }) => steps),
  ...BUYING_STEPS,
  ...BUILD_STEPS,
  ...painted(later).flatMap(({ parts }) => parts),
];

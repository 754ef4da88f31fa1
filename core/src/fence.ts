import { BUILD_STEPS } from './build/steps';
import { BUYING_STEPS } from './buying/steps';
import { MARKET_STEPS } from './catalogue/steps';
import type { AnyStep } from './engine/step';
import { GEOMETRY_STEPS } from './ground/steps';
import { BLOCKING_STEPS } from './blocking';
import { SLICES } from './plan/slices';
import { STAGES } from './stages';

/** Everything that is worked out of a fence, in the order in which it is told; the order of the work follows from what each step needs. */
export const FENCE_STEPS: readonly AnyStep[] = [
  ...SLICES,
  ...MARKET_STEPS,
  ...GEOMETRY_STEPS,
  ...BLOCKING_STEPS,
  ...STAGES.birds.steps,
  ...STAGES.threats.steps,
  ...STAGES.ground.steps,
  ...STAGES.outline.steps,
  ...STAGES.posts.steps,
  ...STAGES.walls.steps,
  ...STAGES.skirt.steps,
  ...STAGES.ways.steps,
  ...BUYING_STEPS,
  ...BUILD_STEPS,
  // Drawn one over the other.
  ...STAGES.skirt.parts,
  ...STAGES.walls.parts,
  ...STAGES.ways.parts,
  ...STAGES.posts.parts,
];

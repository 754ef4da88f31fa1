import { type AnyStep, adds, step } from '../../engine/step';
import * as K from '../../keys';
import type { Stage } from '../stage';
import { birdFindings, birdStage, birdHeadlines } from './stage';

const steps: readonly AnyStep[] = [
  step(K.BIRDS, { flock: K.FLOCK, space: K.SPACE }, birdStage),
  adds(
    K.FOUND,
    { flock: K.FLOCK, birds: K.BIRDS, outline: K.OUTLINE_WORKINGS, tops: K.TOPS },
    ({ flock, birds, outline, tops }) => {
      const heights = [...tops.values()].map(({ top }) => top);
      return birdFindings(flock, birds, outline.area.value, heights.length > 0 ? Math.min(...heights) : null);
    },
  ),
  adds(K.HEADLINES, { birds: K.BIRDS, outline: K.OUTLINE_WORKINGS }, ({ birds, outline }) => [
    birdHeadlines(birds, outline.area),
  ]),
];

/** The flock: how many, and what room it wants. */
export const birds: Stage = { steps, parts: [] };

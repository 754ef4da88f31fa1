import { type AnyStep, adds, step } from '../../engine/step';
import * as K from '../../keys';
import { roomBeneath } from '../../ground/beneath';
import type { Stage } from '../stage';
import { birdFindings, birdStage, birdHeadlines } from './stage';

/** So much of a run under covers keeps birds from going over its walls. */
const COVERED = 0.98;

const steps: readonly AnyStep[] = [
  step(K.BIRDS, { flock: K.FLOCK, space: K.SPACE }, birdStage),
  adds(
    K.FOUND,
    {
      flock: K.FLOCK,
      birds: K.BIRDS,
      outline: K.OUTLINE_WORKINGS,
      tops: K.TOPS,
      overhead: K.OVERHEAD,
      roamed: K.ROAMED,
      buildings: K.BUILDINGS,
      rings: K.RINGS,
    },
    ({ flock, birds, outline, tops, overhead, roamed, buildings, rings }) => {
      const heights = [...[...tops.values()].map(({ top }) => top), ...roamed.map(({ height }) => height)];
      const area = outline.area.value;
      // A net is open above, whatever lies over the runs.
      const covered = roamed.length === 0 && overhead.reduce((total, m2) => total + m2, 0) >= COVERED * area;
      const room = roamed.reduce((total, { area: m2 }) => total + m2, area + roomBeneath(buildings, rings));
      return birdFindings(flock, birds, room, {
        wallTop: heights.length > 0 ? Math.min(...heights) : null,
        overhead: covered ? 'covered' : 'open',
      });
    },
  ),
  adds(K.HEADLINES, { birds: K.BIRDS, outline: K.OUTLINE_WORKINGS }, ({ birds, outline }) => [
    birdHeadlines(birds, outline.area),
  ]),
];

/** The flock: how many, and what room it wants. */
export const birds: Stage = { steps, parts: [] };

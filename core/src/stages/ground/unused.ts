import { step } from '../../engine/step';
import { levelAt } from '../../ground/level';
import * as K from '../../keys';
import type { Plan } from '../../plan/schema';
import type { Stage } from '../stage';

/** Heights that were measured. */
export const usedBy = ({ ground }: Plan): boolean => ground.spotHeights.length > 0;

const LEVEL = levelAt(0);

export const unused: Stage = { steps: [step(K.TERRAIN, {}, () => LEVEL)], parts: [] };

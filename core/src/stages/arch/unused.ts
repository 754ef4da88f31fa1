import { step } from '../../engine/step';
import * as K from '../../keys';
import type { Plan } from '../../plan/schema';
import type { Stage } from '../stage';

export const usedBy = ({ arches }: Plan): boolean => arches.length > 0;

/** What others ask of arches where there are none. */
export const unused: Stage = { steps: [step(K.HEADROOMS, {}, () => new Map<string, number>())], parts: [] };

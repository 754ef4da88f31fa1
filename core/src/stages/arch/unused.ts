import { step } from '../../engine/step';
import * as K from '../../keys';
import type { Plan } from '../../plan/schema';
import type { Stage } from '../stage';

export const usedBy = ({ arches }: Plan): boolean => arches.length > 0;

const NO_HEADROOMS: ReadonlyMap<string, number> = new Map();

/** What others ask of arches where there are none. */
export const unused: Stage = { steps: [step(K.HEADROOMS, {}, () => NO_HEADROOMS)], parts: [] };

import { key } from '../../engine/step';
import type { OutlineWorkings } from './figures';
import type { Term } from '../../working';

export const OUTLINE_WORKINGS = key<OutlineWorkings>('outline.workings');
export const GROUND_LENGTH = key<Term>('ground.length');

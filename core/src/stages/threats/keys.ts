import { key } from '../../engine/step';
import type { OpeningLimits } from './shown/openings';

export const LIMITS = key<OpeningLimits>('limits');

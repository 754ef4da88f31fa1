import { SOIL_FACTORS, type Soil } from '../plan/assumptions';
import { type Term, value } from '../working';

/** By how much work in the ground takes longer on this soil. */
export const soilFactor = (soil: Soil): Term => value('hours.soil', SOIL_FACTORS[soil], 'ratio', { soil });

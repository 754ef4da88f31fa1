import * as z from 'zod/mini';
import { PRESENCES, THREAT_IDS } from './kinds';

/** Who is about; whoever is not named is absent. */
export const threats = z.partialRecord(z.enum(THREAT_IDS), z.enum(PRESENCES));

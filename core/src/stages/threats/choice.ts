import * as z from 'zod/mini';
import { PRESENCES, THREAT_IDS } from './kinds';

/** Who is about; whoever is not named is absent. */
const threats = z.partialRecord(z.enum(THREAT_IDS), z.enum(PRESENCES));

/** What a plan says of its threats. */
export const PLAN = { threats };

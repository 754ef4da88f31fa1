import type { Plan } from '../plan/schema';
import { THREAT_IDS } from '../stages/threats/plan/kinds';

/** Everybody is about. */
export const EVERY: Plan['threats'] = Object.fromEntries(THREAT_IDS.map((id) => [id, 'seen' as const]));

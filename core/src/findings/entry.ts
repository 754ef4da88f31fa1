import type { PartRef } from '../plan/partRef';
import type { StageId } from '../stages/facts';
import type { ThreatId } from '../stages/threats/plan/kinds';

/** Where something gets in (rules: Threats). */
export type Way = 'through' | 'reach' | 'tear' | 'under' | 'over' | 'above' | 'door';
/** Nothing stops it; it gets in given time; it does not get in. */
export type Rating = 'open' | 'delays' | 'holds';

/** How one part of a stage meets one threat: what verdicts are made of. */
export interface Entry {
  readonly stage: StageId;
  readonly part: PartRef;
  readonly threat: ThreatId;
  readonly way: Way;
  readonly rating: Rating;
  /** A sentence of its stage says why. */
  readonly why: string;
}

import type { ThreatId } from '../stages/threats/plan/kinds';

/** An enclosure round which a live net stands, closed and strong enough, and whom it keeps from coming on the ground. */
export interface Guarded {
  readonly enclosure: string;
  readonly against: readonly ThreatId[];
}

/** Those who still come to an enclosure, whatever stands round it. */
export const stillCome = (
  guarded: readonly Guarded[],
  enclosure: string,
  threats: readonly ThreatId[],
): readonly ThreatId[] =>
  threats.filter((id) => !guarded.some((g) => g.enclosure === enclosure && g.against.includes(id)));

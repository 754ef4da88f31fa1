import type { Rating, Way } from '../../findings/entry';
import type { Mends } from '../../findings/types';
import type { PartRef } from '../../plan/partRef';
import type { ParamsBy } from '../../saying/sentences';
import type { StageId } from '../../stages/facts';
import type { ThreatId } from '../../stages/threats/plan/kinds';
import type { REASONS } from '../words';

type Reasons = ParamsBy<typeof REASONS>;
export type ReasonCode = keyof Reasons;

/** Why a part is rated as it is: the figures that were compared, for a sentence. */
export interface ReasonOf<C extends ReasonCode> {
  readonly code: C;
  readonly params: Reasons[C];
}
export type Reason = { [C in ReasonCode]: ReasonOf<C> }[ReasonCode];

export const because = <C extends ReasonCode>(code: C, params: Reasons[C]): Reason =>
  // The signature pairs code and params, the cast only joins the union.
  ({ code, params }) as unknown as Reason;

/** A rating with its reason, before it is known of which part. */
export interface Rated {
  readonly rating: Rating;
  /** Until it is in, h; null where nothing delays it. */
  readonly hours: number | null;
  readonly reason: Reason;
}

/** How one part meets one threat. */
export interface Verdict extends Rated {
  readonly threat: ThreatId;
  readonly entry: Way;
  readonly part: PartRef;
  readonly stage: StageId;
  readonly side: string | null;
  readonly enclosure: string | null;
  /** It takes nothing that is kept here, or feed alone: worth knowing, and never counted. */
  readonly counts: boolean;
  /** What stops it: what is built, or a live net outside; and what is left of it when that line fails. */
  readonly line: 'built' | 'live';
  readonly behind: Rating | null;
  /** Ready ways to mend it, cheapest first by kind: worked out when they are shown. */
  readonly mends: Mends;
}

/** A verdict as it is told, its mends not worked out. */
export type ToldVerdict = Omit<Verdict, 'mends'>;

/** How a live line by itself meets one threat. */
export interface Entry {
  readonly stage: StageId;
  readonly part: PartRef;
  readonly threat: ThreatId;
  readonly way: Way;
  readonly rating: Rating;
  readonly why: Reason;
}

const WORSE: Readonly<Record<Rating, number>> = { open: 0, delays: 1, holds: 2 };

/** Less than 0 where the first lets more in: open before delays before holds, fewer hours before more. */
export const worseFirst = (a: Pick<Rated, 'rating' | 'hours'>, b: Pick<Rated, 'rating' | 'hours'>): number =>
  WORSE[a.rating] - WORSE[b.rating] || (a.hours ?? 0) - (b.hours ?? 0);

export const worstOf = <T extends Pick<Rated, 'rating' | 'hours'>>(all: readonly T[]): T | undefined =>
  all.reduce<T | undefined>((worst, one) => (worst && worseFirst(worst, one) <= 0 ? worst : one), undefined);
export const bestOf = <T extends Pick<Rated, 'rating' | 'hours'>>(all: readonly T[]): T | undefined =>
  all.reduce<T | undefined>((best, one) => (best && worseFirst(best, one) >= 0 ? best : one), undefined);

export const holds = (reason: Reason): Rated => ({ rating: 'holds', hours: null, reason });
export const open = (reason: Reason): Rated => ({ rating: 'open', hours: null, reason });
export const delays = (hours: number, reason: Reason): Rated => ({ rating: 'delays', hours, reason });

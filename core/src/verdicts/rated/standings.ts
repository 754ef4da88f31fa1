import type { Rating } from '../../findings/entry';
import type { ThreatId } from '../../stages/threats/plan/kinds';
import { type ToldVerdict, type Verdict, worstOf } from './types';

/** The worst that is true of each threat. */
export type Worst = Readonly<Partial<Record<ThreatId, Verdict>>>;

export function worstBy(verdicts: readonly Verdict[]): Worst {
  const by = new Map<ThreatId, Verdict[]>();
  for (const verdict of verdicts) by.set(verdict.threat, [...(by.get(verdict.threat) ?? []), verdict]);
  return Object.fromEntries(
    [...by].flatMap(([threat, all]) => {
      const worst = worstOf(all);
      return worst ? [[threat, worst]] : [];
    }),
  );
}

/** The same as it is told. */
export type ToldWorst = Readonly<Partial<Record<ThreatId, ToldVerdict>>>;

const told = ({ mends: _, ...verdict }: Verdict): ToldVerdict => verdict;
export const toldVerdicts = (verdicts: readonly Verdict[]): readonly ToldVerdict[] => verdicts.map(told);
export const toldWorst = (worst: Worst): ToldWorst =>
  Object.fromEntries(Object.entries(worst).map(([threat, verdict]) => [threat, told(verdict)]));

/** How many are open, give way within so many hours, give way later, and hold, of what counts. */
export interface Standings {
  readonly open: number;
  readonly within: number;
  readonly later: number;
}

/** @param night  of the longest that is looked at, h; Infinity for one that does not end */
export function standingsOf(worst: ToldWorst, night: number): Standings {
  const all = Object.values(worst).filter((v) => v.counts);
  const rated = (rating: Rating) => all.filter((v) => v.rating === rating);
  const slow = rated('delays');
  const within = slow.filter((v) => (v.hours ?? 0) <= night + 1e-9).length;
  return { open: rated('open').length, within, later: slow.length - within };
}

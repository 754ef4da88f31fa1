import type { Way } from '../findings/entry';
import * as K from '../keys';
import { apply } from '../plan/changes/apply';
import { formatPart } from '../plan/partRef';
import type { Plan } from '../plan/schema';
import { blocking } from '../stages/blocking';
import { JUDGED } from '../stages/facts';
import type { ThreatId } from '../stages/threats/plan/kinds';
import { type Verdict, worseFirst, worstOf } from '../verdicts/rated/types';
import { effectBetween } from './effects';
import { type TriedMend, newMatters } from './mending';
import { type ReckonMore, reckonerWith } from './reckoner';
import type { Tables } from './tables';

/** Which verdict is to be mended: of whom, by which way, at which part as it is written. */
export interface VerdictAsked {
  readonly threat: ThreatId;
  readonly entry: Way;
  readonly part: string;
}

/** A change that was tried and makes a verdict better, with whom else it holds better than before. */
export interface VerdictMend extends TriedMend {
  /** Those whose worst is better after it. */
  readonly betters: readonly ThreatId[];
  /** Of those, who is held at every way. */
  readonly holds: readonly ThreatId[];
}

type ByWays = ReadonlyMap<string, Verdict>;

/** The worst of each threat at each way, by both; of what counts, or of one threat whether it counts or not. */
function worstByWays(verdicts: readonly Verdict[], threat: ThreatId): ByWays {
  const by = new Map<string, Verdict>();
  for (const verdict of verdicts) {
    if (!verdict.counts && verdict.threat !== threat) continue;
    const key = `${verdict.threat} ${verdict.entry}`;
    const known = by.get(key);
    if (!known || worseFirst(verdict, known) < 0) by.set(key, verdict);
  }
  return by;
}

/** A way that is worse than it was, or that was none before and does not hold. */
const isWorse = (before: ByWays, after: ByWays): boolean =>
  [...after].some(([key, verdict]) => {
    const was = before.get(key);
    return was ? worseFirst(verdict, was) < 0 : verdict.rating === 'open';
  });

const lettingIn = (verdicts: readonly Verdict[], { threat, entry }: VerdictAsked): readonly Verdict[] =>
  verdicts.filter((v) => v.threat === threat && v.entry === entry && v.rating !== 'holds');

/** Fewer parts let it in by this way, or the worst of them takes longer. */
function isBetter(before: readonly Verdict[], after: readonly Verdict[]): boolean {
  if (after.length < before.length) return true;
  const [was, is] = [worstOf(before), worstOf(after)];
  return was !== undefined && is !== undefined && worseFirst(is, was) > 0;
}

export type VerdictMender = (plan: Plan, asked: VerdictAsked, more?: ReckonMore) => readonly VerdictMend[];

/**
 * Tries the changes that a verdict knows of, each in a fork of the plan in hand: one is offered only where it lets less in at that way, and makes no
 * other way worse and nothing else wrong.
 *
 * @returns a pure function, whose memory only saves work
 */
export function verdictMenderWith(tables: Tables): VerdictMender {
  const inHand = reckonerWith(tables);
  const aside = inHand.fork();
  return (plan, asked, more) => {
    const base = inHand.read(plan, more);
    const verdicts = base(K.VERDICTS);
    const found = verdicts.find(
      (v) => v.threat === asked.threat && v.entry === asked.entry && formatPart(v.part) === asked.part,
    );
    if (!found || found.rating === 'holds') return [];
    const findings = base(K.FINDINGS);
    const before = worstByWays(verdicts, asked.threat);
    const worst = base(K.WORST);
    const changes = typeof found.mends === 'function' ? found.mends(plan) : found.mends;
    return changes.flatMap((change): VerdictMend[] => {
      const then = apply(plan, change);
      if (blocking(then).length > 0) return [];
      const read = aside.read(then, more);
      const after = read(K.VERDICTS);
      if (!isBetter(lettingIn(verdicts, asked), lettingIn(after, asked))) return [];
      if (isWorse(before, worstByWays(after, asked.threat))) return [];
      if (newMatters(findings, read(K.FINDINGS)).some(({ code }) => !JUDGED.has(code))) return [];
      const now = read(K.WORST);
      const betters = (Object.keys(worst) as ThreatId[]).filter((id) => {
        const [was, is] = [worst[id], now[id]];
        return was !== undefined && (is === undefined || worseFirst(is, was) > 0);
      });
      const holds = betters.filter((id) => (now[id]?.rating ?? 'holds') === 'holds');
      return [{ change, effect: effectBetween(base(K.ESTIMATE), read(K.ESTIMATE)), betters, holds }];
    });
  };
}

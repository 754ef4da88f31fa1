import * as K from '../keys';
import { type Effect, effectBetween } from './effects';
import type { Finding } from '../findings/types';
import { apply } from '../plan/changes/apply';
import type { Change } from '../plan/changes/types';
import type { Plan } from '../plan/schema';
import { type ReckonMore, reckonerWith } from './reckoner';
import { blocking } from '../stages/blocking';
import type { Tables } from './tables';

/** A change that was tried and makes its matter go, with what else it does. */
export interface TriedMend {
  readonly change: Change;
  readonly effect: Effect;
}

/** What mends a finding. */
export interface Mending {
  /** In the order in which they are offered; none where nothing ready mends it. */
  readonly mends: readonly TriedMend[];
  /** What the first change that was tried would make wrong in its place; null where one mends it, or none was known. */
  readonly instead: Finding | null;
}

const asks = (f: Finding): boolean => f.severity !== 'know';

function countOf(findings: readonly Finding[], counts: (f: Finding) => boolean): ReadonlyMap<string, number> {
  const counted = new Map<string, number>();
  for (const f of findings) if (counts(f)) counted.set(f.code, (counted.get(f.code) ?? 0) + 1);
  return counted;
}

/** What asks for a mend after a change and did not before: of each kind so many more. Parts are numbered anew by many a change, so kinds are counted. */
export function newMatters(before: readonly Finding[], after: readonly Finding[]): readonly Finding[] {
  const had = new Map(countOf(before, asks));
  return after.filter(asks).filter(({ code }) => {
    const left = had.get(code) ?? 0;
    had.set(code, left - 1);
    return left <= 0;
  });
}

/** Whether there is less of a matter after a change. */
export function isMended(
  { code, severity }: Finding,
  before: readonly Finding[],
  after: readonly Finding[],
): boolean {
  const such = (f: Finding) => f.code === code && f.severity === severity;
  return after.filter(such).length < before.filter(such).length;
}

/** What mends those findings of a plan that are asked for, one after the other. */
export type Mender = (plan: Plan, of: (f: Finding) => boolean, more?: ReckonMore) => Generator<Mending>;

/**
 * Tries the changes that a finding knows of, each in a fork of the plan in hand: one is offered only where it makes the matter go and nothing else wrong.
 *
 * @returns a pure function, whose memory only saves work
 */
export function menderWith(tables: Tables): Mender {
  const inHand = reckonerWith(tables);
  const aside = inHand.fork();
  return function* (plan, of, more) {
    const base = inHand.read(plan, more);
    const before = base(K.FINDINGS);
    for (const finding of before.filter(of)) {
      const mends: TriedMend[] = [];
      let instead: Finding | null = null;
      for (const change of finding.mends(plan)) {
        const then = apply(plan, change);
        const [blocked] = blocking(then);
        const read = blocked ? null : aside.read(then, more);
        const after = read?.(K.FINDINGS) ?? [];
        const [worse] = blocked ? [blocked] : newMatters(before, after);
        if (worse) instead ??= worse;
        else if (read && isMended(finding, before, after))
          mends.push({ change, effect: effectBetween(base(K.ESTIMATE), read(K.ESTIMATE)) });
      }
      yield { mends, instead: mends.length > 0 ? null : instead };
    }
  };
}

import { editionOf, marketOf } from '../catalogue';
import type { DocketLine } from '../buying/docket/types';
import { WHOLE_PLAN } from '../plan/changes/types';
import type { Plan } from '../plan/schema';
import { type Reader, readerFor } from '../saying/makeReader';
import { STAGE_IDS, type StageId } from '../stages/facts';
import { QUESTIONS, asking } from '.';

/** A question with its answer in either plan; null where a plan does not ask it. */
export interface ChoiceApart {
  readonly stage: StageId;
  readonly question: string;
  readonly a: string | null;
  readonly b: string | null;
}

interface Answered {
  readonly stage: StageId;
  readonly question: string;
  readonly key: string;
  readonly answer: string;
}

/** Every question that is decided by choosing, with the answer that holds for the whole plan. */
function answersOf(plan: Plan, reader: Reader): ReadonlyMap<string, Answered> {
  const asked = asking(plan, marketOf(editionOf(plan), plan.buying), reader, WHOLE_PLAN);
  return new Map(
    STAGE_IDS.flatMap((stage) =>
      (QUESTIONS[stage]?.(asked) ?? []).map(({ id, name, options }): [string, Answered] => {
        const chosen = options.find((o) => o.chosen);
        const answer = chosen?.title ?? 'not among these';
        return [`${stage} ${id} ${name}`, { stage, question: name, key: chosen?.key ?? '', answer }];
      }),
    ),
  );
}

/** What was chosen otherwise for the whole of two plans, stage by stage, said to the reader of the first. */
export function choicesApart(a: Plan, b: Plan): readonly ChoiceApart[] {
  const reader = readerFor(a);
  const [ofA, ofB] = [answersOf(a, reader), answersOf(b, reader)];
  const keys = [...new Set([...ofA.keys(), ...ofB.keys()])];
  return keys
    .flatMap((key): ChoiceApart[] => {
      const [one, other] = [ofA.get(key), ofB.get(key)];
      const either = one ?? other;
      if (!either || (one && other && one.key === other.key && one.answer === other.answer)) return [];
      return [
        {
          stage: either.stage,
          question: either.question,
          a: one?.answer ?? null,
          b: other?.answer ?? null,
        },
      ];
    })
    .sort((x, y) => STAGE_IDS.indexOf(x.stage) - STAGE_IDS.indexOf(y.stage));
}

/** A docket line of two plans; null where one does not have it. */
export interface LineApart<L> {
  readonly a: L | null;
  readonly b: L | null;
}

/** Lines that the two dockets do not buy alike, in the order of the dockets. */
export function linesApart<L extends Pick<DocketLine, 'id' | 'need' | 'buy' | 'price'>>(
  a: readonly L[],
  b: readonly L[],
): readonly LineApart<L>[] {
  const ids = [...new Set([...a, ...b].map((l) => l.id))];
  return ids.flatMap((id): LineApart<L>[] => {
    const [one, other] = [a.find((l) => l.id === id) ?? null, b.find((l) => l.id === id) ?? null];
    const alike = one && other && one.buy === other.buy && one.price === other.price;
    return alike ? [] : [{ a: one, b: other }];
  });
}

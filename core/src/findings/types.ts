import type { Change } from '../plan/changes';
import type { PartRef } from '../plan/partRef';
import type { Plan } from '../plan/schema';
import type { StageId } from '../stages/facts';
import type { ParamsBy } from '../saying/sentences';
import type { FINDINGS } from '../stages/words';

/** `blocks`: the outline or an opening cannot be built as drawn. `mend`: birds or money are lost. `know`: worth knowing. */
export type Severity = 'blocks' | 'mend' | 'know';

/** Every kind of finding, with what its sentence needs. */
export type FindingParams = ParamsBy<typeof FINDINGS>;

export type FindingCode = keyof FindingParams;

/** Ready changes, or how they are worked out when they are shown. */
export type Mends = readonly Change[] | ((plan: Plan) => readonly Change[]);

export interface FindingOf<C extends FindingCode> {
  readonly code: C;
  readonly severity: Severity;
  readonly stage: StageId;
  /** What it speaks of. */
  readonly part: PartRef;
  readonly params: FindingParams[C];
  /** Ready ways to mend it in the plan, cheapest first; each is a change like any other. Worked out when they are shown. */
  readonly mends: (plan: Plan) => readonly Change[];
}
export type Finding = { [C in FindingCode]: FindingOf<C> }[FindingCode];
/** A finding as it is told, its mends not worked out. */
export type ToldFinding = { [C in FindingCode]: Omit<FindingOf<C>, 'mends'> }[FindingCode];

export function finding<C extends FindingCode>(
  code: C,
  { severity, stage, part }: { readonly severity: Severity; readonly stage: StageId; readonly part: PartRef },
  params: FindingParams[C],
  mends: Mends = [],
): Finding {
  const worked = typeof mends === 'function' ? mends : () => mends;
  // As with terms: the signature pairs code and params, the cast only joins the union.
  return { code, severity, stage, part, params, mends: worked } as unknown as Finding;
}

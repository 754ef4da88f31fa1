import { MendButton } from './MendButton';
import { type Change, type ToldFinding, type StageId, sayFinding, formatPart } from '@aviarum/core';
import { useMemo } from 'react';
import { usePlan } from '../state/planStore';
import { useEffects, useMends, useReader, useReckoning } from '../state/reckoningStore';

const NONE: readonly ToldFinding[] = [];
const NO_MENDS: readonly Change[] = [];

interface Props {
  readonly stage: StageId;
  /** What asks for a mend stands before the choices, what is only good to know after them. */
  readonly severity: 'mend' | 'know';
}

/** What is wrong at this stage and its mends, each one press, with what it would do to the price. */
export function Findings({ stage, severity }: Props) {
  const all = useReckoning((s) => s.reckoning?.findings ?? NONE);
  const draft = usePlan((s) => s.draft);
  const dropDraft = usePlan((s) => s.dropDraft);
  const reader = useReader();
  const mendsOf = useMends(stage);
  // Each with its mends: those of the stage come in the order of its findings.
  const findings = useMemo(() => {
    const seen = new Map<string, number>();
    return all
      .filter((f) => f.stage === stage)
      .map((f, i) => ({ told: f, mends: mendsOf[i] ?? NO_MENDS }))
      .filter(({ told }) => told.severity === severity)
      .map((found) => {
        // Of one part the same may be told twice: two hollows under one net.
        const alike = `${found.told.code} ${formatPart(found.told.part)}`;
        const nth = seen.get(alike) ?? 0;
        seen.set(alike, nth + 1);
        return { ...found, key: `${alike} ${nth}` };
      });
  }, [all, stage, severity, mendsOf]);
  const effects = useEffects(useMemo(() => findings.flatMap((f) => f.mends), [findings]));
  let at = 0;
  return (
    <>
      {draft && severity === 'mend' && (
        <div className="finding" data-severity="blocks" role="alert">
          <p>
            <span className="sign">▲ This cannot be built yet.</span>{' '}
            {draft.findings.map((f) => sayFinding(f, reader)).join(' ')}
          </p>
          <p className="small">
            It is kept as a draft on this device. The figures below are those of the last plan that could be
            built.
          </p>
          <div className="mends">
            {[
              // Two of them may be mended by the same change.
              ...new Map(
                draft.findings
                  .flatMap((f) => f.mends(draft.plan))
                  .map((mend) => [JSON.stringify(mend), mend] as const),
              ),
            ].map(([key, mend]) => (
              <MendButton key={key} mend={mend} />
            ))}
            <button type="button" className="btn" onClick={dropDraft}>
              Go back to the last good plan
            </button>
          </div>
        </div>
      )}
      {findings.map(({ told: f, mends, key }) => (
        <div className="finding" key={key} data-severity={f.severity}>
          <p>
            <span className="sign">{f.severity === 'mend' ? '▲ Mend: ' : 'Note: '}</span>
            {sayFinding(f, reader)}
          </p>
          {mends.length > 0 && (
            <div className="mends">
              {mends.map((mend) => (
                <MendButton key={JSON.stringify(mend)} mend={mend} effect={effects[at++]} />
              ))}
            </div>
          )}
        </div>
      ))}
    </>
  );
}

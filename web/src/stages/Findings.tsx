import { MendButton } from './MendButton';
import { type StageId, type ToldFinding, apply, blocking, formatPart, sayFinding } from '@aviarum/core';
import { useMemo } from 'react';
import { usePlan } from '../state/planStore';
import type { ToldMending } from '../workers/reckon.worker';
import { useMends, useReader, useReckoning } from '../state/reckoningStore';

const NONE: readonly ToldFinding[] = [];

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
  const asks = all.some((f) => f.stage === stage && f.severity === severity) ? 'some' : 'none';
  const mendings = useMends(stage, asks);
  // Each with its mends: those of the stage come in the order of its findings.
  const findings = useMemo(() => {
    const seen = new Map<string, number>();
    return all
      .filter((f) => f.stage === stage)
      .map((f, i) => ({ told: f, mending: mendings ? (mendings[i] ?? null) : ('tried now' as const) }))
      .filter(({ told }) => told.severity === severity)
      .map((found) => {
        // Of one part the same may be told twice: two hollows under one net.
        const alike = `${found.told.code} ${formatPart(found.told.part)}`;
        const nth = seen.get(alike) ?? 0;
        seen.set(alike, nth + 1);
        return { ...found, key: `${alike} ${nth}` };
      });
  }, [all, stage, severity, mendings]);
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
                  // Each is tried first: one that leaves as much in the way is no mend.
                  .filter((mend) => blocking(apply(draft.plan, mend)).length < draft.findings.length)
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
      {findings.map(({ told: f, mending, key }) => (
        <div className="finding" key={key} data-severity={f.severity}>
          <p>
            <span className="sign">{f.severity === 'mend' ? '▲ Mend: ' : 'Note: '}</span>
            {sayFinding(f, reader)}
          </p>
          <Mends mending={mending} severity={severity} />
        </div>
      ))}
    </>
  );
}

/** Changes that were tried, each one press; or why there is none. */
function Mends({
  mending,
  severity,
}: {
  mending: ToldMending | null | 'tried now';
  severity: Props['severity'];
}) {
  const reader = useReader();
  if (mending === null) return null;
  if (mending === 'tried now')
    return severity === 'mend' ? <p className="small soft">Trying what mends it …</p> : null;
  const { mends, instead } = mending;
  if (mends.length > 0)
    return (
      <div className="mends">
        {mends.map(({ change, effect }) => (
          <MendButton key={JSON.stringify(change)} mend={change} effect={effect} />
        ))}
      </div>
    );
  if (severity === 'know') return null;
  return (
    <p className="small soft">
      {instead
        ? `No single change mends this here. What was tried brings this instead: ${sayFinding(instead, reader)}`
        : 'No single change mends this: it takes what the sentence says, by hand.'}
    </p>
  );
}

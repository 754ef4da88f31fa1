import { clock } from '../fields/dates';
import { useDevice } from '../state/device';
import { usePlan } from '../state/planStore';
import { forgetUnsent, retrySave, takeTheirs, useSaving } from '../state/saving';
import { FoundWork, KeepButton, Notice } from './FoundWork';

/** Said across the screen: the plan changed or is gone elsewhere, cannot reach the server, or is not kept here. */
export function SaveTrouble({ holding }: { holding: string }) {
  const { state, others } = useSaving();
  const device = useDevice((s) => s.trouble);
  const plan = usePlan((s) => s.plan);
  return (
    <>
      {state.word === 'unsaved' && state.why !== '' && (
        <Notice
          mends={
            <button type="button" className="btn" onClick={retrySave}>
              Try again now
            </button>
          }
        >
          {device === null ? state.why : 'Not saved. Leave this page open until it is.'}
        </Notice>
      )}
      {state.word === 'conflict' && plan && (
        <Notice
          mends={
            <>
              <button type="button" className="btn" onClick={() => void takeTheirs()}>
                Use theirs
              </button>
              <KeepButton
                holding={holding}
                plan={plan}
                as="variant"
                then={() => forgetUnsent(holding, plan.id)}
              >
                Keep mine as a variant
              </KeepButton>
            </>
          }
        >
          <b>Changed elsewhere at {clock(state.at)}.</b> Your own changes are kept on this device.
        </Notice>
      )}
      {state.word === 'gone' && plan && (
        <Notice
          mends={
            <KeepButton holding={holding} plan={plan} as="found" then={() => forgetUnsent(holding, plan.id)}>
              Keep it as a new plan
            </KeepButton>
          }
        >
          <b>This plan was deleted elsewhere.</b> What you see is only here.
        </Notice>
      )}
      {device !== null && (
        <Notice>
          <b>This device keeps nothing: {device}.</b> Work is safe once it says “saved”.
        </Notice>
      )}
      {others.map((kept) => (
        <FoundWork key={kept.key} holding={holding} kept={kept} />
      ))}
    </>
  );
}

import type { Plan } from '@aviarum/core';
import { type ReactNode, useState } from 'react';
import { useNavigate } from 'react-router';
import { ApiError } from '../api/client';
import { useDevice } from '../state/device';
import { keepAsNew } from '../state/keep';
import { usePlan } from '../state/planStore';
import { forgetRecord, forgetUnsent, retrySave, takeTheirs, useSaving } from '../state/saving';
import type { Kept } from '../state/unsent';
import { clock, sinceWhen } from '../fields/dates';

function Notice({ children, mends }: { children: ReactNode; mends?: ReactNode }) {
  return (
    <div className="finding noprint" data-severity="mend" role="alert">
      <p>{children}</p>
      {mends !== undefined && <div className="mends">{mends}</div>}
    </div>
  );
}

/** Makes a plan of its own from what would be lost, goes there, and then forgets where it came from. */
function KeepButton({
  holding,
  plan,
  as,
  then,
  children,
}: {
  holding: string;
  plan: Plan;
  as: 'variant' | 'found';
  then: () => Promise<void>;
  children: string;
}) {
  const navigate = useNavigate();
  const [failed, setFailed] = useState<string | null>(null);
  const keep = async () => {
    try {
      const id = await keepAsNew(holding, plan, as);
      await then();
      await navigate(`/h/${holding}/p/${id}/outline`);
    } catch (error) {
      setFailed(error instanceof ApiError ? error.title : 'No connection; try again.');
    }
  };
  return (
    <>
      <button type="button" className="btn btn-primary" onClick={() => void keep()}>
        {children}
      </button>
      {failed !== null && (
        <span className="wrong" role="alert">
          {failed}
        </span>
      )}
    </>
  );
}

/** Work of another tab on the same plan, found on this device. */
export function FoundWork({ holding, kept }: { holding: string; kept: Kept }) {
  const plan = kept.draft ?? kept.plan;
  const [sure, setSure] = useState(false);
  if (!plan) return null;
  const forget = () => forgetRecord(kept.key);
  return (
    <Notice
      mends={
        <>
          <KeepButton holding={holding} plan={plan} as="found" then={forget}>
            Keep it as a new plan
          </KeepButton>
          <button type="button" className="btn" onClick={() => (sure ? void forget() : setSure(true))}>
            {sure ? 'Delete it for good' : 'Delete it'}
          </button>
        </>
      }
    >
      <b>This device holds work that was not sent, of {sinceWhen(kept.at)}:</b> “{plan.name}”.
    </Notice>
  );
}

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

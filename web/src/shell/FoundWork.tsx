import type { Plan } from '@aviarum/core';
import { type ReactNode, useState } from 'react';
import { useNavigate } from 'react-router';
import { ApiError } from '../api/client';
import { sinceWhen } from '../fields/dates';
import { keepAsNew } from '../state/keep';
import { forgetRecord } from '../state/saving';
import type { Kept } from '../state/unsent';

/** Something about saving that the keeper must know, with the ways out. */
export function Notice({ children, mends }: { children: ReactNode; mends?: ReactNode }) {
  return (
    <div className="finding noprint" data-severity="mend" role="alert">
      <p>{children}</p>
      {mends !== undefined && <div className="mends">{mends}</div>}
    </div>
  );
}

/** Makes a plan of its own from what would be lost, goes there, and then forgets where it came from. */
export function KeepButton({
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

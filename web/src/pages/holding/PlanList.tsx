import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { PlanSummary } from '@aviarum/core';
import { deletePlan, restorePlan } from '../../api/client';
import { troubleOf } from '../Trouble';
import { saved } from './saved';

/** The plans, each with its way into the bin and straight back. */
export function PlanList({ holding, list }: { holding: string; list: readonly PlanSummary[] }) {
  const client = useQueryClient();
  const [deleted, setDeleted] = useState<PlanSummary | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const change = async (work: () => Promise<unknown>, then: PlanSummary | null) => {
    setTrouble(null);
    try {
      await work();
      setDeleted(then);
    } catch (error) {
      setTrouble(troubleOf(error));
    }
    await client.invalidateQueries({ queryKey: ['plans', holding] });
    await client.invalidateQueries({ queryKey: ['bin', holding] });
  };
  return (
    <>
      {list.length > 0 && (
        <ul className="planlist">
          {list.map((p) => (
            <li key={p.id}>
              <Link to={`/h/${holding}/p/${p.id}/outline`}>
                <b>{p.name}</b>
                <span className="soft small">saved {saved(p.savedAt)}</span>
              </Link>
              <button
                type="button"
                className="btn btn-ghost"
                onClick={() => void change(() => deletePlan(holding, p.id), p)}
                aria-label={`Delete ${p.name}`}
              >
                Delete
              </button>
            </li>
          ))}
        </ul>
      )}
      {deleted && (
        <div className="finding" data-severity="know" role="status">
          <p>“{deleted.name}” lies in the bin for 30 days.</p>
          <div className="mends">
            <button
              type="button"
              className="btn btn-primary"
              onClick={() => void change(() => restorePlan(holding, deleted.id), null)}
            >
              Bring it back
            </button>
          </div>
        </div>
      )}
      {trouble !== null && (
        <p className="wrong" role="alert">
          {trouble}
        </p>
      )}
    </>
  );
}

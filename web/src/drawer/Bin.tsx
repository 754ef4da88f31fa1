import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { bin, restorePlan } from '../api/client';
import { troubleOf } from '../pages/Trouble';
import { dayAndTime } from '../fields/dates';

/** What was deleted, to be brought back. */
export function Bin({ holding }: { holding: string }) {
  const client = useQueryClient();
  const list = useQuery({ queryKey: ['bin', holding], queryFn: () => bin(holding) });
  const [trouble, setTrouble] = useState<string | null>(null);
  if (!list.data || list.data.length === 0) return null;
  const restore = async (id: string) => {
    setTrouble(null);
    await restorePlan(holding, id).catch((error: unknown) => setTrouble(troubleOf(error)));
    await client.invalidateQueries({ queryKey: ['plans', holding] });
    await client.invalidateQueries({ queryKey: ['bin', holding] });
  };
  return (
    <details className="bin">
      <summary>Bin ({list.data.length})</summary>
      <ul className="planlist">
        {list.data.map((p) => (
          <li key={p.id}>
            <span className="planname">
              <b>{p.name}</b> <span className="soft small">deleted {dayAndTime(p.deletedAt)}</span>
            </span>
            <button
              type="button"
              className="btn"
              onClick={() => void restore(p.id)}
              aria-label={`Bring back ${p.name}`}
            >
              Bring back
            </button>
          </li>
        ))}
      </ul>
      {trouble !== null && (
        <p className="wrong" role="alert">
          {trouble}
        </p>
      )}
    </details>
  );
}

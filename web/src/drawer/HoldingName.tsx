import { type Holding, LENGTHS, cutText } from '@aviarum/core';
import { useQueryClient } from '@tanstack/react-query';
import { Pencil } from 'lucide-react';
import { useState } from 'react';
import { renameHolding } from '../api/client';
import { troubleOf } from '../pages/Trouble';

/** The name of the holding, which can be changed. */
export function HoldingName({ holding }: { holding: Holding }) {
  const client = useQueryClient();
  const [typed, setTyped] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const commit = async () => {
    const name = typed?.trim() ?? '';
    setTyped(null);
    if (name === '' || name === holding.name) return;
    setTrouble(null);
    try {
      await renameHolding(holding.id, name);
      await client.invalidateQueries({ queryKey: ['holdings'] });
    } catch (error) {
      setTrouble(troubleOf(error));
    }
  };
  return (
    <div className="holdingname">
      {typed === null ? (
        <h1>
          {holding.name}
          <button
            type="button"
            className="btn btn-ghost iconbtn"
            aria-label={`Rename ${holding.name}`}
            onClick={() => setTyped(holding.name)}
          >
            <Pencil size={17} aria-hidden />
          </button>
        </h1>
      ) : (
        <input
          className="input"
          aria-label="Name of the holding"
          autoFocus
          value={typed}
          onChange={(e) => setTyped(cutText(e.target.value, LENGTHS.name))}
          onBlur={() => void commit()}
          onKeyDown={(e) => {
            if (e.key === 'Enter') e.currentTarget.blur();
            if (e.key === 'Escape') setTyped(null);
          }}
        />
      )}
      {trouble !== null && (
        <p className="wrong" role="alert">
          {trouble}
        </p>
      )}
    </div>
  );
}

import { type Plan, capital, keptFrom, sayOwned } from '@aviarum/core';
import { useState } from 'react';
import { putPiece } from '../../api/stock';
import { useMarket } from '../../state/market';
import { usePlan } from '../../state/planStore';
import { useReader } from '../../state/reckoningStore';

/** What of the old fences can be used again, and a way to put it in the shed. */
export function ComesDown({ plan }: { plan: Plan }) {
  const holding = usePlan((s) => s.holding);
  const reader = useReader();
  const market = useMarket();
  const [said, setSaid] = useState<string | null>(null);
  const pieces = keptFrom(plan);
  if (!market) return null;
  // Another plan's old fence has the same sides: a piece of the shed is named by its plan.
  const ofPlan = pieces.map((piece) => ({ ...piece, id: `${plan.id}-${piece.id}`.slice(-40) }));
  const store = async () => {
    try {
      for (const piece of ofPlan) await putPiece(holding, piece);
      setSaid('They are in the shed.');
    } catch (error) {
      setSaid(error instanceof Error ? error.message : 'They could not be put there.');
    }
  };
  return (
    <>
      <ul className="shedlist">
        {pieces.map((piece) => (
          <li key={piece.id}>{capital(sayOwned(piece, reader, market))}</li>
        ))}
      </ul>
      {pieces.length === 0 && <p className="small soft">Nothing of it is worth keeping.</p>}
      {pieces.length > 0 && (
        <button type="button" className="btn" onClick={() => void store()}>
          Put them in the shed
        </button>
      )}
      {said !== null && <p role="status">{said}</p>}
    </>
  );
}

import { type Change, type Effect, printNumber, sayChange } from '@aviarum/core';
import { usePlan } from '../state/planStore';
import { useMarket } from '../state/market';
import { useReader } from '../state/reckoningStore';

/** A ready change that mends what was found, with what it does to price and hours where that is known. */
export function MendButton({ mend, effect }: { mend: Change; effect?: Effect | undefined }) {
  const take = usePlan((s) => s.take);
  const market = useMarket();
  const reader = useReader();
  if (!market) return null;
  return (
    <button type="button" className="btn btn-primary" onClick={() => take(mend)}>
      {sayChange(mend, reader, market)}
      {effect && effect.price !== null && (
        <span className="figure">
          {effect.price === 0 ? 'same price' : `${effect.price > 0 ? '+' : ''}${reader.money(effect.price)}`}
        </span>
      )}
      {effect && Math.abs(effect.hours) >= 0.05 && (
        <span className="figure">
          {effect.hours > 0 ? '+' : ''}
          {printNumber(effect.hours, 1)} h
        </span>
      )}
    </button>
  );
}

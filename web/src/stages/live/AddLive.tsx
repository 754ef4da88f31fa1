import {
  type Change,
  type Plan,
  WHOLE_PLAN,
  asking,
  liveOffered,
  newHotWire,
  newLine,
  newLoop,
  printNumber,
  sayChange,
} from '@aviarum/core';
import { Link } from 'react-router';
import { signed } from '../../fields/effectWords';
import { usePlan } from '../../state/planStore';
import { useEffects, useMarket, useReader } from '../../state/reckoningStore';

/** What a change adds, by its id. */
const idOf = (change: Change): string =>
  change.verb === 'add-net' ? change.net.id : change.verb === 'add-hot-wire' ? change.wire.id : '';

/** What can be added, each with what it would do to price and hours. */
export function AddLive({ plan, onMade }: { plan: Plan; onMade: (id: string) => void }) {
  const take = usePlan((s) => s.take);
  const holding = usePlan((s) => s.holding);
  const market = useMarket();
  const reader = useReader();
  const wire = newHotWire(plan);
  const changes: readonly Change[] = [newLoop(plan), newLine(plan), ...(wire ? [wire] : [])];
  const effects = useEffects(changes);
  if (!market) return null;
  if (!liveOffered(asking(plan, market, reader, WHOLE_PLAN)))
    return (
      <p>
        Live nets came into the price lists on 28 November.{' '}
        <Link to={`/h/${holding}/p/${plan.id}/docket`}>Take today’s prices</Link> first.
      </p>
    );
  return (
    <div className="addcover">
      {changes.map((change, i) => {
        const effect = effects[i];
        return (
          <button
            key={idOf(change)}
            type="button"
            className={`btn ${i === 0 && plan.nets.length === 0 ? 'btn-accent' : ''}`}
            onClick={() => {
              take(change);
              onMade(idOf(change));
            }}
          >
            {sayChange(change, reader, market)}
            {effect && effect.price !== null && (
              <span className="figure">{signed(reader.money(effect.price), effect.price)}</span>
            )}
            {effect && (
              <span className="figure">{signed(`${printNumber(effect.hours, 1)} h`, effect.hours)}</span>
            )}
          </button>
        );
      })}
    </div>
  );
}

import { type Change, type Plan, printNumber } from '@aviarum/core';
import { Link } from '../pages/Link';
import { signed } from '../fields/effectWords';
import { usePlan } from '../state/planStore';
import { useEffects, useReader } from '../state/reckoningStore';

/** Something that can be added to the plan. */
export interface Offer {
  readonly said: string;
  readonly change: Change;
  /** Of what it adds. */
  readonly id: string;
  /** What is about asks for it. */
  readonly wanted?: boolean;
}

/** What can be added, each with what it would do to price and hours. */
export function Offers({ offers, onMade }: { offers: readonly Offer[]; onMade: (id: string) => void }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const effects = useEffects(offers.map((o) => o.change));
  return (
    <div className="addcover">
      {offers.map(({ said, change, id, wanted }, i) => {
        const effect = effects[i];
        return (
          <button
            key={said}
            type="button"
            className={`btn ${wanted ? 'btn-accent' : ''}`}
            onClick={() => {
              take(change);
              onMade(id);
            }}
          >
            {said}
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

/** Said where nothing of it is in the price list that the plan goes by. @param what  as a sentence begins */
export function NotSoldYet({ plan, what }: { plan: Plan; what: string }) {
  const holding = usePlan((s) => s.holding);
  return (
    <p>
      {what} came into the price lists on 28 November.{' '}
      <Link to={`/h/${holding}/p/${plan.id}/docket`}>Take today’s prices</Link> first.
    </p>
  );
}

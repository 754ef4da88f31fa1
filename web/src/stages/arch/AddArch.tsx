import { ARCH_KINDS, type NewArch, type Plan, newArches, printNumber } from '@aviarum/core';
import { Link } from 'react-router';
import { signed } from '../../fields/effectWords';
import { usePlan } from '../../state/planStore';
import { useEffects, useReader } from '../../state/reckoningStore';

const small = (title: string) => title.charAt(0).toLowerCase() + title.slice(1);

/** What a press puts where. */
function words(plan: Plan, { where, kind, building, run }: NewArch): string {
  const house = plan.ground.buildings.find((b) => b.id === building)?.name ?? '';
  const of = small(ARCH_KINDS[kind].title);
  if (where === 'over') return `Put an arch of ${of} over ${run ?? ''}`;
  if (where === 'gable') return `Add an arch of ${of} on ${house}`;
  return where === 'beside' ? `Add one of ${of} beside ${house}, a lane away` : `Add one of ${of} by itself`;
}

/** Arches that can be added, each with what it would do to price and hours. */
export function AddArch({ plan, onMade }: { plan: Plan; onMade: (id: string) => void }) {
  const take = usePlan((s) => s.take);
  const holding = usePlan((s) => s.holding);
  const reader = useReader();
  const offers = newArches(plan);
  const effects = useEffects(offers.map((o) => o.change));
  if (offers.length === 0)
    return (
      <p>
        What arches are built of came into the price lists on 28 November.{' '}
        <Link to={`/h/${holding}/p/${plan.id}/docket`}>Take today’s prices</Link> first.
      </p>
    );
  return (
    <div className="addcover">
      {offers.map((offer, i) => {
        const effect = effects[i];
        const said = words(plan, offer);
        return (
          <button
            key={said}
            type="button"
            className="btn"
            onClick={() => {
              take(offer.change);
              onMade(offer.change.arch.id);
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

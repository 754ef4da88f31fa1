import { ARCH_KINDS, type NewArch, type Plan, newArches } from '@aviarum/core';
import { NotSoldYet, Offers } from '../Offers';

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
  const offers = newArches(plan);
  if (offers.length === 0) return <NotSoldYet plan={plan} what="What arches are built of" />;
  return (
    <Offers
      offers={offers.map((offer) => ({
        said: words(plan, offer),
        change: offer.change,
        id: offer.change.arch.id,
      }))}
      onMade={onMade}
    />
  );
}

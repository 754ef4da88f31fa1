import {
  type Plan,
  WHOLE_PLAN,
  asking,
  liveOffered,
  newHotWire,
  newLine,
  newLoop,
  sayChange,
} from '@aviarum/core';
import { useMarket } from '../../state/market';
import { useReader } from '../../state/reckoningStore';
import { NotSoldYet, Offers } from '../Offers';

/** Nets and wires that can be added, each with what it would do to price and hours. */
export function AddLive({ plan, onMade }: { plan: Plan; onMade: (id: string) => void }) {
  const market = useMarket();
  const reader = useReader();
  if (!market) return null;
  if (!liveOffered(asking(plan, market, reader, WHOLE_PLAN)))
    return <NotSoldYet plan={plan} what="Live nets" />;
  const wire = newHotWire(plan);
  const nets = [newLoop(plan), newLine(plan)].map((change, i) => ({
    change,
    id: change.net.id,
    wanted: i === 0 && plan.nets.length === 0,
  }));
  const all = [...nets, ...(wire ? [{ change: wire, id: wire.wire.id }] : [])];
  return (
    <Offers
      offers={all.map((offer) => ({ ...offer, said: sayChange(offer.change, reader, market) }))}
      onMade={onMade}
    />
  );
}

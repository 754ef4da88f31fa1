import { type Plan, counted, editionOf, listed } from '@aviarum/core';
import { Link } from '../../pages/Link';
import { Rolls } from '../../docket/Rolls';
import { GroundSheet } from '../../sheet/GroundSheet';
import { usePlan } from '../../state/planStore';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { Decision } from '../Decision';
import { HoursTable } from '../HoursTable';
import { Panel } from '../Panel';
import { ComesDown } from './ComesDown';
import { CurrencyField } from './CurrencyField';
import { ExtraFields } from './ExtraFields';
import { PriceNews } from './PriceNews';
import { ShedFields } from './ShedFields';
import { YardFields } from './YardFields';

/** The decisions that the price is made of. */
function Buying({ plan, base }: { plan: Plan; base: string }) {
  const reader = useReader();
  const hours = useReckoning((s) => s.reckoning?.figures.elapsed);
  const down = useReckoning((s) => s.reckoning?.figures['down.length']);
  const holding = usePlan((s) => s.holding);
  const { yards } = editionOf(plan);
  const { buying, owned, extras, currency } = plan;
  const names = yards.filter((y) => buying.yards.includes(y.id)).map((y) => y.name);
  return (
    <>
      <Decision name="Yards" answer={names.join(' and ')}>
        <YardFields plan={plan} />
      </Decision>
      <Decision name="Currency" answer={currency === 'XXX' ? 'none named' : currency}>
        <CurrencyField plan={plan} />
      </Decision>
      <Decision
        begins={owned.length > 0}
        name="From the shed"
        answer={owned.length === 0 ? 'nothing used' : `${counted(owned.length, 'piece')} used`}
      >
        <ShedFields plan={plan} />
      </Decision>
      {down !== undefined && (
        <Decision name="Comes down" answer={`${reader.about(down)} of old fence`}>
          <ComesDown plan={plan} />
        </Decision>
      )}
      <Decision name="Other pieces" answer={extras.length === 0 ? 'none' : listed(extras.map((e) => e.name))}>
        <ExtraFields plan={plan} />
      </Decision>
      <Decision
        name="Work"
        answer={`${plan.crew === 'two' ? 'two people' : 'one person'}, ${reader.amount(hours ?? 0, 'h')}`}
      >
        <HoursTable />
      </Decision>
      <Link className="btn" to={`/h/${holding}/stock`}>
        Shed, prices and own products
      </Link>
      <Link to={`${base}/assumptions`}>Assumptions behind these figures</Link>
    </>
  );
}

export function DocketPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.plan);
  if (!plan) return null;
  return (
    <Panel
      stage="docket"
      base={base}
      lead="Rolls and the pieces cut from them. Point at a piece to see where it hangs."
    >
      <div style={{ height: 190, border: '1px solid var(--rule)', position: 'relative', flex: 'none' }}>
        <GroundSheet stage="docket" still />
      </div>
      <Rolls />
      <PriceNews plan={plan} />
      <Buying plan={plan} base={base} />
    </Panel>
  );
}

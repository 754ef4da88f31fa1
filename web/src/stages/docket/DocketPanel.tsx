import { Rolls } from '../../docket/Rolls';
import { GroundSheet } from '../../sheet/GroundSheet';
import { usePlan } from '../../state/planStore';
import { HoursTable } from '../HoursTable';
import { Panel } from '../Panel';
import { CurrencyField } from './CurrencyField';
import { ExtraFields } from './ExtraFields';
import { PriceNews } from './PriceNews';
import { ShedFields } from './ShedFields';
import { YardFields } from './YardFields';

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
      <YardFields plan={plan} />
      <PriceNews plan={plan} />
      <CurrencyField plan={plan} />
      <ShedFields plan={plan} />
      <ExtraFields plan={plan} />
      <HoursTable />
    </Panel>
  );
}

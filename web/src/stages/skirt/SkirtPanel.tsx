import { type Plan, type Scope, asking, choicesIn, isLaid, skirtOptions } from '@aviarum/core';
import { OptionGroups } from '../../fields/OptionGroups';
import { usePlan } from '../../state/planStore';
import { useMarket } from '../../state/market';
import { useReader } from '../../state/reckoningStore';
import { Panel } from '../Panel';
import { SchoolNote } from '../SchoolNote';
import { ScopePick, useScope } from '../ScopePick';
import { HouseSkirts } from './HouseSkirt';
import { SkirtFields } from './SkirtFields';
import { SkirtSection } from './SkirtSection';
import { SkirtTally } from './SkirtTally';

const CHOSEN = { skirt: 'the skirt' } as const;

function Skirts({ plan, scope }: { plan: Plan; scope: Scope }) {
  const market = useMarket();
  const reader = useReader();
  if (!market) return null;
  const { skirt } = choicesIn(plan, scope);
  return (
    <>
      {isLaid(skirt) && <SkirtSection skirt={skirt} />}
      <SkirtFields plan={plan} scope={scope} skirt={skirt} />
      <OptionGroups
        groups={skirtOptions(asking(plan, market, reader, scope))}
        open={['kind']}
        above={{ kind: <SchoolNote id="dig" />, mesh: <SchoolNote id="skirtWire" /> }}
      />
    </>
  );
}

export function SkirtPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.plan);
  const [scope, setScope] = useScope(plan);
  if (!plan) return null;
  return (
    <Panel
      stage="skirt"
      base={base}
      lead="What meets an animal that digs at the foot of the fence, and under the gate."
    >
      {plan.enclosures.length > 0 && (
        <>
          <ScopePick plan={plan} scope={scope} onScope={setScope} of={CHOSEN} />
          <Skirts plan={plan} scope={scope} />
        </>
      )}
      <HouseSkirts plan={plan} />
      <SkirtTally />
    </Panel>
  );
}

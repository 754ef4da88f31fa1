import { type Building, type Plan, WHOLE_PLAN, asking, houseSkirtOptions, measuresOf } from '@aviarum/core';
import { LengthField } from '../../fields/LengthField';
import { OptionGroups } from '../../fields/OptionGroups';
import { useMarket } from '../../state/market';
import { usePlan } from '../../state/planStore';
import { useReader } from '../../state/reckoningStore';
import { Decision, Decisions } from '../Decision';

/** A skirt round one house by itself: a coop is guarded so without any fence. */
function OneHouse({ plan, building, begins }: { plan: Plan; building: Building; begins: boolean }) {
  const take = usePlan((s) => s.take);
  const market = useMarket();
  const reader = useReader();
  if (!market) return null;
  const { skirt, id } = building;
  const groups = houseSkirtOptions(asking(plan, market, reader, WHOLE_PLAN), building);
  const answer = groups[0]?.options.find((o) => o.chosen)?.title ?? '';
  return (
    <Decision name={`Round ${building.name} itself`} answer={answer} begins={begins}>
      {skirt && (
        <div className="fields">
          {measuresOf(skirt, plan, reader).map(({ name, value, least, most, set }) => (
            <LengthField
              key={name}
              name={name}
              value={value}
              least={least}
              most={most}
              onCommit={(length) =>
                take({ verb: 'set-on-ground', list: 'buildings', id, to: { skirt: set(length) } })
              }
            />
          ))}
        </div>
      )}
      <Decisions>
        <OptionGroups groups={groups} open={[`${id}-kind`]} />
      </Decisions>
    </Decision>
  );
}

/** Skirts round houses, whatever is built on to them. */
export function HouseSkirts({ plan }: { plan: Plan }) {
  const houses = plan.ground.buildings.filter((b) => b.stands === 'walls');
  return houses.map((building) => (
    <OneHouse
      key={building.id}
      plan={plan}
      building={building}
      begins={plan.enclosures.length === 0 && houses.length === 1}
    />
  ));
}

import { onGround, partOfStop, stopId } from '../../sheet/stopId';
import { type SpotHeight, type Tree } from '@aviarum/core';
import { PlaceFields } from '../../fields/PlaceFields';
import { Measures } from '../../fields/PlanLength';
import { NameField } from '../../fields/NameField';
import { removalOf } from '../../sheet/removal';
import { usePlan } from '../../state/planStore';
import { useSelection } from '../../state/selection';
import { BuildingFields } from './BuildingFields';
import { LineFields } from './LineFields';
import { OpenThing } from './OpenThing';
import { useSetOnGround } from './useSetOnGround';

const OF_A_TREE = { trunk: 'Trunk diameter', roots: 'Roots, out to', crown: 'Crown, out to' } as const;

function TreeFields({ tree }: { tree: Tree }) {
  const set = useSetOnGround('trees', tree.id);
  return (
    <>
      <NameField name="Name" value={tree.name} onCommit={(name) => set({ name })} />
      <div className="fields">
        <PlaceFields at={tree.at} onPut={(at) => set({ at })} />
        <Measures of="ground.trees" thing={tree} names={OF_A_TREE} onSet={set} />
      </div>
    </>
  );
}

function SpotFields({ spot }: { spot: SpotHeight }) {
  const set = useSetOnGround('spotHeights', spot.id);
  return (
    <div className="fields">
      <PlaceFields at={spot.at} onPut={(at) => set({ at })} />
      <Measures of="ground.spotHeights" thing={spot} names={{ height: 'Height' }} onSet={set} />
    </div>
  );
}

/** The thing that is open, as numbers. */
export function ThingFields() {
  const plan = usePlan((s) => s.draft?.plan ?? s.plan);
  const take = usePlan((s) => s.take);
  const { at, openThing } = useSelection();
  if (!plan || at === null) return null;
  const thing = onGround(partOfStop(at));
  if (!thing) return null;
  const { id, point } = thing;
  const kind = thing.whole.on;
  const { buildings, trees, services, boundaries, spotHeights } = plan.ground;
  const fields = {
    building: () => {
      const building = buildings.find((b) => b.id === id);
      return building && { title: building.name, body: <BuildingFields building={building} point={point} /> };
    },
    tree: () => {
      const tree = trees.find((t) => t.id === id);
      return tree && { title: tree.name, body: <TreeFields tree={tree} /> };
    },
    service: () => {
      const service = services.find((s) => s.id === id);
      return (
        service && {
          title: service.name,
          body: <LineFields plan={plan} list="services" id={id} point={point ?? 0} />,
        }
      );
    },
    boundary: () => {
      const line = boundaries.find((b) => b.id === id);
      return (
        line && {
          title: line.name,
          body: <LineFields plan={plan} list="boundaries" id={id} point={point ?? 0} />,
        }
      );
    },
    spot: () => {
      const i = spotHeights.findIndex((s) => s.id === id);
      const spot = spotHeights[i];
      return spot && { title: `Height ${i + 1}`, body: <SpotFields spot={spot} /> };
    },
  }[kind];
  const shown = fields();
  if (!shown) return null;
  const whole = removalOf(plan, stopId(thing.whole));
  const onePoint = point === null ? null : removalOf(plan, at);
  return (
    <OpenThing title={shown.title}>
      {shown.body}
      <div className="mends">
        {onePoint && (
          <button
            type="button"
            className="btn"
            onClick={() => {
              take(onePoint.change);
              openThing(stopId(thing.whole));
            }}
          >
            Remove this {kind === 'building' ? 'corner' : 'point'}
          </button>
        )}
        {whole && (
          <button
            type="button"
            className="btn"
            onClick={() => {
              take(whole.change);
              openThing(null);
            }}
          >
            Remove it
          </button>
        )}
      </div>
    </OpenThing>
  );
}

import { type OnGround, onGround, partOfStop, stopId } from '../../sheet/stopId';
import { OBSTACLE_KINDS, type Obstacle, type Plan, type SpotHeight, type Tree } from '@aviarum/core';
import { Pick } from '../../fields/Choice';
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

const OBSTACLES = (Object.keys(OBSTACLE_KINDS) as Obstacle['kind'][]).map((value) => ({
  value,
  label: OBSTACLE_KINDS[value].name,
}));
const OF_AN_OBSTACLE = { across: 'Wide', height: 'High' } as const;

function ObstacleFields({ obstacle }: { obstacle: Obstacle }) {
  const set = useSetOnGround('obstacles', obstacle.id);
  return (
    <>
      <NameField name="Name" value={obstacle.name} onCommit={(name) => set({ name })} />
      <div className="fields">
        <Pick
          name="What it is"
          value={obstacle.kind}
          options={OBSTACLES}
          onChoose={(kind) => set({ kind })}
        />
        <PlaceFields at={obstacle.at} onPut={(at) => set({ at })} />
        <Measures of="ground.obstacles" thing={obstacle} names={OF_AN_OBSTACLE} onSet={set} />
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

/** Takes out the point that is open, or all of it. */
function Removals({ plan, at, thing }: { plan: Plan; at: string; thing: OnGround }) {
  const take = usePlan((s) => s.take);
  const { openThing } = useSelection();
  const whole = removalOf(plan, stopId(thing.whole));
  const onePoint = thing.point === null ? null : removalOf(plan, at);
  return (
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
          Remove this {thing.whole.on === 'building' ? 'corner' : 'point'}
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
  );
}

/** The thing that is open, as numbers. */
export function ThingFields() {
  const plan = usePlan((s) => s.draft?.plan ?? s.plan);
  const { at } = useSelection();
  if (!plan || at === null) return null;
  const thing = onGround(partOfStop(at));
  if (!thing) return null;
  const { id, point } = thing;
  const kind = thing.whole.on;
  const { buildings, trees, services, boundaries, obstacles, spotHeights } = plan.ground;
  const fields = {
    building: () => {
      const building = buildings.find((b) => b.id === id);
      return building && { title: building.name, body: <BuildingFields building={building} point={point} /> };
    },
    tree: () => {
      const tree = trees.find((t) => t.id === id);
      return tree && { title: tree.name, body: <TreeFields tree={tree} /> };
    },
    obstacle: () => {
      const obstacle = obstacles.find((o) => o.id === id);
      return obstacle && { title: obstacle.name, body: <ObstacleFields obstacle={obstacle} /> };
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
  return (
    <OpenThing title={shown.title}>
      {shown.body}
      <Removals plan={plan} at={at} thing={thing} />
    </OpenThing>
  );
}

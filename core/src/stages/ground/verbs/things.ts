import { distance } from '../../../ground/vector';
import { namedStill } from '../../live/verbs/kept';
import { tidy } from '../../../units/round';
import {
  type Plan,
  type Point,
  type SpotHeight,
  type Building,
  type Tree,
  type Service,
  type Boundary,
  type Obstacle,
} from '../../../plan/schema';

/** What stands, lies or was measured on the ground, by the list that holds it. */
export interface GroundThings {
  readonly buildings: Building;
  readonly trees: Tree;
  readonly services: Service;
  readonly boundaries: Boundary;
  readonly obstacles: Obstacle;
  readonly spotHeights: SpotHeight;
}

export type GroundList = keyof GroundThings;

export type AddToGround = {
  [L in GroundList]: { readonly list: L; readonly thing: GroundThings[L] };
}[GroundList];

export type SetOnGround = {
  [L in GroundList]: {
    readonly list: L;
    readonly id: string;
    readonly to: Partial<Omit<GroundThings[L], 'id'>>;
  };
}[GroundList];

/** A height of the ground at a place; `id` for a spot that has none yet. */
export interface HeightAt {
  readonly id: string;
  readonly at: Point;
  readonly height: number;
}

type Thing = { readonly id: string };

const withGround = (plan: Plan, ground: Partial<Plan['ground']>): Plan => ({
  ...plan,
  ground: { ...plan.ground, ...ground },
});

export interface SetGround {
  readonly to: Partial<Pick<Plan['ground'], 'frost' | 'north'>>;
}

export interface RemoveFromGround {
  readonly list: GroundList;
  readonly id: string;
}

export interface BringGround {
  readonly ground: Plan['ground'];
}

export interface SetHeights {
  readonly heights: readonly HeightAt[];
}

function withList(
  plan: Plan,
  list: GroundList,
  change: (things: readonly Thing[]) => readonly Thing[],
): Plan {
  // List and thing agree in the type of the change; indexing by a union loses that.
  return withGround(plan, { [list]: change(plan.ground[list]) });
}

export const setGround = (plan: Plan, { to }: SetGround): Plan => withGround(plan, to);

export const addToGround = (plan: Plan, { list, thing }: AddToGround): Plan =>
  withList(plan, list, (things) => [...things, thing]);

export const setOnGround = (plan: Plan, { list, id, to }: SetOnGround): Plan =>
  withList(plan, list, (things) => things.map((t) => (t.id === id ? { ...t, ...to } : t)));

/** Takes a thing off the ground; a side that was the wall of a building that goes wants a fence. */
export function removeFromGround(plan: Plan, { list, id }: RemoveFromGround): Plan {
  const without = namedStill(withList(plan, list, (things) => things.filter((t) => t.id !== id)));
  if (list !== 'buildings') return without;
  return {
    ...without,
    sides: without.sides.map((s) =>
      s.kind === 'building' && s.building === id ? { id: s.id, from: s.from, to: s.to, kind: 'fence' } : s,
    ),
  };
}

/** The ground of another plan of the same place; house walls whose building is not on it become fence. */
export function bringGround(plan: Plan, { ground }: BringGround): Plan {
  const gone = plan.ground.buildings.filter((b) => !ground.buildings.some((other) => other.id === b.id));
  return namedStill(
    withGround(
      gone.reduce((p, b) => removeFromGround(p, { list: 'buildings', id: b.id }), plan),
      ground,
    ),
  );
}

/** Spots nearer to each other than this are one stake, m. */
export const SAME_STAKE = 0.02;

/** The height that was measured at a place, where one was. */
export const spotAt = (heights: readonly SpotHeight[], at: Point): SpotHeight | undefined =>
  heights.find((s) => distance(s.at, at) < SAME_STAKE);

/** Sets measured heights: a place that has one gets the new figure, another place a new spot. */
export function setHeights(plan: Plan, { heights }: SetHeights): Plan {
  const spots = [...plan.ground.spotHeights];
  for (const { id, at, height } of heights) {
    const known = spots.findIndex((s) => distance(s.at, at) < SAME_STAKE);
    const before = spots[known];
    if (before) spots[known] = { ...before, height: tidy(height) };
    else spots.push({ id, at: { x: tidy(at.x), y: tidy(at.y) }, height: tidy(height) });
  }
  return withGround(plan, { spotHeights: spots });
}

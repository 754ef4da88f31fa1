import { partOfStop } from './stopId';
import {
  type Change,
  type Guide,
  type Plan,
  type SnapGround,
  type Vector,
  partFields,
  snapCorner,
  snapGround,
  type UnitSystem,
} from '@aviarum/core';
import { type Touched, touchedBy } from './heldScene';
import type { Stop } from './stop';
import { stepOf } from './view';

/** A thing in hand: where it was taken, and what it can fall on, gathered once. */
export interface Grip {
  readonly stop: Stop;
  readonly ground: SnapGround;
  readonly touched: Touched;
}

/** How near a thing has to come to fall on a line, px. */
const REACH = 9;

function groundFor(plan: Plan, stop: Stop): SnapGround {
  const part = partOfStop(stop.id);
  if (part?.on === 'corner') return snapGround(plan, part.corner);
  const house = (part && partFields(part).building) ?? null;
  const others = plan.corners.map(({ x, y }) => ({ x, y }));
  // A house does not fall on its own walls.
  const buildings = house === null ? [] : plan.ground.buildings.filter((b) => b.id !== house);
  const bare = snapGround({ ...plan, ground: { ...plan.ground, buildings } }, '');
  return { neighbours: [], beyond: [], others: [...others, ...(stop.snaps ?? [])], walls: bare.walls };
}

export const grip = (plan: Plan, stop: Stop): Grip => ({
  stop,
  ground: groundFor(plan, stop),
  touched: touchedBy(plan, stop.id),
});

/** Where a thing in hand is, what it fell on, and the change that puts it there. */
export interface Held {
  readonly at: Vector;
  readonly guides: readonly Guide[];
  readonly change: Change;
}

/**
 * @param by     how far the pointer has gone, m
 * @param scale  px a metre
 */
export function dragTo({ stop, ground }: Grip, by: Vector, system: UnitSystem, scale: number): Held | null {
  if (!stop.move) return null;
  const step = stepOf(system, scale);
  if (stop.axis) {
    const along = by.x * stop.axis.x + by.y * stop.axis.y;
    const round = Math.round(along / step) * step;
    const at = { x: stop.at.x + stop.axis.x * round, y: stop.at.y + stop.axis.y * round };
    return { at, guides: [], change: stop.move(at) };
  }
  const wish = { x: stop.at.x + by.x, y: stop.at.y + by.y };
  const { at, guides } = snapCorner(ground, wish, REACH / scale, step);
  return { at, guides, change: stop.move(at) };
}

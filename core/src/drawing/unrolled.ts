import { type Profile, sideProfiles } from '../ground/profile';
import type { Ring } from '../ground/survey';
import { terrainOf } from '../ground/terrain';
import type { Vector } from '../ground/vector';
import type { Plan } from '../plan/schema';
import type { Across } from './stripPieces';
import type { StripSide } from './stripTypes';

/** Height of a drawn ground at a place along the strip, m. */
export function groundUnder(ground: readonly Vector[], x: number): number {
  const next = ground.findIndex((p) => p.x >= x);
  const [a, b] = [ground[next - 1], ground[next]];
  if (!b) return ground[ground.length - 1]?.y ?? 0;
  if (!a || b.x - a.x < 1e-9) return b.y;
  return a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x);
}

/** Ground between two places, with its bends. */
export const stretch = (ground: readonly Vector[], from: number, to: number): readonly Vector[] => [
  { x: from, y: groundUnder(ground, from + 1e-7) },
  ...ground.filter((p) => p.x > from + 1e-6 && p.x < to - 1e-6),
  { x: to, y: groundUnder(ground, to - 1e-7) },
];

function groundLine(sides: readonly StripSide[], profiles: ReadonlyMap<string, Profile>): Vector[] {
  return sides.flatMap((side) => {
    const profile = profiles.get(side.id);
    if (!profile) return [];
    const points = profile.points.map((p) => ({ x: p.along, y: p.height }));
    return points.map((p) => ({ x: side.begins + p.x, y: p.y }));
  });
}

/** A ring laid out left to right: where its sides begin, and the ground under them. */
export interface Unrolled {
  readonly ring: Ring | undefined;
  readonly sides: readonly StripSide[];
  readonly length: number;
  readonly ground: readonly Vector[];
  /** Side coordinates to the strip; undefined for a side of another ring. */
  readonly across: Across;
}

export function unrolled(plan: Plan, ring: Ring | undefined): Unrolled {
  let begins = 0;
  const sides = (ring?.sides ?? []).map((s): StripSide => {
    const building = s.side.kind === 'building' ? s.side.building : undefined;
    const label =
      building === undefined ? '' : (plan.ground.buildings.find((b) => b.id === building)?.name ?? '');
    const { id, kind } = s.side;
    const { number, startNumber, length, forward } = s;
    const side = { id, number, corner: startNumber, kind, begins, length, forward, label };
    begins += s.length;
    return side;
  });
  const bySide = new Map(sides.map((s) => [s.id, s]));
  const profiles = ring
    ? sideProfiles(terrainOf(plan.ground.spotHeights), [ring])
    : new Map<string, Profile>();
  return {
    ring,
    sides,
    length: begins,
    ground: groundLine(sides, profiles),
    across: (id, from, to) => {
      const side = bySide.get(id);
      if (!side) return undefined;
      return side.forward
        ? { from: side.begins + from, to: side.begins + to }
        : { from: side.begins + side.length - to, to: side.begins + side.length - from };
    },
  };
}

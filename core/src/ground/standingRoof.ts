import type { Building } from '../plan/schema';
import { ROOFS } from '../stages/ground/plan/roof';
import { EPSILON, roundUp } from '../units/round';
import { UNDER } from './roofed';
import { type Vector, cross, distance, insideOrOn, lerp, minus, times, toSegment } from './vector';

/** A roof on posts that stands, with what is known of how it lies. Heights above the ground under it, m. */
export interface StandingRoof {
  readonly building: Building;
  readonly sheds: boolean;
  readonly heightAt: (p: Vector) => number;
  /** Edges from which it drops water and snow. */
  readonly lowEdges: readonly (readonly [Vector, Vector])[];
  /** Where its posts stand. */
  readonly posts: readonly Vector[];
  /** Shares of a straight at which its fall turns: at the ridge of a gable. */
  readonly turnsOn: (from: Vector, to: Vector) => readonly number[];
}

/** Places in equal bays along the edges of an outline, every corner with them. */
const postsRound = (outline: readonly Vector[], spacing: number): readonly Vector[] =>
  outline.flatMap((p, i) => {
    const q = outline[(i + 1) % outline.length] ?? p;
    const bays = Math.max(1, roundUp(distance(p, q) / spacing));
    return Array.from({ length: bays }, (_, k) => lerp(p, q, k / bays));
  });

function standingRoof(building: Building): StandingRoof[] {
  const { roof, outline, eaves, height } = building;
  if (!roof || building.stands !== 'posts') return [];
  const at = (i: number): Vector => outline[i % outline.length] ?? { x: 0, y: 0 };
  const [a, b] = [at(roof.low), at(roof.low + 1)];
  const edge = distance(a, b);
  if (edge < EPSILON) return [];
  const along = times(minus(b, a), 1 / edge);
  const across = (p: Vector): number => Math.abs(cross(along, minus(p, a)));
  const deep = Math.max(EPSILON, ...outline.map(across));
  const rise = Math.max(0, height - eaves);
  const heightAt = (p: Vector): number => {
    const share = Math.min(1, across(p) / deep);
    if (roof.shape === 'flat') return eaves;
    return eaves + rise * (roof.shape === 'one-way' ? share : 1 - Math.abs(2 * share - 1));
  };
  const edges = outline.map((p, i) => [p, at(i + 1)] as const);
  const isLow = (p: Vector): boolean => heightAt(p) <= eaves + EPSILON;
  return [
    {
      building,
      sheds: ROOFS[roof.kind].sheds,
      heightAt,
      lowEdges: edges.filter(([p, q]) => isLow(p) && isLow(q) && isLow(lerp(p, q, 0.5))),
      posts: roof.spacing === null ? [] : postsRound(outline, roof.spacing),
      turnsOn: (from, to) => {
        if (roof.shape !== 'gable') return [];
        const [d, e] = [across(from) - deep / 2, across(to) - deep / 2];
        return d * e < -EPSILON ? [d / (d - e)] : [];
      },
    },
  ];
}

/** Roofs that stand on posts, of which it is known how they lie. */
export const standingRoofs = (buildings: readonly Building[]): readonly StandingRoof[] =>
  buildings.flatMap(standingRoof);

interface Straight {
  readonly start: Vector;
  readonly end: Vector;
}

/** The roof under which a straight lies from end to end. */
export const roofAbove = (
  { start, end }: Straight,
  roofs: readonly StandingRoof[],
): StandingRoof | undefined =>
  roofs.find(({ building }) => [start, end].every((p) => insideOrOn(p, building.outline, UNDER)));

/** A place on a straight and the height of a roof there: from its start, m. */
export interface RoofPoint {
  readonly at: number;
  readonly height: number;
}

/** How a roof lies along a straight, from point to point of its fall. */
export function roofAlong({ start, end }: Straight, roof: StandingRoof): readonly RoofPoint[] {
  const length = distance(start, end);
  return [0, ...roof.turnsOn(start, end), 1].map((share) => ({
    at: share * length,
    height: roof.heightAt(lerp(start, end, share)),
  }));
}

/** Whether a place lies under an edge from which water and snow drop. */
export const isUnderDrip = ({ lowEdges }: StandingRoof, p: Vector, within: number): boolean =>
  lowEdges.some(([a, b]) => toSegment(p, a, b) <= within);

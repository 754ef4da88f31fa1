import { type Plane, planeAt } from '../../../ground/plane';
import type { FenceLine } from '../../../ground/fenceLines';
import { type Vector, cross, dot, minus, toSegment } from '../../../ground/vector';
import type { Facet } from '../../../plan/effective';
import type { Choices } from '../../../plan/schema';

/** What something that lies on posts asks of those under its edge: plain data, from its kind, height and outline alone. Lengths m. */
export interface PostAsk {
  /** Edges on the sheet under which posts carry it. */
  readonly edges: readonly (readonly [Vector, Vector])[];
  readonly plane: Plane;
  readonly load: Exclude<Choices['load'], 'fence'>;
  readonly spacing: number;
}

/** Posts this near to an edge carry what lies on it, m. */
const UNDER = 0.06;

const LOADS = ['fence', 'cover', 'roof'] as const;
const heavier = (a: Choices['load'], b: Choices['load']): Choices['load'] =>
  LOADS.indexOf(a) >= LOADS.indexOf(b) ? a : b;

const under = ({ edges }: PostAsk, at: Vector): boolean =>
  edges.some(([a, b]) => toSegment(at, a, b) <= UNDER);

/** What a post under some of these carries, and how high over the ground it has to reach, m. */
export function askedAt(
  asks: readonly PostAsk[],
  at: Vector,
  ground: (p: Vector) => number,
  load: Choices['load'],
): { readonly above: number; readonly load: Choices['load'] } {
  let [above, carried] = [0, load];
  for (const ask of asks) {
    if (!under(ask, at)) continue;
    above = Math.max(above, planeAt(ask.plane, at) - ground(at));
    carried = heavier(carried, ask.load);
  }
  return { above, load: carried };
}

/** Less of a line under an edge is a touch, m. */
const TOUCHED = 0.3;

/** Whether a line of fence lies under one of the edges. */
const carries = ({ edges }: PostAsk, { start, direction, length }: FenceLine): boolean =>
  edges.some(([a, b]) => {
    const [p, q] = [minus(a, start), minus(b, start)];
    if (Math.abs(cross(direction, p)) > UNDER || Math.abs(cross(direction, q)) > UNDER) return false;
    const [s, t] = [dot(p, direction), dot(q, direction)];
    return Math.min(length, Math.max(s, t)) - Math.max(0, Math.min(s, t)) > TOUCHED;
  });

/** A yard that sells in feet sets posts at 6 ft: that is 1.8 there, m. */
const SAME = 0.05;

/** Spacings as chosen, closer where something lies on the line that asks for it (rules: Posts). */
export function closer(
  chosen: ReadonlyMap<FenceLine, Facet<'spacing'>>,
  asks: readonly PostAsk[],
): ReadonlyMap<FenceLine, Facet<'spacing'>> {
  if (asks.length === 0) return chosen;
  return new Map(
    [...chosen].map(([line, facet]) => {
      const most = Math.min(
        Infinity,
        ...asks.filter((ask) => carries(ask, line)).map(({ spacing }) => spacing),
      );
      // Posts that stand stay where they are.
      return [
        line,
        line.standing === null && facet.spacing > most + SAME ? { ...facet, spacing: most } : facet,
      ];
    }),
  );
}

import type { Plan, Side } from '../plan/schema';
import { type Vector, cross, distance, dot, doubleArea, minus, times } from './vector';

/** A side as one enclosure passes it: start and end in ring order. */
export interface RingSide {
  readonly side: Side;
  readonly forward: boolean;
  /** What the keeper calls it: its place in the ring, counted on through the rings of a plan, a shared side once. */
  readonly number: number;
  /** The same for the corner that it starts at. */
  readonly startNumber: number;
  readonly start: Vector;
  readonly end: Vector;
  readonly startCorner: string;
  readonly endCorner: string;
  readonly length: number;
  readonly direction: Vector;
  /** Unit vector out of the run. */
  readonly outward: Vector;
  /** Turn at its end towards the next side, radians; positive where the corner is convex. */
  readonly turn: number;
}

export interface Ring {
  readonly enclosure: string;
  readonly name: string;
  readonly sides: readonly RingSide[];
  readonly area: number;
  readonly perimeter: number;
}

/** A turn smaller than this is straight on: 0.06°, 5 mm in 5 m. */
export const STRAIGHT = 1e-3;

function turnBetween(a: Vector, b: Vector): number {
  return Math.atan2(cross(a, b), dot(a, b));
}

/** Numbers from 1 in the order in which ids are first met. */
function numbering(): (id: string) => number {
  const known = new Map<string, number>();
  return (id) => {
    const number = known.get(id) ?? known.size + 1;
    known.set(id, number);
    return number;
  };
}

/**
 * Walks each enclosure's ring over the ground.
 *
 * @returns one ring an enclosure with lengths (m), directions, areas (m²) and turns (radians)
 * @throws RangeError for a dangling reference: the plan schema lets none through
 */
export function surveyRings(plan: Pick<Plan, 'corners' | 'sides' | 'enclosures'>): readonly Ring[] {
  const corners = new Map(plan.corners.map((c) => [c.id, c]));
  const sides = new Map(plan.sides.map((s) => [s.id, s]));
  const at = (id: string): Vector => {
    const corner = corners.get(id);
    if (!corner) throw new RangeError(`no corner ${id}`);
    return { x: corner.x, y: corner.y };
  };

  const sideNumbers = numbering();
  const cornerNumbers = numbering();
  return plan.enclosures.map((enclosure) => {
    const walked = enclosure.ring.map(({ side: id, forward }) => {
      const side = sides.get(id);
      if (!side) throw new RangeError(`no side ${id}`);
      const startCorner = forward ? side.from : side.to;
      const endCorner = forward ? side.to : side.from;
      const start = at(startCorner);
      const end = at(endCorner);
      const length = distance(start, end);
      const direction = length > 0 ? times(minus(end, start), 1 / length) : { x: 0, y: 0 };
      return { side, forward, startCorner, endCorner, start, end, length, direction };
    });
    const twice = doubleArea(walked.map((w) => w.start));
    const hand = twice < 0 ? -1 : 1;
    return {
      enclosure: enclosure.id,
      name: enclosure.name,
      area: Math.abs(twice) / 2,
      perimeter: walked.reduce((total, w) => total + w.length, 0),
      sides: walked.map((w, i) => {
        const next = walked[(i + 1) % walked.length] ?? w;
        // Written out: every save walks all sides, and spreading into a literal costs many times as much.
        return {
          side: w.side,
          forward: w.forward,
          startCorner: w.startCorner,
          endCorner: w.endCorner,
          start: w.start,
          end: w.end,
          length: w.length,
          direction: w.direction,
          number: sideNumbers(w.side.id),
          startNumber: cornerNumbers(w.startCorner),
          outward: { x: w.direction.y * hand, y: -w.direction.x * hand },
          turn: hand * turnBetween(w.direction, next.direction),
        };
      }),
    };
  });
}

import { type Vector, plus, times } from './vector';

/** How a walk round a run fails to come back to where it began. */
export interface ClosingError {
  /** From the last stake to the first, m. */
  readonly gap: Vector;
  readonly distance: number;
  /** What the turns add up to beyond a whole one, radians. */
  readonly turned: number;
  /** Distance over the length walked. */
  readonly ratio: number;
}

function vectors(legs: readonly Leg[]): readonly Vector[] {
  let heading = 0;
  return legs.map((leg) => {
    const v = times({ x: Math.cos(heading), y: Math.sin(heading) }, leg.length);
    heading += leg.turn;
    return v;
  });
}

/** What is missing at the end of a walk; turns to the left are positive. */
export function closingError(legs: readonly Leg[]): ClosingError {
  const end = vectors(legs).reduce((at, v) => plus(at, v), { x: 0, y: 0 });
  const walked = legs.reduce((total, leg) => total + leg.length, 0);
  const turns = legs.reduce((total, leg) => total + leg.turn, 0);
  const whole = turns >= 0 ? 2 * Math.PI : -2 * Math.PI;
  const distance = Math.hypot(end.x, end.y);
  return {
    gap: times(end, -1),
    distance,
    turned: turns - whole,
    ratio: walked > 0 ? distance / walked : 0,
  };
}

/**
 * The walk with its closing error shared out: each leg takes its part by its length (the compass rule of surveying), so
 * that it comes back to where it began.
 *
 * @returns legs that close, with the turns that then follow
 */
export function shareOut(legs: readonly Leg[]): readonly Leg[] {
  const walked = legs.reduce((total, leg) => total + leg.length, 0);
  if (legs.length < 3 || walked === 0) return legs;
  const { gap } = closingError(legs);
  const closed = vectors(legs).map((v, i) => plus(v, times(gap, (legs[i]?.length ?? 0) / walked)));
  const heading = (v: Vector) => Math.atan2(v.y, v.x);
  return closed.map((v, i) => {
    const next = closed[(i + 1) % closed.length] ?? v;
    const turn = Math.atan2(Math.sin(heading(next) - heading(v)), Math.cos(heading(next) - heading(v)));
    return { length: Math.hypot(v.x, v.y), turn };
  });
}

/** One leg of a walk round the run: how far, and the turn at its end towards the next, radians, positive to the left. */
export interface Leg {
  readonly length: number;
  readonly turn: number;
}

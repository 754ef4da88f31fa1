import { type Vector, distance, lerp, plus } from '../../ground/vector';
import type { Plan } from '../../plan/schema';
import { surveyRings } from '../../ground/survey';
import { element } from './markup';
import { gpx, placeAttributes } from './writeGpx';

export interface Walk {
  readonly seed: number;
  /** Between two readings, s. */
  readonly every: number;
  /** m/s */
  readonly speed: number;
  /** How far a reading strays, as a standard deviation, m; neighbouring ones stray alike. */
  readonly noise: number;
  /** How far the whole walk has drifted by its end, as a standard deviation, m. */
  readonly drift: number;
}

/** A stroll with a telephone in the hand on a day with some cloud. */
export const STROLL: Walk = { seed: 1, every: 1, speed: 0.8, noise: 0.35, drift: 0.5 };

/** How much of one reading's error the next one has. */
const ALIKE = 0.85;

/** A small, well-known generator (mulberry32): the same walk from the same seed. */
function chances(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Two independent standard normal numbers (Box–Muller). */
function normal(chance: () => number): Vector {
  const radius = Math.sqrt(-2 * Math.log(1 - chance()));
  const angle = 2 * Math.PI * chance();
  return { x: radius * Math.cos(angle), y: radius * Math.sin(angle) };
}

/**
 * Places as a tracker would read them on a walk once round an outline: errors that hang together from reading to reading,
 * and a slow drift.
 *
 * @param ring  corners in order, m
 */
export function walkRound(ring: readonly Vector[], walk: Walk): readonly Vector[] {
  const chance = chances(walk.seed);
  const stride = walk.every * walk.speed;
  const steps = ring.flatMap((from, i) => {
    const to = ring[(i + 1) % ring.length] ?? from;
    const count = Math.max(1, Math.round(distance(from, to) / stride));
    return Array.from({ length: count }, (_, k) => lerp(from, to, k / count));
  });
  const last = ring[0];
  if (last) steps.push(last);
  let error = times(normal(chance), walk.noise);
  let drift = { x: 0, y: 0 };
  const each = walk.drift / Math.sqrt(Math.max(1, steps.length));
  return steps.map((at) => {
    const fresh = times(normal(chance), walk.noise * Math.sqrt(1 - ALIKE ** 2));
    error = plus(times(error, ALIKE), fresh);
    drift = plus(drift, times(normal(chance), each));
    return plus(at, plus(error, drift));
  });
}

const times = (v: Vector, k: number): Vector => ({ x: v.x * k, y: v.y * k });

/** A practice walk round a plan's first run as a GPX track. */
export function practiceWalk(plan: Plan, walk: Walk = STROLL): string {
  const place = placeAttributes(plan);
  const ring = surveyRings(plan)[0]?.sides.map((s) => s.start) ?? [];
  const began = Date.UTC(2026, 2, 3, 9, 42);
  const points = walkRound(ring, walk).map((at, i) => {
    const time = new Date(began + i * walk.every * 1000).toISOString();
    return element('trkpt', place(at), `<time>${time}</time>`);
  });
  return gpx(`\n<trk><name>Practice walk</name><trkseg>\n${points.join('\n')}\n</trkseg></trk>\n`);
}

import type { Terrain } from '../../../ground/level';
import { type Vector, distance, lerp } from '../../../ground/vector';
import { placesAlong, waysOf } from './loop';
import type { NetShape } from './shape';

/** A gap over this under the foot strand is a hole, m (rules: Live nets). */
export const HOLE = 0.05;

/** Of what no net reaches no more posts are made up. */
const MOST_HELD = 600;

/** Where foot strand and ground part. Along the net and upwards, m. */
export interface Gap {
  readonly along: number;
  readonly gap: number;
  readonly at: Vector;
  /** As the keeper found it; null where the heights of the ground say so. */
  readonly dip: string | null;
}

/** Where it is held to the ground: its own posts, struts at corners, and where a dip was mended. Rising, m. */
export function heldAt(
  { net, kind, length, struts }: NetShape,
  pieces: readonly number[],
): readonly number[] {
  const held = [0, length, ...struts];
  let begins = 0;
  for (const piece of pieces) {
    const spans = Math.max(1, Math.round(piece / kind.spacing));
    for (let i = 0; i <= spans; i++) held.push(begins + (i * piece) / spans);
    begins += piece;
  }
  // A length that nets do not reach is held as the nets would be.
  for (let at = begins, n = 0; at < length && n < MOST_HELD; at += kind.spacing, n++) held.push(at);
  for (const dip of net.dips) if (dip.mend !== 'none') held.push(dip.along);
  return [...new Set(held.map((at) => Math.round(at * 1e6) / 1e6))]
    .filter((at) => at >= 0 && at <= length)
    .sort((a, b) => a - b);
}

/** A place along a net, with the height of the ground there. */
interface Placed {
  readonly along: number;
  readonly at: Vector;
  readonly height: number;
}

/** Where the ground bends under a net, in turn: between two such places it is straight, so that a gap is widest at one of them. */
function bendsOf({ points, net }: NetShape, terrain: Terrain): readonly Placed[] {
  let begins = 0;
  return waysOf(points, net.form).flatMap(([a, b]) => {
    const from = begins;
    const length = distance(a, b);
    begins += length;
    return [0, ...terrain.breaksAlong(a, b)].map((share): Placed => {
      const at = lerp(a, b, share);
      return { along: from + share * length, at, height: terrain.heightAt(at) };
    });
  });
}

/** The hollow of every span between two places where the net is held: the foot strand is straight there. */
function hollowsOf(shape: NetShape, held: readonly number[], terrain: Terrain): readonly Gap[] {
  const { points, net } = shape;
  const bends = bendsOf(shape, terrain);
  const at = placesAlong(points, net.form);
  const heights = held.map((along) => terrain.heightAt(at(along)));
  let next = 0;
  return held.slice(1).flatMap((to, i): Gap[] => {
    const [from, first, last] = [held[i] ?? 0, heights[i] ?? 0, heights[i + 1] ?? 0];
    let worst: Gap | null = null;
    for (; next < bends.length; next++) {
      const bend = bends[next];
      if (!bend || bend.along >= to) break;
      if (bend.along <= from) continue;
      const gap = first + ((last - first) * (bend.along - from)) / (to - from) - bend.height;
      if (gap > (worst?.gap ?? 1e-4)) worst = { along: bend.along, gap, at: bend.at, dip: null };
    }
    return worst ? [worst] : [];
  });
}

/** What the keeper found and has not mended, and the hollow of every span, the widest first. */
export function gapsOf(shape: NetShape, pieces: readonly number[], terrain: Terrain): readonly Gap[] {
  const { net, points, length } = shape;
  const at = placesAlong(points, net.form);
  const noted = net.dips.flatMap((d): Gap[] =>
    d.mend === 'none' && d.along <= length
      ? [{ along: d.along, gap: d.gap, at: at(d.along), dip: d.id }]
      : [],
  );
  if (terrain.level) return [...noted].sort((a, b) => b.gap - a.gap);
  const hollows = hollowsOf(shape, heldAt(shape, pieces), terrain);
  return [...noted, ...hollows].sort((a, b) => b.gap - a.gap);
}

/** The widest gap that is left, m; 0 for none. */
export const gapWorst = (gaps: readonly Gap[]): number => gaps[0]?.gap ?? 0;

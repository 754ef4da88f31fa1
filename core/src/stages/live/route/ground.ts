import type { Terrain } from '../../../ground/terrain';
import { type Vector, distance } from '../../../ground/vector';
import { placeAlong, waysOf } from './loop';
import type { NetShape } from './shape';

/** A gap over this under the foot strand is a hole, m (rules: Live nets). */
export const HOLE = 0.05;

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
  for (let at = begins; at < length; at += kind.spacing) held.push(at);
  for (const dip of net.dips) if (dip.mend !== 'none') held.push(dip.along);
  return [...new Set(held.map((at) => Math.round(at * 1e6) / 1e6))]
    .filter((at) => at >= 0 && at <= length)
    .sort((a, b) => a - b);
}

/** Places along a net where the ground bends under it, m: between them it is straight, so that a gap is widest at one of them. */
function bendsOf({ points, net }: NetShape, terrain: Terrain): readonly number[] {
  let begins = 0;
  return waysOf(points, net.form).flatMap(([a, b]) => {
    const from = begins;
    const length = distance(a, b);
    begins += length;
    return [from, ...terrain.breaksAlong(a, b).map((share) => from + share * length)];
  });
}

/** The hollow between two places where it is held: the foot strand is straight there. */
function under(
  { points, net }: NetShape,
  [from, to]: readonly [number, number],
  terrain: Terrain,
  bends: readonly number[],
): Gap | null {
  const height = (along: number) => terrain.heightAt(placeAlong(points, net.form, along));
  const [first, last] = [height(from), height(to)];
  let worst: Gap | null = null;
  for (const along of bends) {
    if (along <= from || along >= to) continue;
    const strand = first + ((last - first) * (along - from)) / (to - from);
    const gap = strand - height(along);
    if (gap > (worst?.gap ?? 1e-4))
      worst = { along, gap, at: placeAlong(points, net.form, along), dip: null };
  }
  return worst;
}

/** What the keeper found and has not mended, and the hollow of every span, the widest first. */
export function gapsOf(shape: NetShape, pieces: readonly number[], terrain: Terrain): readonly Gap[] {
  const { net, points, length } = shape;
  const noted = net.dips.flatMap((d): Gap[] =>
    d.mend === 'none' && d.along <= length
      ? [{ along: d.along, gap: d.gap, at: placeAlong(points, net.form, d.along), dip: d.id }]
      : [],
  );
  if (terrain.level) return [...noted].sort((a, b) => b.gap - a.gap);
  const held = heldAt(shape, pieces);
  const bends = bendsOf(shape, terrain);
  const hollows = held.slice(1).flatMap((to, i): Gap[] => {
    const found = under(shape, [held[i] ?? 0, to], terrain, bends);
    return found ? [found] : [];
  });
  return [...noted, ...hollows].sort((a, b) => b.gap - a.gap);
}

/** The widest gap that is left, m; 0 for none. */
export const gapWorst = (gaps: readonly Gap[]): number => gaps[0]?.gap ?? 0;

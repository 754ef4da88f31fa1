import simplify from 'simplify-js';
import { tangled, toPolyline } from '../../ground/polyline';
import { type Vector, distance } from '../../ground/vector';

export interface Thinned {
  /** Corners of the outline, not closed: the last goes on to the first. */
  readonly corners: readonly Vector[];
  /** Between where the walk ended and where it began, before it was closed, m. */
  readonly gap: number;
  /** Root mean square of how far the places read lie from the outline, m. */
  readonly noise: number;
  readonly read: number;
  /** What was used: as asked, or more where too many corners would be left or the outline crossed itself, m. */
  readonly tolerance: number;
  readonly crosses: boolean;
}

/** A run has at most so many corners when it comes from a track. */
const MOST_CORNERS = 100;
/** Where an outline crosses itself its tolerance is raised by halves, so many times at most. */
const UNTANGLED_WITHIN = 4;
/** The end of a walk overlaps its beginning by at most this share of it. */
const OVERLAP = 0.2;

/** Cuts the end of a walk where it comes nearest to its beginning, so that steps beyond it do not double back. */
function closedAt(points: readonly Vector[]): { readonly points: readonly Vector[]; readonly gap: number } {
  const first = points[0];
  if (!first) return { points, gap: 0 };
  let nearest = points.length - 1;
  let gap = Infinity;
  for (let i = Math.floor(points.length * (1 - OVERLAP)); i < points.length; i++) {
    const p = points[i];
    if (p && distance(p, first) < gap) [nearest, gap] = [i, distance(p, first)];
  }
  return { points: points.slice(0, Math.max(3, nearest + 1)), gap };
}

/**
 * The ring thinned (Douglas–Peucker), its corners in the order of the walk. The ends of a line stay whatever they are, so the
 * ring is opened where it lies furthest from the place where the walk began: that is a corner, and the beginning goes where
 * it is none.
 */
function thinnedTo(points: readonly Vector[], tolerance: number): readonly Vector[] {
  const [begun] = points;
  if (!begun) return [];
  const away = points.map((p) => distance(p, begun));
  const opened = away.indexOf(away.reduce((a, b) => Math.max(a, b)));
  const own = points.map(({ x, y }) => ({ x, y }));
  const kept = new Set(simplify([...own.slice(opened), ...own.slice(0, opened + 1)], tolerance, true));
  return own.filter((p) => kept.has(p));
}

const crossed = (corners: readonly Vector[]) => corners.length < 3 || tangled(corners);

/**
 * A walk that strays where it ends may cross its own beginning by less than it strays: a coarser outline seldom does. One
 * that crosses itself however coarse it is (a figure of eight) stays as it was asked.
 */
function untangled(walked: readonly Vector[], corners: readonly Vector[], asked: number) {
  let used = asked;
  for (let tries = 0; tries < UNTANGLED_WITHIN; tries++) {
    used *= 1.5;
    const coarser = thinnedTo(walked, used);
    if (!crossed(coarser)) return { corners: coarser, used, crosses: false };
  }
  return { corners, used: asked, crosses: true };
}

/**
 * A walked track as an outline: closed, and thinned so that no place lies further from it than the tolerance
 * (Douglas–Peucker). What was walked beyond the place where it closes is left out.
 *
 * @param points     places read, m
 * @param tolerance  m; raised by halves while more than a hundred corners are left, or while it crosses itself
 */
export function thinTrack(points: readonly Vector[], tolerance: number): Thinned {
  const distinct = points.filter((p, i) => {
    const before = points[i - 1];
    return !before || distance(before, p) > 0.001;
  });
  const { points: walked, gap } = closedAt(distinct);
  let used = tolerance;
  let corners = thinnedTo(walked, used);
  while (corners.length > MOST_CORNERS) {
    used *= 1.5;
    corners = thinnedTo(walked, used);
  }
  let crosses = crossed(corners);
  if (crosses) ({ corners, used, crosses } = untangled(walked, corners, used));
  const outline = [...corners, ...corners.slice(0, 1)];
  const squares = walked.reduce((total, p) => total + toPolyline(p, outline) ** 2, 0);
  return {
    corners,
    gap,
    noise: Math.sqrt(squares / Math.max(1, walked.length)),
    read: points.length,
    tolerance: used,
    crosses,
  };
}

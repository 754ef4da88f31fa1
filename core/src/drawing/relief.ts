import { contours } from 'd3-contour';
import type { Terrain } from '../ground/level';
import { terrainOf } from '../ground/terrain';
import { type Vector, cross, insideOrOn, minus } from '../ground/vector';
import type { SpotHeight } from '../plan/schema';
import { MESH_TYPES } from '../catalogue/meshTypes';
import type { Extent } from './scene/scene';

export interface Contour {
  /** Above the lowest spot measured, m. */
  readonly height: number;
  readonly lines: readonly (readonly Vector[])[];
}

/** Ground of one slope, with how the common meshes take it. */
export interface SlopeTint {
  readonly points: readonly Vector[];
  readonly grade: number;
  readonly steepness: 'gentle' | 'steps-welded' | 'steps-hexagonal' | 'too-steep';
}

/** Points down the slope from its middle. */
export interface FallArrow {
  /** The triangle that has this slope all over. */
  readonly over: readonly Vector[];
  /** Its middle. */
  readonly at: Vector;
  /** Unit vector downhill. */
  readonly way: Vector;
  readonly grade: number;
}

export interface Relief {
  readonly contours: readonly Contour[];
  readonly tints: readonly SlopeTint[];
  readonly arrows: readonly FallArrow[];
}

const NONE: Relief = { contours: [], tints: [], arrows: [] };
/** Cells along the longer side of what is drawn. */
const CELLS = 84;
const STEPS = [0.1, 0.2, 0.25, 0.5, 1, 2, 5, 10, 20, 50];
/** Ground that falls less than this is level to the eye. */
const FLAT = 0.005;

/** How steep ground is for the meshes that mind (rules: Slope and survey). */
export function steepness(grade: number): SlopeTint['steepness'] {
  if (grade <= MESH_TYPES.welded.follows) return 'gentle';
  if (grade <= MESH_TYPES.hexagonal.follows) return 'steps-welded';
  return grade <= MESH_TYPES['chain-link'].follows ? 'steps-hexagonal' : 'too-steep';
}

/** Whether a place lies among the heights that were measured: beyond them the ground is a guess, and no contour is drawn. */
function knownGround({ triangles, rim }: Terrain, margin: number): (p: Vector) => boolean {
  if (triangles.length === 0) return () => true;
  const hull = rim.map(([a]) => a);
  return (p) => insideOrOn(p, hull, margin);
}

function contourLines(heights: readonly SpotHeight[], terrain: Terrain, extent: Extent): readonly Contour[] {
  const [wide, high] = [extent.right - extent.left, extent.high - extent.low];
  const cell = Math.max(wide, high) / CELLS;
  const [nx, ny] = [Math.max(2, Math.ceil(wide / cell) + 1), Math.max(2, Math.ceil(high / cell) + 1)];
  const at = (i: number, j: number) => ({ x: extent.left + i * cell, y: extent.low + j * cell });
  const base = Math.min(...heights.map((h) => h.height));
  const values = Array.from(
    { length: nx * ny },
    (_, k) => terrain.heightAt(at(k % nx, Math.floor(k / nx))) - base,
  );
  const most = Math.max(...values);
  const step = STEPS.find((s) => most / s <= 9) ?? 100;
  const levels = Array.from({ length: Math.floor(most / step) }, (_, i) => step * (i + 1)).filter(
    (l) => l < most,
  );
  const known = knownGround(terrain, Math.max(wide, high) * 0.03);
  // Contours come as rings round all that is higher; where a ring runs along the edge of the grid it is no contour.
  const onEdge = ([x = 0, y = 0]: readonly number[]) =>
    x <= 0.501 || y <= 0.501 || x >= nx - 0.501 || y >= ny - 0.501;
  return contours()
    .size([nx, ny])
    .thresholds(levels)(values)
    .map((shape) => {
      const lines: Vector[][] = [];
      for (const ring of shape.coordinates.flat()) {
        let line: Vector[] = [];
        ring.forEach((p, i) => {
          const before = ring[i - 1];
          const here = at((p[0] ?? 0) - 0.5, (p[1] ?? 0) - 0.5);
          const off = !known(here) || (before !== undefined && onEdge(before) && onEdge(p));
          if (off) {
            if (line.length > 1) lines.push(line);
            line = known(here) ? [here] : [];
          } else line.push(here);
        });
        if (line.length > 1) lines.push(line);
      }
      return { height: shape.value, lines };
    });
}

function slopes({ triangles }: Terrain) {
  const tints: SlopeTint[] = [];
  const arrows: FallArrow[] = [];
  for (const [a, b, c] of triangles) {
    const whole = cross(minus(b, a), minus(c, a));
    // Gradient of the plane through three heights.
    const dx = ((b.z - a.z) * (c.y - a.y) - (c.z - a.z) * (b.y - a.y)) / whole;
    const dy = ((c.z - a.z) * (b.x - a.x) - (b.z - a.z) * (c.x - a.x)) / whole;
    const grade = Math.hypot(dx, dy);
    const over = [a, b, c].map(({ x, y }) => ({ x, y }));
    tints.push({ points: over, grade, steepness: steepness(grade) });
    if (grade < FLAT) continue;
    const at = { x: (a.x + b.x + c.x) / 3, y: (a.y + b.y + c.y) / 3 };
    arrows.push({ over, at, way: { x: -dx / grade, y: -dy / grade }, grade });
  }
  return { tints, arrows };
}

/**
 * The slope as it is drawn: contours over the whole picture, tints and arrows where heights were measured.
 *
 * @param extent  what the sheet shows, m
 */
export function relief(heights: readonly SpotHeight[], extent: Extent): Relief {
  const terrain = terrainOf(heights);
  if (terrain.level) return NONE;
  return { contours: contourLines(heights, terrain, extent), ...slopes(terrain) };
}

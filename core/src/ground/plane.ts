import { type Vector, dot, plus, times } from './vector';

/** A plane over the sheet: its height at a point is x·gx + y·gy + c, m. Plain data, so that what says the same is the same. */
export interface Plane {
  readonly gx: number;
  readonly gy: number;
  readonly c: number;
}

export const planeAt = ({ gx, gy, c }: Plane, { x, y }: Vector): number => gx * x + gy * y + c;

/** Rise over run along its steepest way. */
export const slopeOf = ({ gx, gy }: Plane): number => Math.hypot(gx, gy);

/** The same plane so much higher, m. */
export const lifted = (plane: Plane, by: number): Plane => ({ ...plane, c: plane.c + by });

const stretched = ({ gx, gy }: Plane, p: Vector, by: number): Vector => {
  const slope = Math.hypot(gx, gy);
  if (slope < 1e-12) return p;
  const steepest = { x: gx / slope, y: gy / slope };
  return plus(p, times(steepest, by * dot(p, steepest)));
};

/** A point of the sheet laid out in the plane: lengths between points laid out are true lengths of what lies on it. */
export const unfolded = (plane: Plane, p: Vector): Vector =>
  stretched(plane, p, Math.hypot(1, slopeOf(plane)) - 1);

/** A point laid out in the plane back on the sheet. */
export const folded = (plane: Plane, p: Vector): Vector =>
  stretched(plane, p, 1 / Math.hypot(1, slopeOf(plane)) - 1);

/** Solves the symmetric system of three for a plane through points, by its determinants; null where they lie on one line. */
function solved(m: readonly (readonly [number, number, number])[], v: readonly number[]): Plane | null {
  const [[a, b, c] = [0, 0, 0], [d, e, f] = [0, 0, 0], [g, h, i] = [0, 0, 0]] = m;
  const det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  if (Math.abs(det) < 1e-9) return null;
  const [p = 0, q = 0, r = 0] = v;
  return {
    gx: (p * (e * i - f * h) - b * (q * i - f * r) + c * (q * h - e * r)) / det,
    gy: (a * (q * i - f * r) - p * (d * i - f * g) + c * (d * r - q * g)) / det,
    c: (a * (e * r - q * h) - b * (d * r - q * g) + p * (d * h - e * g)) / det,
  };
}

/** The plane that lies nearest to measured heights, by least squares; level at their mean where they lie on one line. */
export function nearestPlane(spots: readonly (Vector & { readonly z: number })[]): Plane {
  let [n, x, y, z, xx, xy, yy, xz, yz] = [0, 0, 0, 0, 0, 0, 0, 0, 0];
  // From the middle out, so that far from the origin nothing is lost.
  const middle = spots.reduce((m, p) => plus(m, times(p, 1 / spots.length)), { x: 0, y: 0 });
  for (const p of spots) {
    const [u, v] = [p.x - middle.x, p.y - middle.y];
    n += 1;
    x += u;
    y += v;
    z += p.z;
    xx += u * u;
    xy += u * v;
    yy += v * v;
    xz += u * p.z;
    yz += v * p.z;
  }
  const flat: Plane = { gx: 0, gy: 0, c: n === 0 ? 0 : z / n };
  const best = solved(
    [
      [xx, xy, x],
      [xy, yy, y],
      [x, y, n],
    ],
    [xz, yz, z],
  );
  return best ? { ...best, c: best.c - best.gx * middle.x - best.gy * middle.y } : flat;
}

import { type Vector, betweenSegments, cross, distance, dot, lerp, minus, toSegment } from './vector';

/** Its straights, one after another. */
export function straights(line: readonly Vector[]): readonly (readonly [Vector, Vector])[] {
  return line.slice(1).flatMap((to, i) => {
    const from = line[i];
    return from ? [[from, to] as const] : [];
  });
}

/** A ring's straights, the last one back to its beginning. */
export const ringStraights = (ring: readonly Vector[]): readonly (readonly [Vector, Vector])[] =>
  ring[0] ? straights([...ring, ring[0]]) : [];

/** Distance from a point to a line of straights, m; Infinity to a line with none. */
export function toPolyline(p: Vector, line: readonly Vector[]): number {
  let least = Infinity;
  for (let i = 1; i < line.length; i++) {
    const [a, b] = [line[i - 1], line[i]];
    if (a && b) least = Math.min(least, toSegment(p, a, b));
  }
  return least;
}

/** Smallest distance between a straight and a line of straights, m; 0 where they cross. */
export function betweenLines(a: Vector, b: Vector, line: readonly Vector[]): number {
  let least = Infinity;
  for (let i = 1; i < line.length; i++) {
    const [c, d] = [line[i - 1], line[i]];
    if (c && d) least = Math.min(least, betweenSegments(a, b, c, d));
  }
  return least;
}

/**
 * How far a point lies beside a line, m: positive to the left of the way it runs, negative to the right; its ends go on
 * straight, so that ground beyond a boundary stake is still on one side or the other.
 */
export function besideLine(p: Vector, line: readonly Vector[]): number {
  const parts = straights(line);
  let nearest = Infinity;
  let signed = 0;
  parts.forEach(([a, b], i) => {
    const along = minus(b, a);
    const square = dot(along, along);
    if (square === 0) return;
    const free = dot(minus(p, a), along) / square;
    const least = i === 0 ? -Infinity : 0;
    const most = i === parts.length - 1 ? Infinity : 1;
    const foot = lerp(a, b, Math.max(least, Math.min(most, free)));
    const away = distance(p, foot);
    // At a bend two straights are equally near; the one that the point is more squarely beside decides.
    const square1 = Math.abs(cross(along, minus(p, a))) / Math.sqrt(square);
    if (away < nearest - 1e-9 || (away < nearest + 1e-9 && square1 > Math.abs(signed))) {
      nearest = away;
      signed = cross(along, minus(p, a)) >= 0 ? away : -away;
    }
  });
  return signed;
}

/** Whether a closed outline crosses or touches itself, or has no area. */
export function tangled(outline: readonly Vector[]): boolean {
  const parts = ringStraights(outline);
  const n = parts.length;
  for (let i = 0; i < n; i++) {
    const a = parts[i];
    if (!a || distance(a[0], a[1]) < 0.01) return true;
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue;
      const b = parts[j];
      if (b && betweenSegments(a[0], a[1], b[0], b[1]) < 0.005) return true;
    }
  }
  return false;
}

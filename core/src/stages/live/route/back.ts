import { straights } from '../../../ground/polyline';
import { type Vector, distance, dot, doubleArea, minus, plus, times } from '../../../ground/vector';
import { cornersAlong, lengthOf, placesAlong } from './loop';

/** So far beside the net its doubled-back end is drawn, m: inside a loop. */
const BESIDE = 0.15;
/** Less than this is taken up by the posts, m. */
const LEAST = 0.1;
/** At a sharp corner it is drawn no further out than so many times as far as beside a straight. */
const SHARPEST = 3;

/** To the left of a straight, square to it, 1 long. */
function square([a, b]: readonly [Vector, Vector]): Vector {
  const way = times(minus(b, a), 1 / distance(a, b));
  return { x: -way.y, y: way.x };
}

/** A line drawn beside another, m to the left of it. */
function beside(line: readonly Vector[], by: number): readonly Vector[] {
  const squares = straights(line).map(square);
  return line.map((p, i) => {
    const [n, m] = [squares[Math.max(0, i - 1)], squares[Math.min(squares.length - 1, i)]];
    if (!n || !m) return p;
    // Half the turn between two straights: cos² of it is (1 + cos of the turn) / 2.
    return plus(p, times(plus(n, m), by / Math.max(1 + dot(n, m), 2 / SHARPEST)));
  });
}

/**
 * Where what is over of a net lies: from its end back along it, beside it, as far as it reaches.
 *
 * @param over  m of net left over
 * @returns empty where next to nothing is over
 */
export function doubledBack(
  points: readonly Vector[],
  form: 'loop' | 'line',
  over: number,
): readonly Vector[] {
  if (over < LEAST) return [];
  const length = lengthOf(points, form);
  const begins = Math.max(0, length - over);
  const between = cornersAlong(points, form).filter((along) => along > begins && along < length);
  const way = [begins, ...between, length].map(placesAlong(points, form));
  const line = way.filter((p, i) => i === 0 || distance(p, way[i - 1] ?? p) > 1e-6);
  const by = form === 'loop' && doubleArea(points) < 0 ? -BESIDE : BESIDE;
  return [...beside(line, by)].reverse();
}

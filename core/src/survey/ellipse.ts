import type { Matrix } from 'ml-matrix';
import type { Ellipse } from './types';

/** √χ² of two degrees of freedom that 95 % of places stay within. */
const IN_95_OF_100 = 2.4477;

/**
 * The confidence ellipse of one place.
 *
 * @param cofactors  of an adjustment; `at` is the row of the place's x
 * @param deviation  standard deviation of a reading, m
 */
export function ellipseOf(cofactors: Matrix, at: number, deviation: number): Ellipse {
  const [xx, yy, xy] = [cofactors.get(at, at), cofactors.get(at + 1, at + 1), cofactors.get(at, at + 1)];
  const middle = (xx + yy) / 2;
  const spread = Math.hypot((xx - yy) / 2, xy);
  const axis = (square: number) => IN_95_OF_100 * deviation * Math.sqrt(Math.max(0, square));
  return { a: axis(middle + spread), b: axis(middle - spread), angle: Math.atan2(2 * xy, xx - yy) / 2 };
}

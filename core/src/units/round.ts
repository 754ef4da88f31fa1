/** What floating point may add to a whole number; counts are rounded up only after taking it off. */
export const EPSILON = 1e-9;

/**
 * The one place where a count is rounded up.
 *
 * @param x  a ratio or amount, dimensionless
 * @returns the smallest whole number not below `x − 1e-9`; 16.8 / 2.4 gives 7, never 8
 */
export function roundUp(x: number): number {
  const up = Math.ceil(x - EPSILON);
  return up === 0 ? 0 : up; // no negative zero
}

/** Lengths closer than this are the same length on any tape, m. */
export const TOUCH = 1e-6;

/** Rounds to a tenth of a millimetre, so that sums of typed lengths print and compare cleanly, m. */
export function tidy(length: number): number {
  const rounded = Math.round(length * 1e4) / 1e4;
  return rounded === 0 ? 0 : rounded;
}

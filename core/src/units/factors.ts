/** One international foot and inch, m (exact since 1959). */
export const FOOT = 0.3048;
export const INCH = 0.0254;

/** US steel wire gauge to diameter, mm (rules: Mesh). A higher gauge is thinner. */
const GAUGES: readonly (readonly [gauge: string, diameter: number])[] = [
  ['9', 3.77],
  ['10', 3.43],
  ['11', 3.06],
  ['12', 2.68],
  ['12½', 2.51],
  ['14', 2.03],
  ['16', 1.59],
  ['17', 1.37],
  ['18', 1.21],
  ['19', 1.04],
  ['20', 0.88],
  ['22', 0.73],
  ['23', 0.66],
];

/**
 * The US steel wire gauge whose diameter is nearest.
 *
 * @param diameter  wire diameter, m
 * @returns the gauge as said in a yard, or undefined when the nearest is more than 0.04 mm away
 */
export function gaugeOf(diameter: number): string | undefined {
  const mm = diameter * 1000;
  const best = GAUGES.reduce((a, b) => (Math.abs(b[1] - mm) < Math.abs(a[1] - mm) ? b : a));
  return Math.abs(best[1] - mm) <= 0.04 ? best[0] : undefined;
}

/** kg. */
export const POUND = 0.45359237;

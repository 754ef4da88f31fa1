/** Pressure of a gust on what is closed, Pa for m/s; open beneath it counts double (rules: Cover). */
const PRESSURE = 0.6;
const OPEN_BENEATH = 2;

/** Uplift of a cover so large, kN. @param gust  m/s; @param area  in plan, m² */
export const upliftOf = (gust: number, area: number, beneath: 'open' | 'closed'): number =>
  (PRESSURE * gust ** 2 * area * (beneath === 'open' ? OPEN_BENEATH : 1)) / 1000;

/** Of a gust on a wall, kPa. */
export const windOn = (gust: number): number => (PRESSURE * gust ** 2) / 1000;

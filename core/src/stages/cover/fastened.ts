/** Screws with washers along a purlin, m (rules: Walls): where the wind works. */
export const SCREW_EACH = 0.25;
/** Ties round the edge of a net. */
export const TIE_EACH = 0.3;

/** Lengths and rooms of nets are the same within this, m. */
export const SAME = 1e-4;

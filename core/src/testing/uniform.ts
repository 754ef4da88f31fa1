import fc from 'fast-check';

const STEPS = 1_000_000;

/** A figure anywhere between two, evenly: the library's own doubles are nearly all next to nothing. */
export const uniform = (min: number, max: number): fc.Arbitrary<number> =>
  fc.integer({ min: 0, max: STEPS }).map((n) => min + ((max - min) * n) / STEPS);

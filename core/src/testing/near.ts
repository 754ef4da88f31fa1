import { expect } from '@jest/globals';

/** A figure to so many decimals, for use inside an expected object. */
export const near = (figure: number, decimals = 9): number =>
  // A matcher stands where the figure would: the types of an expected object know figures only.
  expect.closeTo(figure, decimals) as unknown as number;

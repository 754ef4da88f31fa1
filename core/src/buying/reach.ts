/** What rolls side by side reach together, each lapping the one before it, m. */
export const reachOf = (widths: readonly number[], lap: number): number =>
  widths.reduce((a, b) => a + b, 0) - (widths.length - 1) * lap;

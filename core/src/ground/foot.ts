/** What lies at the foot of a side: whether anything closes the ground there, and how high stones lie outside, m. */
export interface Foot {
  readonly closed: boolean;
  readonly stones: number;
}

/** What lies at the foot of a side: whether anything closes the ground there, how high its mesh stands up the wall, and how high stones lie outside, m. */
export interface Foot {
  readonly closed: boolean;
  readonly up: number;
  readonly stones: number;
}

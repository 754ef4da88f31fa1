/** What lies at the foot of a side: whether anything closes the ground there, and under a leaf as well, how high its mesh stands up the wall, and how high stones lie outside, m. */
export interface Foot {
  readonly closed: boolean;
  /** What lies in the ground passes under a leaf; what lies flat on it ends in front of one. */
  readonly beneath: boolean;
  readonly up: number;
  readonly stones: number;
}

/** Rough figures of arches (rules: Arched runs). What holds kN, hours person-hours. */
export const ROUGH = {
  /** A stake of a base board, pulled up or pushed aside. */
  stakeHolds: 0.5,
  hoursArchPanel: 0.5,
  hoursArchHoop: 0.2,
} as const;

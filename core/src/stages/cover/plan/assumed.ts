/** Rough figures of covers (rules: Cover). Snow kPa, gusts m/s, what holds kN, hours person-hours. */
export const ROUGH = {
  /** Of snow lying on the ground. */
  groundSnow: 0.6,
  gust: 25,
  /** A strap with both its anchors. */
  strapHolds: 1.0,
  screwHolds: 0.4,
  /** A square metre of strips or sheets, and of net or film. */
  hoursCoverStrip: 0.12,
  hoursCoverNet: 0.04,
} as const;

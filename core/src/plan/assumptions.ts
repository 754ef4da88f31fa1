import { ROUGH as ARCH } from '../stages/arch/plan/assumed';
import { ROUGH as COVER } from '../stages/cover/plan/assumed';
import { ROUGH as LIVE } from '../stages/live/plan/assumed';

/**
 * Figures that are rough by nature, shown to the keeper as assumptions and open to change. Lengths m, hours person-hours.
 * Rules: Assumptions.
 */
export const ASSUMPTIONS = {
  /** Turned back round the post at every free end of mesh. */
  endAllowance: 0.1,
  /** Paid by the piece further along at a joint. */
  jointLap: 0.15,
  /** Least lap of one band over another. */
  bandLap: 0.05,
  /** Yield of a 20 kg bag of dry concrete mix, m³. */
  concreteBagVolume: 0.0095,
  /** A leaf is wider than its clear opening by this. */
  leafOverlap: 0.05,
  /** Ground under a swinging leaf may rise so much above its sill, m. */
  leafClearance: 0.05,
  /** Eaves stand out from the wall by this, m. */
  eaveOverhang: 0.2,
  /** A way that a barrow is to pass is at least so wide, m. */
  barrowLane: 1.0,
  hoursStakeOut: 1.0,
  hoursPostDug: 0.5,
  hoursPostDriven: 0.12,
  hoursPostSpike: 0.25,
  hoursConcrete: 0.2,
  hoursMeshMetre: 0.08,
  /** Mesh of a fence that stands taken off, a metre and band. */
  hoursTakeOffMetre: 0.05,
  hoursTrenchCubicMetre: 4.4,
  hoursApronMetre: 0.1,
  /** Stones carried and laid, a cubic metre. */
  hoursStoneCubicMetre: 4.0,
  /** Dry mix turned and poured into a strip, a bag. */
  hoursConcreteBag: 0.05,
  hoursBoardMetre: 0.05,
  hoursGateKit: 0.7,
  hoursGateBuilt: 2.0,
  hoursPopDoor: 0.7,
  ...ARCH,
  ...COVER,
  ...LIVE,
  /** Elapsed hours with a second person, of the hours alone. */
  secondPerson: 0.6,
} as const;

/** What would make nothing of a sum at nothing is more than that. */
export const LEAST: Readonly<Partial<Record<keyof typeof ASSUMPTIONS, number>>> = {
  concreteBagVolume: 0.001,
};

export type AssumptionId = keyof typeof ASSUMPTIONS;
export type Assumptions = Readonly<Record<AssumptionId, number>>;

/** How the soil stretches ground work (rules: Hours). */
export const SOIL_FACTORS = { sand: 0.8, loam: 1, clay: 1.5, stony: 2.2 } as const;
export type Soil = keyof typeof SOIL_FACTORS;

/** Rough figures of live nets (rules: Live nets). Energies J, currents A, hours person-hours. */
export const ROUGH = {
  /** Needed for each 50 m on a mown strip, in light and in heavy growth. */
  joulesMown: 0.15,
  joulesLight: 0.3,
  joulesHeavy: 0.6,
  /** Current for each joule needed, and beside it. */
  drawPerJoule: 0.2,
  drawAlways: 0.02,
  /** Of a battery's capacity that is used. */
  batteryShare: 0.5,
  /** Of what a panel is rated at that reaches the battery. */
  solarShare: 0.7,
  /** Peak-sun hours for each kWh a square metre outside the air. */
  sunShare: 0.45,
  hoursNet: 0.4,
  hoursHotWireMetre: 0.03,
  hoursRod: 0.25,
  hoursEnergiser: 0.75,
} as const;

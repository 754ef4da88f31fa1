import type { TermCode } from './params';

/** What a rough figure can change. */
export type Touches = 'price' | 'hours' | 'findings';

/** A rough figure as the keeper sees it. */
export interface AssumedRow {
  readonly name: string;
  /** In which it is kept and typed: m and m³ of the plan’s own units, hours a person, snow kPa, forces kN, gusts m/s, energies J, currents A. */
  readonly unit: 'm' | 'm³' | 'h' | 'share' | 'kPa' | 'kN' | 'm/s' | 'J' | 'A';
  readonly touches: readonly Touches[];
  /** Terms of workings in which it stands. */
  readonly told: readonly TermCode[];
}

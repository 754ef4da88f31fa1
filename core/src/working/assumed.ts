import type { TermCode } from './params';

/** What a rough figure can change. */
export type Touches = 'price' | 'hours' | 'findings';

/** A rough figure as the keeper sees it. */
export interface AssumedRow {
  readonly name: string;
  /** In which it is kept: m, m³, hours a person, snow kPa, forces kN, gusts m/s, energies J, currents A. It is shown and typed in the plan’s own units. */
  readonly unit: 'm' | 'm³' | 'h' | 'share' | 'kPa' | 'kN' | 'm/s' | 'J' | 'A';
  /** For a plan in feet where the figure is for a metre, a square or a cubic one: its name, and how many of ours one of theirs is. */
  readonly feet?: { readonly name: string; readonly per: number } | undefined;
  readonly touches: readonly Touches[];
  /** Terms of workings in which it stands. */
  readonly told: readonly TermCode[];
}

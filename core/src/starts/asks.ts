import { FOOT } from '../units/factors';
import type { UnitSystem } from '../units/parseLength';
import { tidy } from '../units/round';

/** A length that a start asks for beside the birds. */
export interface Ask {
  readonly name: string;
  /** What may be given, m. */
  readonly least: number;
  readonly most: number;
  /** Drawn until something is given, m; null where it follows from the birds. */
  readonly usual: (units: UnitSystem) => number | null;
}

const either = (metres: number, feet: number) => (units: UnitSystem) =>
  units === 'imperial' ? tidy(feet * FOOT) : metres;
const byBirds = () => null;

const TABLE = {
  house: { name: 'Wall of the house', least: 0.3, most: 100, usual: either(1.8, 6) },
  houseDepth: { name: 'Its other wall', least: 0.3, most: 100, usual: either(1.2, 4) },
  stands: { name: 'Height of the fence', least: 0.3, most: 4, usual: either(1.5, 5) },
  longer: { name: 'Longer by', least: 1, most: 100, usual: either(3, 10) },
  width: { name: 'Width', least: 1, most: 100, usual: byBirds },
  depth: { name: 'Depth', least: 1, most: 100, usual: byBirds },
  roofWidth: { name: 'Roof, along its posts', least: 1, most: 100, usual: byBirds },
  roofDepth: { name: 'Roof, front to back', least: 1, most: 100, usual: byBirds },
  eave: { name: 'Height under its eave', least: 1, most: 3, usual: either(1.75, 5 + 10 / 12) },
  roofHigh: { name: 'Height at its high side', least: 1, most: 6, usual: either(2.1, 7) },
} as const satisfies Readonly<Record<string, Ask>>;

export type AskId = keyof typeof TABLE;
/** Everything that a start can ask for. */
export const ASKS: Readonly<Record<AskId, Ask>> = TABLE;
/** Lengths given, m; what is not given is proposed. */
export type Sizes = Readonly<Partial<Record<AskId, number>>>;

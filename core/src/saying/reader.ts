import type { UnitSystem } from '../units';
import type { TermUnit } from '../units/termUnit';

/** How one reader wants figures: units and money. Sentences are English for now. */
export interface Reader {
  readonly system: UnitSystem;
  length(metres: number): string;
  /** What is cut or bought, and what nobody measured finer: to a centimetre or half an inch. */
  about(metres: number): string;
  /** As a tape is read between stakes: to half a centimetre, or a sixteenth of an inch. */
  tape(metres: number): string;
  opening(metres: number): string;
  area(squareMetres: number): string;
  money(minor: number): string;
  /** A grade, rise over run: `7.5 %`. */
  grade(ratio: number): string;
  /** A value in any unit of a working. */
  amount(value: number, unit: TermUnit): string;
}

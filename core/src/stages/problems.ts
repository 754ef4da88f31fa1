import type { Finding } from '../findings/types';
import type { RingSide } from '../ground/survey';
import type { Chosen, Facet } from '../plan/effective';
import type { OpeningPlace } from '../plan/openingPlace';
import type { Plan } from '../plan/schema';

/** What may make a plan impossible to set out: little enough to be looked at while a corner is dragged. */
export interface ProblemsBy {
  /** Sides of all rings, a shared one once, by id. */
  readonly sides: ReadonlyMap<string, RingSide>;
  readonly openings: readonly OpeningPlace[];
  readonly pins: Plan['postPins'];
  readonly buildings: Plan['ground']['buildings'];
  readonly spacing: Chosen<Facet<'spacing'>>;
  readonly enclosures: Plan['enclosures'];
}

/** What of one stage blocks. */
export type Problems = (by: ProblemsBy) => readonly Finding[];

import type { StageTerms } from '../stages/words';

/**
 * Every kind of term that a working is made of, with what its sentence needs. Lengths m, money minor units.
 * Those of the stages have their sentences there, all others in `words/terms`.
 */
export interface TermParams extends StageTerms {
  /** Docket */
  'docket.price': object;
  'docket.units': { readonly size: number; readonly unit: 'm' | 'piece' };
  'docket.unit-count': object;
  'docket.unit-price': object;
  'docket.total': object;
  'docket.line': { readonly line: string };
  'docket.delivery': { readonly yard: string };
  'docket.tax': { readonly rate: number };
  'docket.kit': { readonly width: number };
  'docket.piece': { readonly width: number; readonly length: number };
  'docket.pop-door': { readonly width: number };
  'docket.hatch': { readonly width: number };
  'docket.spikes': object;
}

export type TermCode = keyof TermParams;

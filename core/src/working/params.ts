import type { ParamsBy } from '../saying/sentences';
import type { TERMS } from '../stages/words';

/** Every kind of term that a working is made of, with what its sentence needs. */
export type TermParams = ParamsBy<typeof TERMS>;

export type TermCode = keyof TermParams;

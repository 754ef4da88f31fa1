import { inUnits } from '../saying/inUnits';
import { capital } from '../saying/phrases';
import type { Reader } from '../saying/reader';
import { THREATS, type ThreatId } from '../stages/threats/plan/kinds';
import type { Reason, ReasonCode } from './rated/types';
import { REASONS } from './words';

type Sentences = { readonly [C in ReasonCode]: (params: never, reader: Reader) => string };
const SENTENCES: Sentences = REASONS;

/** Why a part is rated as it is, as a clause: `it climbs any mesh and post, and nothing lies over the run`. */
export function sayBecause(reason: Reason, reader: Reader): string {
  const sentence = SENTENCES[reason.code] as (params: object, reader: Reader) => string;
  return inUnits(sentence(reason.params, reader), reader.system);
}

/** The same as a sentence of its own, with who comes. */
export const sayWhy = (threat: ThreatId, reason: Reason, reader: Reader): string =>
  `${capital(THREATS[threat].name)}: ${sayBecause(reason, reader)}.`;

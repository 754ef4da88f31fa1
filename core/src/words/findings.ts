import type { FindingCode, FindingParams, ToldFinding } from '../findings/types';
import { inUnits } from '../saying/inUnits';
import { type Reader } from '../saying/makeReader';
import { FINDINGS } from '../stages/words';

type Sentences = { readonly [C in FindingCode]: (params: FindingParams[C], reader: Reader) => string };

const SENTENCES: Sentences = FINDINGS;

/** One sentence: what is wrong and how to mend it. */
export function sayFinding(finding: ToldFinding, reader: Reader): string {
  const sentence = SENTENCES[finding.code] as (params: object, reader: Reader) => string;
  return inUnits(sentence(finding.params, reader), reader.system);
}

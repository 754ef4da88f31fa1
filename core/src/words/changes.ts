import type { Market } from '../catalogue/market';
import { type Change, type ChangeOf, type Verb } from '../plan/changes';
import { inUnits } from '../saying/inUnits';
import { type Reader } from '../saying/makeReader';
import { CHANGES } from '../stages/words';

type Sentences = { readonly [V in Verb]: (change: ChangeOf<V>, reader: Reader, market: Market) => string };

/** What each change does, as its button or its undo step says it. */
const SENTENCES: Sentences = CHANGES;

export function sayChange(change: Change, reader: Reader, market: Market): string {
  const sentence = SENTENCES[change.verb] as (change: Change, reader: Reader, market: Market) => string;
  return inUnits(sentence(change, reader, market), reader.system);
}

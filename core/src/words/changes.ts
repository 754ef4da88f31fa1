import type { Market } from '../catalogue/market';
import { type Change, type ChangeOf, type Verb } from '../plan/changes';
import { type Reader } from './reader';
import { counted } from '../saying/phrases';
import { CHANGES } from '../stages/words';

type Sentences = { readonly [V in Verb]: (change: ChangeOf<V>, reader: Reader, market: Market) => string };

/** What each change does, as its button or its undo step says it. */
const SENTENCES: Sentences = {
  ...CHANGES,
  'set-yards': ({ yards }, _, market) =>
    yards.length > 1
      ? 'Buy at both yards, each line where the whole is cheapest'
      : `Buy everything at ${market.yard(yards[0] ?? '').name}`,
  'buy-from': ({ yard }, _, market) =>
    yard === null ? 'Buy it where the whole is cheapest' : `Buy it at ${market.yard(yard).name}`,
  'set-fetching': ({ yard, goods }, _, market) =>
    goods === 'fetched'
      ? `Fetch from ${market.yard(yard).name}`
      : `Have it delivered by ${market.yard(yard).name}`,
  'take-prices': () => 'Take today’s prices',
  'set-owned': () => 'Use a piece from the shed',
  'remove-owned': () => 'Leave a piece in the shed',
  'set-extra': ({ extra }, r) =>
    `Cut ${counted(extra.count, 'piece')} of ${r.length(extra.width)} by ${r.length(extra.height)}`,
  'remove-extra': () => 'Take the piece out',
};

export function sayChange(change: Change, reader: Reader, market: Market): string {
  const sentence = SENTENCES[change.verb] as (change: Change, reader: Reader, market: Market) => string;
  return sentence(change, reader, market);
}

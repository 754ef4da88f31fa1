import type { VERBS } from '../verbs';
import { counted } from '../../../saying/phrases';
import { type Reader } from '../../../saying/reader';
import { type Market } from '../../../catalogue/market';

type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'set-yards': ({ yards }: Of<'set-yards'>, _: Reader, market: Market) =>
    yards.length > 1
      ? 'Buy at both yards, whichever split costs least overall'
      : `Buy everything at ${market.yard(yards[0] ?? '').name}`,
  'buy-from': ({ yard }: Of<'buy-from'>, _: Reader, market: Market) =>
    yard === null ? 'Buy it wherever the whole costs least' : `Buy it at ${market.yard(yard).name}`,
  'set-terms': ({ yard }: Of<'set-terms'>, _: Reader, market: Market) =>
    `Put in what ${market.yard(yard).name} asks for delivery or tax`,
  'set-fetching': ({ yard, goods }: Of<'set-fetching'>, _: Reader, market: Market) =>
    goods === 'fetched'
      ? `Fetch from ${market.yard(yard).name}`
      : `Have it delivered by ${market.yard(yard).name}`,
  'take-prices': () => 'Use today’s prices',
  'tick-bought': ({ done }: Of<'tick-bought'>) => (done === 'yes' ? 'Tick it as bought' : 'Untick it'),
  'set-currency': ({ currency }: Of<'set-currency'>) =>
    currency === 'XXX' ? 'Show prices without a currency' : `Buy in ${currency}`,
  'set-owned': () => 'Use a piece from the shed',
  'remove-owned': () => 'Leave a piece in the shed',
  'set-extra': ({ extra }: Of<'set-extra'>, r: Reader) =>
    `Cut ${counted(extra.count, 'piece')} of ${r.length(extra.width)} by ${r.length(extra.height)}`,
  'remove-extra': () => 'Remove the piece',
} as const;

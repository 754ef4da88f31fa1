import {
  EDITIONS,
  LATEST_EDITION,
  type OwnOffer,
  type Problem,
  currencySchema,
  dateSchema,
  idSchema,
  ownOfferSchema,
} from '@aviarum/core';
import { knownOf } from '@aviarum/core/prices';
import { z } from 'zod';

export const priceSchema = z.strictObject({
  id: idSchema,
  yard: idSchema,
  offer: ownOfferSchema,
  asOf: dateSchema,
  /** As it is answered; the list of its yard says it. */
  currency: z.optional(currencySchema),
});
export const yardListSchema = z.strictObject({ yard: idSchema, currency: currencySchema });
export interface Price {
  readonly id: string;
  readonly yard: string;
  readonly offer: OwnOffer;
  readonly asOf: string;
  readonly currency?: string | undefined;
}

/** The newest edition. @throws RangeError when it is gone, which is a bug */
export function latest() {
  const edition = EDITIONS[LATEST_EDITION];
  if (!edition) throw new RangeError(`no edition ${LATEST_EDITION}`);
  return edition;
}

/**
 * Prices name yards and products that exist.
 *
 * @param own  the holding's own products
 * @param at   where the list of prices stands; null for one price alone
 */
export function checkPrices(
  prices: readonly Price[],
  own: readonly { readonly id: string }[],
  at: string | null,
): readonly Problem[] {
  const known = knownOf(latest(), own);
  return prices.flatMap(({ yard, offer }, i): Problem[] => {
    const here = at === null ? '' : `${at}/${i}`;
    const products = offer.kind === 'pack' ? [offer.product] : known.products[offer.kind];
    return [
      ...(known.yards.includes(yard)
        ? []
        : [
            { code: 'unknown', pointer: `${here}/yard`, message: `must be one of ${known.yards.join(', ')}` },
          ]),
      ...(products.includes(offer.product)
        ? []
        : [
            {
              code: 'unknown',
              pointer: `${here}/offer/product`,
              message: `there is no ${offer.kind} “${offer.product}”`,
            },
          ]),
    ];
  });
}

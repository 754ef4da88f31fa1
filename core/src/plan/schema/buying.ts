import { z } from 'zod';
import { PACK_IDS } from '../../catalogue/packs';
import { id, length } from './common';

export const ownMesh = z.strictObject({
  id,
  type: z.enum([
    'fine-welded',
    'welded',
    'hexagonal',
    'chain-link',
    'woven',
    'stock-panel',
    'close-panel',
    'cover-net',
    'plastic',
  ]),
  opening: z.strictObject({ up: length(0.001, 0.5), along: length(0.001, 0.5) }),
  wire: length(0.0001, 0.02),
  widths: z.array(length(0.05, 6)).min(1).max(12),
  lengths: z.array(length(0.5, 500)).min(1).max(12),
});

export const price = z.int().min(0).max(1_000_000_000).describe('Integer minor units.');
export const offer = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('roll'),
    product: id,
    width: length(0.05, 6),
    length: length(0.5, 500),
    price,
  }),
  z.strictObject({ kind: z.literal('post'), product: id, length: length(0.3, 12), price }),
  z.strictObject({ kind: z.literal('kit'), product: id, width: length(0.15, 5), price }),
  z.strictObject({ kind: z.literal('timber'), product: id, length: length(0.3, 12), price }),
  z.strictObject({
    kind: z.literal('pack'),
    product: z.enum(PACK_IDS),
    count: z.int().min(1).max(100000),
    price,
  }),
]);

export const buying = z.strictObject({
  edition: z.string().max(20).describe('The catalogue edition whose products and prices this plan uses.'),
  pricesAsOf: z.iso.date(),
  yards: z.array(id).min(1).max(1),
  ownProducts: z.array(ownMesh).max(200),
  ownPrices: z.array(z.strictObject({ yard: id, offer })).max(1000),
});

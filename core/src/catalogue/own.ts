import * as z from 'zod/mini';
import { MESH_TYPE_IDS } from './meshTypes';
import { PACK_IDS } from './packs';
import { LENGTHS, textOf } from '../schema/text';
import { currency, day, id, length, meaning } from '../schema/common';

/** Mesh comes off rolls; nets, films and tarps are pieces up to 15 m wide and 30 long (rules: Cover). */
const WIDEST = 15;

export const ownMesh = z.strictObject({
  id,
  type: z.enum(MESH_TYPE_IDS),
  opening: z.strictObject({ up: length(0.001, 0.5), along: length(0.001, 0.5) }),
  wire: length(0.0001, 0.02),
  widths: z.array(length(0.05, WIDEST)).check(z.minLength(1), z.maxLength(12)),
  lengths: z.array(length(0.5, 500)).check(z.minLength(1), z.maxLength(12)),
});

export const price = z
  .int()
  .check(z.minimum(0), z.maximum(1_000_000_000))
  .apply(meaning('Integer minor units, as the yard states it.'));
const stock = z
  ._default(z.nullable(z.int().check(z.minimum(0), z.maximum(100000))), null)
  .apply(meaning('How many the yard holds; null where that is not said.'));
export const offer = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('roll'),
    product: id,
    width: length(0.05, WIDEST),
    length: length(0.5, 500),
    price,
    stock,
  }),
  z.strictObject({ kind: z.literal('post'), product: id, length: length(0.3, 12), price, stock }),
  z.strictObject({ kind: z.literal('kit'), product: id, width: length(0.15, 5), price, stock }),
  z.strictObject({ kind: z.literal('timber'), product: id, length: length(0.3, 12), price, stock }),
  z.strictObject({
    kind: z.literal('pack'),
    product: z.enum(PACK_IDS),
    count: z.int().check(z.minimum(1), z.maximum(100000)),
    price,
    stock,
  }),
]);

const ownedIds = {
  id,
  count: z.int().check(z.minimum(1), z.maximum(1000)).apply(meaning('How many alike.')),
  condition: z
    .enum(['sound', 'worn', 'poor'])
    .apply(meaning('Sound is as new; worn is used and looked over before; poor is not used.')),
  note: textOf(LENGTHS.note),
};
/** Something the keeper has already, new or salvaged. Lengths m. */
export const ownedPiece = z.discriminatedUnion('kind', [
  z.strictObject({
    ...ownedIds,
    kind: z.literal('roll'),
    product: id,
    width: length(0.05, WIDEST),
    length: length(0.05, 500),
  }),
  z.strictObject({ ...ownedIds, kind: z.literal('post'), product: id, length: length(0.3, 12) }),
  z.strictObject({ ...ownedIds, kind: z.literal('timber'), product: id, length: length(0.05, 12) }),
  z.strictObject({ ...ownedIds, kind: z.literal('kit'), product: id, width: length(0.15, 5) }),
  z
    .strictObject({ ...ownedIds, kind: z.literal('pack'), product: z.enum(PACK_IDS) })
    .apply(meaning('Single pieces, counted: staples, rings, catches.')),
]);

/** A piece of mesh wanted beside the fence, such as for a vent in the house. */
export const extraPiece = z.strictObject({
  id,
  name: textOf(LENGTHS.piece),
  mesh: id,
  width: length(0.05, 5),
  height: length(0.05, 5),
  count: z.int().check(z.minimum(1), z.maximum(100)),
});

/** `kind:product` of what is bought at one yard, such as `roll:fine-13`. */
const goods = z
  .string()
  .check(z.regex(/^(roll|post|timber|kit|pack):[A-Za-z0-9_-]{1,40}$/, 'must be such as roll:fine-13'));

/** A keeper's own price at a yard, with its date. */
export const ownPrice = z.strictObject({
  yard: id,
  offer,
  asOf: z._default(z.nullable(day), null),
  currency: z
    .optional(currency)
    .apply(meaning('In which the yard’s list is; left out where it names none, and is read in the plan’s.')),
});

const yardTerms = z.strictObject({
  delivery: z.optional(price).apply(meaning('Once a docket, as the yard states it.')),
  tax: z.optional(z.number().check(z.minimum(0), z.maximum(1))).apply(meaning('Rate, such as 0.2.')),
});

export const buying = z.strictObject({
  edition: textOf(20).apply(meaning('The catalogue edition whose products and prices this plan uses.')),
  pricesAsOf: day,
  yards: z
    .array(id)
    .check(z.minLength(1), z.maxLength(2))
    .apply(meaning('Where to buy; of two, each line where the whole with its deliveries is cheapest.')),
  from: z
    ._default(z.record(goods, id), {})
    .apply(meaning('Lines that are bought at one yard, whatever they cost.')),
  fetched: z
    ._default(z.array(id).check(z.maxLength(2)), [])
    .apply(meaning('Yards whose goods the keeper fetches: no delivery.')),
  terms: z
    ._default(z.record(id, yardTerms), {})
    .apply(meaning('What the keeper was told of a yard’s delivery and tax, by the yard.')),
  ownProducts: z.array(ownMesh).check(z.maxLength(200)),
  ownPrices: z.array(ownPrice).check(z.maxLength(1000)),
});

export type YardTerms = z.infer<typeof yardTerms>;
export type Buying = z.infer<typeof buying>;
export type OwnMesh = z.infer<typeof ownMesh>;
export type OwnOffer = z.infer<typeof offer>;
export type OwnPrice = Buying['ownPrices'][number];
export type OwnedPiece = z.infer<typeof ownedPiece>;
export type ExtraPiece = z.infer<typeof extraPiece>;

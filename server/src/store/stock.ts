import {
  type KeptYardList,
  type OwnMesh,
  type OwnOffer,
  type OwnedPiece,
  type ShedPiece,
  type YardList,
  minorDigits,
} from '@aviarum/core';
import { goodsKey } from '@aviarum/core/prices';
import type { Knex } from 'knex';
import type { Database } from './database';
import { LIMITS, atMostOf } from './limits';

/** A keeper's own price at a yard, with its date. */
export interface OwnPrice {
  readonly id: string;
  readonly yard: string;
  readonly offer: OwnOffer;
  /** ISO date. */
  readonly asOf: string;
}

/** A price with the currency that its yard's list is in; none where the list names none. */
export interface StatedPrice extends OwnPrice {
  readonly currency?: string;
}

/** Either reads; what is to be written by it reads under the lock (see `inHolding`). */
type Reader = Database | Knex.Transaction;

async function countOf(trx: Reader, table: string, holding: string): Promise<number> {
  const [row] = await trx(table).where({ holding_id: holding }).count<{ count: string }[]>('* as count');
  return Number(row?.count ?? 0);
}

export async function listProducts(db: Reader, holding: string): Promise<readonly OwnMesh[]> {
  const rows = await db('own_products')
    .where({ holding_id: holding })
    .orderBy('id')
    .select<{ product: OwnMesh }[]>('product');
  return rows.map((row) => row.product);
}

/**
 * Products in the order given, each in place of one of its id.
 *
 * @throws TooMany
 */
export async function putProducts(
  trx: Knex.Transaction,
  holding: string,
  products: readonly OwnMesh[],
): Promise<void> {
  if (products.length === 0) return;
  for (const product of products)
    await trx('own_products')
      .insert({ holding_id: holding, id: product.id, product: JSON.stringify(product) })
      .onConflict(['holding_id', 'id'])
      .merge(['product']);
  atMostOf('products', LIMITS.products, await countOf(trx, 'own_products', holding));
}

/** A product goes with its prices. */
export async function deleteProduct(trx: Knex.Transaction, holding: string, id: string): Promise<boolean> {
  await trx('own_prices')
    .where({ holding_id: holding })
    .whereRaw(`offer ->> 'kind' = 'roll' and offer ->> 'product' = ?`, [id])
    .delete();
  return (await trx('own_products').where({ holding_id: holding, id }).delete()) > 0;
}

export async function listPrices(db: Reader, holding: string): Promise<readonly StatedPrice[]> {
  const rows = await db('own_prices as p')
    .leftJoin('yard_lists as l', (on) =>
      on.on('l.holding_id', 'p.holding_id').andOn('l.yard', 'p.yard').andOnVal('l.currency', '<>', 'XXX'),
    )
    .where({ 'p.holding_id': holding })
    .orderBy('p.id')
    .select<(OwnPrice & { currency: string | null })[]>(
      'p.id',
      'p.yard',
      'p.offer',
      db.raw(`to_char(p.as_of, 'YYYY-MM-DD') as "asOf"`),
      'l.currency',
    );
  return rows.map(({ currency, ...price }) => (currency === null ? price : { ...price, currency }));
}

/** Every list that a keeper ever stated; one that names no currency any more is `XXX`. */
export async function listYardLists(db: Reader, holding: string): Promise<readonly KeptYardList[]> {
  return db('yard_lists')
    .where({ holding_id: holding })
    .orderBy('yard')
    .select<KeptYardList[]>('yard', 'currency', { saveNumber: 'save_number' });
}

/** @returns undefined where the list was changed since `basedOn`; `basedOn` undefined takes it as it is */
export async function putYardList(
  trx: Knex.Transaction,
  holding: string,
  { yard, currency }: YardList,
  basedOn: number | undefined,
): Promise<KeptYardList | undefined> {
  const before = await trx('yard_lists')
    .where({ holding_id: holding, yard })
    .first<KeptYardList | undefined>('yard', 'currency', { saveNumber: 'save_number' });
  // Asked for twice, or by two at once: it is so already, and nothing is shifted again.
  if (before?.currency === currency) return before;
  if (basedOn !== undefined && basedOn !== (before?.saveNumber ?? 0)) return undefined;
  const shift = minorDigits(currency) - minorDigits(before?.currency ?? 'XXX');
  if (shift !== 0) await shiftPrices(trx, holding, yard, shift);
  const [kept] = await trx('yard_lists')
    .insert({ holding_id: holding, yard, currency, save_number: (before?.saveNumber ?? 0) + 1 })
    .onConflict(['holding_id', 'yard'])
    .merge(['currency', 'save_number'])
    .returning<KeptYardList[]>(['yard', 'currency', 'save_number as saveNumber']);
  return kept;
}

/** States prices in other smallest units: the figures stay as they are written, so that 52.00 is 52 where there are none. What costs something costs something after. */
async function shiftPrices(trx: Knex.Transaction, holding: string, yard: string, shift: number) {
  await trx('own_prices')
    .where({ holding_id: holding, yard })
    .update({
      offer: trx.raw(
        `jsonb_set(offer, '{price}', to_jsonb(least(1000000000, greatest(
          case when (offer ->> 'price')::numeric > 0 then 1 else 0 end,
          round((offer ->> 'price')::numeric * power(10::numeric, ?))))::bigint))`,
        [shift],
      ),
    });
}

export async function insertYardLists(
  trx: Knex.Transaction,
  holding: string,
  lists: readonly YardList[],
): Promise<void> {
  if (lists.length > 0)
    await trx('yard_lists').insert(
      lists.map(({ yard, currency }) => ({ holding_id: holding, yard, currency })),
    );
}

/**
 * Prices in place of those of the same goods at the same yard, whoever named them.
 *
 * @throws TooMany
 */
export async function putPrices(
  trx: Knex.Transaction,
  holding: string,
  prices: readonly OwnPrice[],
): Promise<void> {
  if (prices.length === 0) return;
  const given = new Map(prices.map((p) => [goodsKey(p.yard, p.offer), p.id]));
  const before = await trx('own_prices')
    .where({ holding_id: holding })
    .select<OwnPrice[]>('id', 'yard', 'offer');
  const others = before
    .filter((p) => (given.get(goodsKey(p.yard, p.offer)) ?? p.id) !== p.id)
    .map((p) => p.id);
  if (others.length > 0)
    await trx('own_prices').where({ holding_id: holding }).whereIn('id', others).delete();
  const rows = prices.map(({ id, yard, offer, asOf }) => ({
    holding_id: holding,
    id,
    yard,
    offer: JSON.stringify(offer),
    as_of: asOf,
  }));
  for (let i = 0; i < rows.length; i += 200)
    await trx('own_prices')
      .insert(rows.slice(i, i + 200))
      .onConflict(['holding_id', 'id'])
      .merge(['yard', 'offer', 'as_of']);
  atMostOf('prices', LIMITS.prices, await countOf(trx, 'own_prices', holding));
}

export async function deletePrice(db: Database, holding: string, id: string): Promise<boolean> {
  return (await db('own_prices').where({ holding_id: holding, id }).delete()) > 0;
}

export async function listPieces(db: Reader, holding: string): Promise<readonly OwnedPiece[]> {
  const rows = await db('owned_pieces')
    .where({ holding_id: holding })
    .orderBy('id')
    .select<{ piece: OwnedPiece }[]>('piece');
  return rows.map((row) => row.piece);
}

/** The shed, each piece with the plans that count on it. Every plan is looked into once, however many pieces there are. */
export async function listShed(db: Reader, holding: string): Promise<readonly ShedPiece[]> {
  const pieces = await listPieces(db, holding);
  const { rows } = await db.raw<{ rows: { piece: string; plan: string; name: string }[] }>(
    `select distinct o.id as piece, p.id as plan, p.name
     from plans p
       cross join lateral jsonb_array_elements(p.document -> 'owned') as claimed
       join owned_pieces o on o.holding_id = p.holding_id and o.id = claimed ->> 'id'
     where p.holding_id = ? and p.deleted_at is null and jsonb_typeof(p.document -> 'owned') = 'array'
     order by 1, 2`,
    [holding],
  );
  const claims = new Map<string, { plan: string; name: string }[]>();
  for (const { piece, plan, name } of rows) {
    const claimants = claims.get(piece) ?? [];
    claims.set(piece, claimants);
    claimants.push({ plan, name });
  }
  return pieces.map((piece) => ({ piece, claims: claims.get(piece.id) ?? [] }));
}

/** @throws TooMany */
export async function putPieces(
  trx: Knex.Transaction,
  holding: string,
  pieces: readonly OwnedPiece[],
): Promise<void> {
  if (pieces.length === 0) return;
  for (const piece of pieces)
    await trx('owned_pieces')
      .insert({ holding_id: holding, id: piece.id, piece: JSON.stringify(piece) })
      .onConflict(['holding_id', 'id'])
      .merge(['piece']);
  atMostOf('pieces in the shed', LIMITS.pieces, await countOf(trx, 'owned_pieces', holding));
}

export async function deletePiece(db: Database, holding: string, id: string): Promise<boolean> {
  return (await db('owned_pieces').where({ holding_id: holding, id }).delete()) > 0;
}

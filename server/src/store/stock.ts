import {
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

export async function listProducts(db: Database, holding: string): Promise<readonly OwnMesh[]> {
  const rows = await db('own_products')
    .where({ holding_id: holding })
    .orderBy('id')
    .select<{ product: OwnMesh }[]>('product');
  return rows.map((row) => row.product);
}

/** A product with its prices, all or none: with some of them it would be bought wrongly. */
export async function putProduct(
  db: Database,
  holding: string,
  product: OwnMesh,
  prices: readonly OwnPrice[],
): Promise<void> {
  await db.transaction(async (trx) => {
    await insertProducts(trx, holding, [product]);
    await insertPrices(trx, holding, prices);
  });
}

export async function insertProducts(
  trx: Knex.Transaction,
  holding: string,
  products: readonly OwnMesh[],
): Promise<void> {
  for (const product of products)
    await trx('own_products')
      .insert({ holding_id: holding, id: product.id, product: JSON.stringify(product) })
      .onConflict(['holding_id', 'id'])
      .merge(['product']);
}

/** A product goes with its prices. */
export async function deleteProduct(db: Database, holding: string, id: string): Promise<boolean> {
  return db.transaction(async (trx) => {
    await trx('own_prices')
      .where({ holding_id: holding })
      .whereRaw(`offer ->> 'kind' = 'roll' and offer ->> 'product' = ?`, [id])
      .delete();
    return (await trx('own_products').where({ holding_id: holding, id }).delete()) > 0;
  });
}

export async function listPrices(db: Database, holding: string): Promise<readonly StatedPrice[]> {
  const rows = await db('own_prices as p')
    .leftJoin('yard_lists as l', (on) => on.on('l.holding_id', 'p.holding_id').andOn('l.yard', 'p.yard'))
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

/** The currencies of the yards' lists, where they name one. */
export async function listYardLists(db: Database, holding: string): Promise<readonly YardList[]> {
  return db('yard_lists')
    .where({ holding_id: holding })
    .orderBy('yard')
    .select<YardList[]>('yard', 'currency');
}

/**
 * States a yard's list in another currency: the figures stay as they are written, so that 52.00 is 52 where there are no smaller units.
 *
 * @param currency  `XXX` for none
 */
export async function putYardList(
  db: Database,
  holding: string,
  { yard, currency }: YardList,
): Promise<void> {
  await db.transaction(async (trx) => {
    const before = await trx('yard_lists')
      .where({ holding_id: holding, yard })
      .forUpdate()
      .first<{ currency: string } | undefined>('currency');
    const shift = minorDigits(currency) - minorDigits(before?.currency ?? 'XXX');
    if (shift !== 0)
      await trx('own_prices')
        .where({ holding_id: holding, yard })
        .update({
          offer: trx.raw(
            `jsonb_set(offer, '{price}', to_jsonb(least(1000000000, greatest(0, round((offer ->> 'price')::numeric * power(10::numeric, ?))))::bigint))`,
            [shift],
          ),
        });
    await insertYardLists(trx, holding, [{ yard, currency }]);
  });
}

export async function insertYardLists(
  trx: Knex.Transaction,
  holding: string,
  lists: readonly YardList[],
): Promise<void> {
  for (const { yard, currency } of lists) {
    await trx('yard_lists').where({ holding_id: holding, yard }).delete();
    if (currency !== 'XXX') await trx('yard_lists').insert({ holding_id: holding, yard, currency });
  }
}

export async function insertPrices(
  trx: Knex.Transaction,
  holding: string,
  prices: readonly OwnPrice[],
): Promise<void> {
  const given = new Map(prices.map((p) => [goodsKey(p.yard, p.offer), p.id]));
  const before = await trx('own_prices')
    .where({ holding_id: holding })
    .select<OwnPrice[]>('id', 'yard', 'offer');
  // The same goods at the same yard have one price, whoever named it.
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
}

export async function deletePrice(db: Database, holding: string, id: string): Promise<boolean> {
  return (await db('own_prices').where({ holding_id: holding, id }).delete()) > 0;
}

/** Prices all or none: a price for the same goods at the same yard is replaced. */
export async function putPrices(db: Database, holding: string, prices: readonly OwnPrice[]): Promise<void> {
  await db.transaction((trx) => insertPrices(trx, holding, prices));
}

/** The shed, each piece with the plans that count on it. */
export async function listShed(db: Database, holding: string): Promise<readonly ShedPiece[]> {
  const rows = await db('owned_pieces as o')
    .where({ 'o.holding_id': holding })
    .orderBy('o.id')
    .select<ShedPiece[]>(
      'o.piece',
      db.raw(`(
        select coalesce(json_agg(json_build_object('plan', p.id, 'name', p.name) order by p.id), '[]')
        from plans p
        where p.holding_id = o.holding_id
          and p.deleted_at is null
          and p.document->'owned' @> jsonb_build_array(jsonb_build_object('id', o.id))
      ) as claims`),
    );
  return rows;
}

export async function insertPieces(
  db: Database | Knex.Transaction,
  holding: string,
  pieces: readonly OwnedPiece[],
): Promise<void> {
  for (const piece of pieces)
    await db('owned_pieces')
      .insert({ holding_id: holding, id: piece.id, piece: JSON.stringify(piece) })
      .onConflict(['holding_id', 'id'])
      .merge(['piece']);
}

export const putPiece = (db: Database, holding: string, piece: OwnedPiece): Promise<void> =>
  insertPieces(db, holding, [piece]);

export async function deletePiece(db: Database, holding: string, id: string): Promise<boolean> {
  return (await db('owned_pieces').where({ holding_id: holding, id }).delete()) > 0;
}

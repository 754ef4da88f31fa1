import type { OwnMesh, OwnOffer } from '@aviarum/core';
import type { Database } from './database';

/** A keeper's own price at a yard, with its date. */
export interface OwnPrice {
  readonly id: string;
  readonly yard: string;
  readonly offer: OwnOffer;
  /** ISO date. */
  readonly asOf: string;
}

export async function listProducts(db: Database, holding: string): Promise<readonly OwnMesh[]> {
  const rows = await db('own_products')
    .where({ holding_id: holding })
    .orderBy('id')
    .select<{ product: OwnMesh }[]>('product');
  return rows.map((row) => row.product);
}

export async function putProduct(db: Database, holding: string, product: OwnMesh): Promise<void> {
  await db('own_products')
    .insert({ holding_id: holding, id: product.id, product: JSON.stringify(product) })
    .onConflict(['holding_id', 'id'])
    .merge(['product']);
}

export async function deleteProduct(db: Database, holding: string, id: string): Promise<boolean> {
  return (await db('own_products').where({ holding_id: holding, id }).delete()) > 0;
}

export async function listPrices(db: Database, holding: string): Promise<readonly OwnPrice[]> {
  return db('own_prices')
    .where({ holding_id: holding })
    .orderBy('id')
    .select<OwnPrice[]>('id', 'yard', 'offer', db.raw(`to_char(as_of, 'YYYY-MM-DD') as "asOf"`));
}

export async function putPrice(db: Database, holding: string, price: OwnPrice): Promise<void> {
  await db('own_prices')
    .insert({
      holding_id: holding,
      id: price.id,
      yard: price.yard,
      offer: JSON.stringify(price.offer),
      as_of: price.asOf,
    })
    .onConflict(['holding_id', 'id'])
    .merge(['yard', 'offer', 'as_of']);
}

export async function deletePrice(db: Database, holding: string, id: string): Promise<boolean> {
  return (await db('own_prices').where({ holding_id: holding, id }).delete()) > 0;
}

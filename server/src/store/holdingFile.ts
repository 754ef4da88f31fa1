import { type OwnMesh, type OwnedPiece, type Plan, type YardList, completePlan } from '@aviarum/core';
import type { Database } from './database';
import type { Holding } from '@aviarum/core';
import {
  type OwnPrice,
  insertPieces,
  insertPrices,
  insertProducts,
  listPrices,
  listProducts,
  listShed,
  listYardLists,
  insertYardLists,
} from './stock';

/** A whole holding as one document. */
export interface HoldingFile {
  readonly format: 'aviarum-holding';
  readonly formatVersion: 1;
  readonly name: string;
  readonly plans: readonly Plan[];
  readonly shed: readonly OwnedPiece[];
  readonly products: readonly OwnMesh[];
  readonly prices: readonly OwnPrice[];
  /** Currencies of the yards' lists. */
  readonly yardLists: readonly YardList[];
}

/** Everything of a holding but what lies in its bin. */
export async function takeOut(db: Database, { id, name }: Holding): Promise<HoldingFile> {
  const plans = await db('plans')
    .where({ holding_id: id, deleted_at: null })
    .orderBy('created_at')
    .select<{ document: unknown }[]>('document');
  const [shed, products, prices, yardLists] = await Promise.all([
    listShed(db, id),
    listProducts(db, id),
    listPrices(db, id),
    listYardLists(db, id),
  ]);
  return {
    format: 'aviarum-holding',
    formatVersion: 1,
    name,
    plans: plans.map((row) => completePlan(row.document)),
    shed: shed.map((s) => s.piece),
    products,
    prices,
    yardLists,
  };
}

/** Puts a holding back as a new one, all of it or nothing: what is there already is never touched. */
export async function putBack(
  db: Database,
  keeper: string,
  holding: Holding,
  file: Pick<HoldingFile, 'plans' | 'shed' | 'products' | 'prices' | 'yardLists'>,
): Promise<void> {
  await db.transaction(async (trx) => {
    await trx('holdings').insert(holding);
    await trx('keeper_holdings').insert({ keeper_id: keeper, holding_id: holding.id });
    await insertProducts(trx, holding.id, file.products);
    await insertPrices(trx, holding.id, file.prices);
    await insertYardLists(trx, holding.id, file.yardLists);
    await insertPieces(trx, holding.id, file.shed);
    for (const plan of file.plans)
      await trx('plans').insert({
        holding_id: holding.id,
        id: plan.id,
        name: plan.name,
        document: JSON.stringify(plan),
        save_number: 1,
        // In the order of the file, though all in one instant.
        created_at: trx.raw('clock_timestamp()'),
      });
  });
}

/** Every holding of every keeper: for the daily copies. */
export const everyHolding = (db: Database): Promise<readonly Holding[]> =>
  db<Holding>('holdings').orderBy('id').select('id', 'name', 'example');

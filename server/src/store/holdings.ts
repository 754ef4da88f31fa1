import type { Holding } from '@aviarum/core';
import type { Database } from './database';

const ofKeeper = (db: Database, keeper: string) =>
  db<Holding>('holdings')
    .join('keeper_holdings', 'holdings.id', 'keeper_holdings.holding_id')
    .where('keeper_holdings.keeper_id', keeper)
    .select('holdings.id', 'holdings.name', 'holdings.example');

export async function holdingsOf(db: Database, keeper: string): Promise<readonly Holding[]> {
  return ofKeeper(db, keeper).orderBy(['holdings.example', 'holdings.created_at']);
}

/** The holding, if this keeper may act for it. */
export async function holdingFor(db: Database, keeper: string, id: string): Promise<Holding | undefined> {
  const found: readonly Holding[] = await ofKeeper(db, keeper).where('holdings.id', id);
  return found[0];
}

export async function createHolding(db: Database, keeper: string, holding: Holding): Promise<Holding> {
  await db.transaction(async (trx) => {
    await trx('holdings').insert(holding);
    await trx('keeper_holdings').insert({ keeper_id: keeper, holding_id: holding.id });
  });
  return holding;
}

/** @returns the holding under its new name; undefined where this keeper may not act for it */
export async function renameHolding(
  db: Database,
  keeper: string,
  id: string,
  name: string,
): Promise<Holding | undefined> {
  const rows = await db('holdings')
    .where({ id })
    .whereIn('id', db('keeper_holdings').where({ keeper_id: keeper }).select('holding_id'))
    .update({ name })
    .returning<Holding[]>(['id', 'name', 'example']);
  return rows[0];
}

export async function ensureKeeper(db: Database, id: string, name: string): Promise<void> {
  await db('keepers').insert({ id, name }).onConflict('id').ignore();
}

export async function ready(db: Database): Promise<void> {
  await db.raw('select 1 from holdings limit 1');
}

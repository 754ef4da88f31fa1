import type { Knex } from 'knex';
import { thrown } from '../thrown';
import type { Database } from './database';

/** What writes, all of it or nothing. */
export type Writing = Knex.Transaction;

/** Two writers waited for each other, or read what the other changed: PostgreSQL ended one, of which nothing is left. */
const CROSSED: ReadonlySet<string> = new Set(['40P01', '40001']);

/** Does it once more where it met another writer. */
export async function again<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (!CROSSED.has(thrown(error)?.code ?? '')) throw error;
    return work();
  }
}

/** Waits until nobody else writes what belongs to the holding as a whole. Reading goes on, and plans are saved beside it. */
export const lockHolding = (trx: Knex.Transaction, holding: string) =>
  trx('holdings').where({ id: holding }).forNoKeyUpdate().first('id');

/**
 * All or nothing, with what is read on the way still true when it is written: products, prices, yards, shed, and how many there are of each.
 *
 * Whoever locks more locks the holding first, then a meter.
 */
export const inHolding = <T>(
  db: Database,
  holding: string,
  work: (trx: Knex.Transaction) => Promise<T>,
): Promise<T> =>
  again(() =>
    db.transaction(async (trx) => {
      await lockHolding(trx, holding);
      return work(trx);
    }),
  );

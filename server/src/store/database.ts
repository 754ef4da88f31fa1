import knex, { type Knex } from 'knex';
import * as first from '../migrations/0001_holdings_and_plans';
import * as second from '../migrations/0002_shed';

export type Database = Knex;

const MIGRATIONS: Readonly<Record<string, Knex.Migration>> = {
  '0001_holdings_and_plans': first,
  '0002_shed': second,
};

/** Migrations listed in code: nothing is looked up on disk, so the order cannot depend on a folder. */
const source: Knex.MigrationSource<string> = {
  getMigrations: () => Promise.resolve(Object.keys(MIGRATIONS)),
  getMigrationName: (name) => name,
  getMigration: (name) => {
    const migration = MIGRATIONS[name];
    return migration ? Promise.resolve(migration) : Promise.reject(new Error(`no migration ${name}`));
  },
};

export function connect(url: string): Database {
  return knex({ client: 'pg', connection: url, pool: { min: 0, max: 10 }, acquireConnectionTimeout: 10_000 });
}

export async function migrate(db: Database): Promise<void> {
  await db.migrate.latest({ migrationSource: source });
}

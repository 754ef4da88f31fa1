import knex, { type Knex } from 'knex';
import * as first from '../migrations/0001_holdings_and_plans';
import * as second from '../migrations/0002_shed';
import * as third from '../migrations/0003_bin';
import * as fourth from '../migrations/0004_cards';
import * as fifth from '../migrations/0005_readings';
import * as sixth from '../migrations/0006_readings_by_source';
import * as seventh from '../migrations/0007_limits_and_rollups';

export type Database = Knex;

const MIGRATIONS: Readonly<Record<string, Knex.Migration>> = {
  '0001_holdings_and_plans': first,
  '0002_shed': second,
  '0003_bin': third,
  '0004_cards': fourth,
  '0005_readings': fifth,
  '0006_readings_by_source': sixth,
  '0007_limits_and_rollups': seventh,
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

/** How long a connection, and a statement, may take before the keeper is told that the database does not answer, ms. */
const PATIENCE = { connect: 5_000, statement: 15_000, answer: 20_000 } as const;

/** What fails is raised, and told where it is caught: nothing is written beside it. */
const QUIET: Knex.Logger = {
  warn: () => undefined,
  error: () => undefined,
  deprecate: () => undefined,
  debug: () => undefined,
};

/** What is quick never waits for what is slow: each has connections of its own. */
export const POOLS = { quick: 10, slow: 4 } as const;

export function connect(url: string, most: number = POOLS.quick): Database {
  return knex({
    log: QUIET,
    client: 'pg',
    connection: {
      connectionString: url,
      connectionTimeoutMillis: PATIENCE.connect,
      statement_timeout: PATIENCE.statement,
      query_timeout: PATIENCE.answer,
    },
    pool: { min: 0, max: most },
    acquireConnectionTimeout: PATIENCE.connect,
  });
}

/** The database was written by an Aviarum that knows more than this one. */
export class NewerDatabase extends Error {}

/** @throws NewerDatabase when migrations were run that this version does not have */
export async function migrate(db: Database): Promise<void> {
  if (await db.schema.hasTable('knex_migrations')) {
    const ran = await db<{ name: string }>('knex_migrations').select('name');
    const unknown = ran.filter(({ name }) => !(name in MIGRATIONS));
    if (unknown.length > 0) throw new NewerDatabase(unknown.map((m) => m.name).join(', '));
  }
  await db.migrate.latest({ migrationSource: source });
}

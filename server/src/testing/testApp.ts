import pino from 'pino';
import { makeApp } from '../app';
import { type Database, POOLS, connect } from '../store/database';
import { seed } from '../store/seed';

/** Whether the run gave a database: without one the suites that need it are skipped, and it is said. */
export const hasDatabase =
  process.env.TEST_DATABASE_URL !== undefined && process.env.TEST_TEMPLATE !== undefined;

/**
 * An app on a database of its own, copied from the migrated template of the run, and with a clock of its own where one is given.
 *
 * @throws Error when the run gave no database: `npm test` does
 */
export async function testApp(clock?: () => Date) {
  const admin = process.env.TEST_DATABASE_URL;
  const template = process.env.TEST_TEMPLATE;
  if (!admin || !template) throw new Error('TEST_DATABASE_URL and TEST_TEMPLATE are not set; run npm test');
  const name = `aviarum_api_${process.pid}_${crypto.randomUUID().slice(0, 8)}`;
  const server = connect(admin);
  await server.raw(`create database ${name} template ${template}`);
  const url = new URL(admin);
  url.pathname = `/${name}`;
  const db: Database = connect(url.href);
  const slow = connect(url.href, POOLS.slow);
  await seed(db);
  const publicAddress = new URL('https://hollin.example');
  const app = makeApp({ db, slow, log: pino({ level: 'silent' }), publicAddress, ...(clock && { clock }) });
  return {
    db,
    slow,
    request: async (
      path: string,
      init?: {
        method?: string;
        json?: unknown;
        body?: string | Uint8Array<ArrayBuffer>;
        headers?: Record<string, string>;
      },
    ) =>
      await app.request(`/api${path}`, {
        method: init?.method ?? 'GET',
        headers: { 'content-type': 'application/json', ...init?.headers },
        ...(init?.json === undefined
          ? init?.body === undefined
            ? {}
            : { body: init.body }
          : { body: JSON.stringify(init.json) }),
      }),
    /** The routes that there are, so that a new one is tried as well. */
    routes: app.routes,
    /** A form that a page of another site sends from the keeper's own browser. */
    foreign: async (path: string, body: string) =>
      await app.request(`http://127.0.0.1/api${path}`, {
        method: 'POST',
        headers: { 'content-type': 'text/plain', origin: 'http://elsewhere.example' },
        body,
      }),
    close: async () => {
      await db.destroy();
      await slow.destroy();
      await server.raw(`drop database ${name}`);
      await server.destroy();
    },
  };
}

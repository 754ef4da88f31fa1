/* Starts the server: migrates, seeds once, listens, and stops when told to or when its starter is gone. */
import { serve } from '@hono/node-server';
import pino from 'pino';
import { makeApp } from './app';
import { readConfig } from './config';
import { connect, migrate } from './store/database';
import { seed } from './store/seed';

const config = readConfig(process.env);
const log = pino({ level: config.LOG_LEVEL });
const db = connect(config.DATABASE_URL);

await migrate(db);
await seed(db);

const app = makeApp({ db, log, webRoot: config.WEB_ROOT });
const server = serve({ fetch: app.fetch, port: config.PORT, hostname: config.HOST }, (info) => {
  log.info({ port: info.port }, 'listening');
  process.send?.({ listening: info.port });
});
server.on('error', (error) => {
  log.fatal({ err: error }, 'cannot listen');
  process.exit(1);
});

let stopping = false;
/** Lets requests in flight finish, then closes the pool; five seconds at the most. */
function stop(why: string) {
  if (stopping) return;
  stopping = true;
  log.info({ why }, 'stopping');
  setTimeout(() => process.exit(1), 5000).unref();
  server.close(() => {
    void db.destroy().then(() => process.exit(0));
  });
  if ('closeIdleConnections' in server) server.closeIdleConnections();
}

process.on('SIGTERM', () => stop('SIGTERM'));
process.on('SIGINT', () => stop('SIGINT'));
// Started by the starter over IPC: when that is gone, however it went, nothing is left running.
process.on('disconnect', () => stop('starter gone'));

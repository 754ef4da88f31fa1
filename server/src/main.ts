/* Starts the server: migrates, seeds once, listens, and stops when told to or when its starter is gone. */
import type { Server } from 'node:http';
import { serve } from '@hono/node-server';
import pino from 'pino';
import { makeApp } from './app';
import { readConfig } from './config';
import { everyDay } from './jobs/daily';
import { startTrouble } from './startTrouble';
import { POOLS, connect, migrate } from './store/database';
import { seed } from './store/seed';
import { endTrickles } from './trickle';

/** Tells the starter, or whoever looks, in one line why nothing was started. */
function giveUp(error: unknown): never {
  const line = startTrouble(error);
  if (process.send) process.send({ trouble: line });
  else process.stderr.write(`aviarum: ${line}\n`);
  // Whoever started us has the line by then.
  if (process.connected) process.disconnect();
  process.exit(1);
}

const config = await Promise.resolve(process.env).then(readConfig).catch(giveUp);
const log = pino({ level: config.LOG_LEVEL });
const db = connect(config.DATABASE_URL);
const slow = connect(config.DATABASE_URL, POOLS.slow);
try {
  await migrate(db);
  await seed(db);
} catch (error) {
  giveUp(error);
}

const publicAddress = config.PUBLIC_URL === undefined ? undefined : new URL(config.PUBLIC_URL);
const app = makeApp({ db, slow, log, webRoot: config.WEB_ROOT, publicAddress });
const server = serve(
  {
    fetch: app.fetch,
    port: config.PORT,
    hostname: config.HOST,
    // How long a body may take is told by its pace (see endTrickles), not by its length.
    serverOptions: { requestTimeout: 0, headersTimeout: 30_000, connectionsCheckingInterval: 5_000 },
  },
  (info) => {
    log.info({ port: info.port }, 'listening');
    process.send?.({ listening: info.port });
  },
) as Server;
endTrickles(server);
// Who neither sends nor takes anything for so long is gone: a file that nobody reads on would hold its connection to the database.
server.setTimeout(5 * 60_000);
server.on('error', giveUp);
const stopDaily = everyDay({ db, slow }, log, config.COPIES);

let stopping = false;
/** Lets requests in flight finish, then closes the pool; five seconds at the most. */
function stop(why: string) {
  if (stopping) return;
  stopping = true;
  log.info({ why }, 'stopping');
  stopDaily();
  setTimeout(() => process.exit(1), 5000).unref();
  server.close(() => {
    void Promise.all([db.destroy(), slow.destroy()]).then(() => process.exit(0));
  });
  server.closeIdleConnections();
}

process.on('SIGTERM', () => stop('SIGTERM'));
process.on('SIGINT', () => stop('SIGINT'));
// Started by the starter over IPC: when that is gone, however it went, nothing is left running.
process.on('disconnect', () => stop('starter gone'));

/* npm start: everything from a fresh clone to a served address. Built-ins only; it runs before npm ci. */
import { ensureDebian } from './lib/debian.mjs';
import { isFree } from './lib/ports.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { checkNode, ensureBuilt, ensurePackages } from './lib/prepare.mjs';
import { endRunning } from './lib/run.mjs';
import { Trouble, main, say } from './lib/say.mjs';
import { startServer } from './lib/server.mjs';

const stops = [];
let stopping = false;

async function stopAll() {
  if (stopping) return;
  stopping = true;
  endRunning();
  for (const stop of stops.reverse()) await stop();
}

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
  process.on(signal, () => {
    say('stopping …');
    void stopAll().then(() => process.exit(0));
  });
}

function wantedPort() {
  const port = Number(process.env.PORT ?? 4730);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Trouble(`PORT must be a number from 1 to 65535, not “${process.env.PORT}”.`);
  return port;
}

await main(async () => {
  checkNode();
  const port = wantedPort();
  if (!(await isFree(port)))
    throw new Trouble(
      `port ${port} is in use. Is Aviarum running already? Otherwise choose another: PORT=${port + 1} npm start`,
    );
  const own = process.env.DATABASE_URL === undefined || process.env.DATABASE_URL === '';
  if (own) await ensureDebian(['postgresql']);
  await ensurePackages();
  await ensureBuilt();
  try {
    let databaseUrl = process.env.DATABASE_URL;
    let database;
    if (own) {
      database = await startPostgres('db');
      stops.push(database.stop);
      databaseUrl = database.url;
    }
    if (stopping) return;
    const server = await startServer({ databaseUrl, port, logLevel: process.env.LOG_LEVEL ?? 'warn' });
    stops.push(server.stop);
    say(`ready at http://127.0.0.1:${server.port}/  (Ctrl-C stops it)`);
    const gone = await Promise.race([
      server.ended.then(() => 'server'),
      ...(database ? [database.ended.then(() => 'database')] : []),
    ]);
    if (!stopping) throw new Trouble(`the ${gone} ended by itself; see above.`);
  } finally {
    await stopAll();
  }
});

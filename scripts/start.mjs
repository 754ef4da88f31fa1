/* npm start: everything from a fresh clone to a served address. Built-ins only; it runs before npm ci. */
import path from 'node:path';
import { ensureDebian } from './lib/debian.mjs';
import { preparing } from './lib/lock.mjs';
import { KEEP, ensureKeep } from './lib/paths.mjs';
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

/** Where to go, on this machine and from a phone in the yard. */
function sayWhere(port) {
  say(`ready at http://127.0.0.1:${port}/  (Ctrl-C stops it)`);
  const { HOST = '127.0.0.1', PUBLIC_URL } = process.env;
  if (PUBLIC_URL) say(`from elsewhere at ${PUBLIC_URL}`);
  else if (HOST !== '127.0.0.1' && HOST !== 'localhost')
    say(
      `from elsewhere once PUBLIC_URL says under which address, such as PUBLIC_URL=http://192.168.0.20:${port}`,
    );
}

function wantedPort() {
  const port = Number(process.env.PORT ?? 4730);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Trouble(`PORT must be a number from 1 to 65535, not “${process.env.PORT}”.`);
  return port;
}

await main(async () => {
  checkNode();
  ensureKeep();
  const port = wantedPort();
  const own = process.env.DATABASE_URL === undefined || process.env.DATABASE_URL === '';
  try {
    const database = await preparing(async () => {
      if (!(await isFree(port, process.env.HOST)))
        throw new Trouble(
          `port ${port} is in use. Is Aviarum running already? Otherwise choose another: PORT=${port + 1} npm start`,
        );
      if (own) await ensureDebian(['postgresql']);
      await ensurePackages();
      await ensureBuilt();
      if (!own || stopping) return undefined;
      const started = await startPostgres('db');
      stops.push(started.stop);
      return started;
    });
    if (stopping) return;
    const server = await startServer({
      databaseUrl: database?.url ?? process.env.DATABASE_URL,
      port,
      logLevel: process.env.LOG_LEVEL ?? 'warn',
      copies: own ? path.join(KEEP, 'copies') : undefined,
    });
    stops.push(server.stop);
    sayWhere(server.port);
    const gone = await Promise.race([
      server.ended.then(() => 'server'),
      ...(database ? [database.ended.then(() => 'database')] : []),
    ]);
    if (!stopping) throw new Trouble(`the ${gone} ended by itself; see above.`);
  } finally {
    await stopAll();
  }
});

/* npm start: everything from a fresh clone to a served address. Built-ins only; it runs before npm ci. */
import { setTimeout as wait } from 'node:timers/promises';
import { ensureDebian } from './lib/debian.mjs';
import { preparing } from './lib/lock.mjs';
import { COPIES, ensureKeep } from './lib/paths.mjs';
import { isFree } from './lib/ports.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { checkNode, ensureBuilt, ensurePackages } from './lib/prepare.mjs';
import { endRunning } from './lib/run.mjs';
import { Trouble, main, say } from './lib/say.mjs';
import { startServer } from './lib/server.mjs';

/** What runs now, in the order in which it stops. */
const running = { server: undefined, database: undefined };
let stopping = false;

async function stopAll() {
  if (stopping) return;
  stopping = true;
  endRunning();
  await running.server?.stop();
  await running.database?.stop();
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

/** What ends by itself is started again, so often within so long, ms. */
const MOST_AGAIN = 3;
const WITHIN = 60_000;
/** Of a server that lost its database both are gone in a moment, ms. */
const MOMENT = 500;

async function serveUntilStopped(port) {
  const again = [];
  for (let first = true; ; first = false) {
    running.server = await startServer({
      databaseUrl: running.database?.url ?? process.env.DATABASE_URL,
      port,
      logLevel: process.env.LOG_LEVEL ?? 'warn',
      copies: running.database ? COPIES : undefined,
    });
    if (stopping) return running.server.stop();
    if (first) sayWhere(running.server.port);
    else say('running again.');
    await Promise.race([running.server.ended, ...(running.database ? [running.database.ended] : [])]);
    await wait(MOMENT);
    if (stopping) return;
    const lost = running.database?.isOver() ? 'database' : 'server';
    again.push(Date.now());
    if (again.filter((at) => Date.now() - at < WITHIN).length > MOST_AGAIN)
      throw new Trouble(`the ${lost} ended by itself ${MOST_AGAIN + 1} times within a minute; see above.`);
    say(`the ${lost} ended by itself; starting it again …`);
    await running.server.stop();
    if (lost === 'database') {
      await running.database.stop();
      running.database = await startPostgres('db');
    }
  }
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
    await preparing(async () => {
      if (!(await isFree(port, process.env.HOST)))
        throw new Trouble(
          `port ${port} is in use. Is Aviarum running already? Otherwise choose another: PORT=${port + 1} npm start`,
        );
      if (own) await ensureDebian(['postgresql']);
      await ensurePackages();
      await ensureBuilt();
      if (!own || stopping) return;
      running.database = await startPostgres('db');
    });
    if (stopping) return;
    await serveUntilStopped(port);
  } finally {
    await stopAll();
  }
});

/* Server and database are ended with -9 under four writers; whatever was acknowledged must be there, and a save sent again be saved once. */
import { rmSync } from 'node:fs';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { DEMO_PLANS } from '../core/src/index';
import { seeded } from '../core/src/testing/pools';
import { KEEP } from '../scripts/lib/paths.mjs';
import { startPostgres } from '../scripts/lib/postgres.mjs';
import { startServer } from '../scripts/lib/server.mjs';

const ENDS = process.env.ROUND === 'long' ? 36 : 5;
const WRITERS = 4;
const NAME = `torture-${process.pid}`;
const random = seeded(Number(process.env.SEED ?? 1));

let database = await startPostgres(NAME);
const serve = () => startServer({ databaseUrl: database.url, port: 0, logLevel: 'silent' });
let server = await serve();
const base = () => `http://127.0.0.1:${server.port}/api/holdings/home/plans`;

async function send(method, address, body) {
  const answer = await fetch(address, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
    signal: AbortSignal.timeout(8000),
  });
  return { status: answer.status, body: await answer.json() };
}

const writers = Array.from({ length: WRITERS }, (_, i) => ({
  plan: { ...DEMO_PLANS[0], id: `torture-${i}` },
  saveNumber: 1,
  acknowledged: [],
  pending: null,
  sent: 0,
  unanswered: 0,
}));
for (const { plan } of writers) await send('POST', base(), { plan });

const problems = [];
let writing = true;

/** Sends what is pending until it is answered: the same save under the same id. */
async function write(writer) {
  writer.pending ??= {
    saveId: crypto.randomUUID(),
    basedOn: writer.saveNumber,
    plan: { ...writer.plan, name: `save ${writer.acknowledged.length + 1}` },
  };
  writer.sent += 1;
  try {
    const { status, body } = await send('PUT', `${base()}/${writer.plan.id}`, writer.pending);
    if (status === 503) {
      writer.unanswered += 1;
      return wait(50);
    }
    if (status !== 200) problems.push(`${writer.plan.id}: ${status} ${JSON.stringify(body).slice(0, 200)}`);
    else if (body.saveNumber !== writer.pending.basedOn + 1)
      problems.push(`${writer.plan.id}: number ${body.saveNumber}`);
    else {
      writer.acknowledged.push(writer.pending);
      writer.saveNumber = body.saveNumber;
      writer.pending = null;
    }
  } catch {
    writer.unanswered += 1;
    await wait(50);
  }
}

const busy = writers.map(async (writer) => {
  while ((writing || writer.pending) && problems.length === 0) await write(writer);
});

for (let end = 0; end < ENDS; end++) {
  await wait(200 + random() * 700);
  if (random() < 0.5) {
    process.kill(server.pid, 'SIGKILL');
    await server.ended;
    server = await serve();
  } else {
    process.kill(database.pid(), 'SIGKILL');
    await database.ended;
    await database.stop();
    database = await startPostgres(NAME);
    // Its socket is another one now: the server is told by being started again, as the starter does.
    process.kill(server.pid, 'SIGTERM');
    await server.ended;
    server = await serve();
  }
}
writing = false;
await Promise.all(busy);

let repeated = 0;
for (const { plan, acknowledged, saveNumber } of writers) {
  const now = await (await fetch(`${base()}/${plan.id}`)).json();
  const last = acknowledged.at(-1);
  if (now.saveNumber !== saveNumber || (last && now.plan.name !== last.plan.name))
    problems.push(
      `${plan.id}: “${now.plan?.name}” of ${now.saveNumber}, not “${last?.plan.name}” of ${saveNumber}`,
    );
  for (const save of acknowledged) {
    const { status, body } = await send('PUT', `${base()}/${plan.id}`, save);
    repeated += 1;
    if (status !== 200 || body.saveNumber !== save.basedOn + 1)
      problems.push(
        `${plan.id}: save ${save.basedOn + 1} sent again was answered ${status} ${body.saveNumber}`,
      );
  }
}
await server.stop();
await database.stop();
for (const left of [NAME, `${NAME}.log`, `${NAME}.keeper`])
  rmSync(path.join(KEEP, left), { recursive: true, force: true });

const sum = (of) => writers.reduce((total, w) => total + of(w), 0);
console.log(
  `hard ends: ${ENDS}, writers ${WRITERS}, sent ${sum((w) => w.sent)}, acknowledged ${sum((w) => w.acknowledged.length)}, not answered ${sum((w) => w.unanswered)}, sent again ${repeated}, lost ${problems.length}`,
);
for (const problem of problems.slice(0, 10)) console.error(problem);
process.exit(problems.length > 0 || sum((w) => w.acknowledged.length) === 0 ? 1 : 0);

/* Every route, as the app lists it, with ids, bodies and headers that nobody would send: no 5xx, no stack, no answer that is late. */
import pino from 'pino';
import { DEMO_PLANS } from '../core/src/index';
import { seeded } from '../core/src/testing/pools';
import { startPostgres } from '../scripts/lib/postgres.mjs';
import { makeApp } from '../server/src/app';
import { connect, migrate } from '../server/src/store/database';
import { seed } from '../server/src/store/seed';

const REQUESTS = process.env.ROUND === 'long' ? 10_000 : 900;
/** Later than this it never comes: how fast it is on a busy machine is not what is asked here, ms. */
const LATEST = 120_000;
const random = seeded(Number(process.env.SEED ?? 1));
const pick = (list) => list[Math.floor(random() * list.length)];

const database = await startPostgres(`fuzz-${process.pid}`, { throwAway: true });
const db = connect(database.url);
await migrate(db);
await seed(db);
const app = makeApp({ db, slow: db, log: pino({ level: 'silent' }) });

const routes = [
  ...new Map(
    app.routes
      .filter((r) => r.method !== 'ALL' && r.path.startsWith('/api'))
      .map((r) => [`${r.method} ${r.path}`, r]),
  ).values(),
];
const [demo] = DEMO_PLANS;
const WORDS = [
  '',
  'home',
  'hollin-bank',
  demo.id,
  'constructor',
  '__proto__',
  '%00',
  '%ff',
  'x'.repeat(3000),
  '-1',
  '0',
  '1',
  '2147483648',
  '1e99',
  '..',
  '%2e%2e',
  '🐔',
  "'; drop table plans; --",
  '\uD83D',
];
const VALUES = [
  null,
  true,
  -1,
  0,
  2 ** 31,
  1e308,
  '',
  '\0',
  '\uD83D',
  'constructor',
  '2026-02-30',
  [],
  {},
  ['a'],
  'x'.repeat(5000),
];
const price = {
  id: 'p',
  yard: 'far-gate',
  asOf: '2026-01-01',
  offer: { kind: 'roll', product: 'fine-13', width: 0.9, length: 15, price: 1, stock: null },
};
const BODIES = [
  { plan: demo },
  { saveId: 'save-0001', basedOn: 1, plan: demo },
  { name: 'Upper end' },
  price,
  {
    product: {
      id: 'mine',
      type: 'welded',
      opening: { up: 0.04, along: 0.04 },
      wire: 0.002,
      widths: [1],
      lengths: [20],
    },
    prices: [{ ...price, offer: { ...price.offer, product: 'mine' } }],
  },
  {
    id: 'r',
    kind: 'roll',
    product: 'fine-13',
    width: 0.9,
    length: 5,
    count: 1,
    condition: 'sound',
    note: '',
  },
  {
    format: 'aviarum-holding',
    formatVersion: 2,
    name: 'Back',
    plans: [demo],
    shed: [],
    products: [],
    prices: [price],
  },
];

/** A copy with a few values exchanged, taken away or put in. */
function mutated(document) {
  const copy = structuredClone(document);
  for (let n = Math.floor(random() * 4); n > 0; n--) {
    let at = copy;
    for (let depth = 0; depth < 7; depth++) {
      const keys = Object.keys(at);
      const key = pick(keys);
      if (key === undefined) break;
      if (typeof at[key] === 'object' && at[key] !== null && random() < 0.8) at = at[key];
      else {
        const how = random();
        if (how < 0.2) delete at[key];
        // A far index would make a list of billions, which is never sent.
        else if (how < 0.4 && !Array.isArray(at)) at[pick(WORDS)] = structuredClone(pick(VALUES));
        else at[key] = structuredClone(pick(VALUES));
        break;
      }
    }
  }
  return copy;
}

function bodyOf() {
  const kind = random();
  if (kind < 0.7) return JSON.stringify(mutated(pick(BODIES)));
  if (kind < 0.8)
    return `yard,kind,product,width,length,price\n${Array.from({ length: 5 }, () => pick(WORDS)).join(',')}\n`;
  if (kind < 0.9)
    return Uint8Array.from({ length: Math.floor(random() * 400) }, () => Math.floor(random() * 256));
  return pick(['', '{', 'null', '[]', '"x"', '1', `[${'1,'.repeat(50_000)}1]`, '{"a":'.repeat(3000)]);
}

const statuses = new Map();
const problems = [];
for (let n = 0; n < REQUESTS; n++) {
  const route = routes[n % routes.length];
  const address = route.path.replace(/:[a-z]+|\*/gi, () =>
    random() < 0.5
      ? pick(['home', 'hollin-bank', demo.id, 'p', 'r', 'mine'])
      : encodeURI(pick(WORDS).toWellFormed?.() ?? pick(['home'])),
  );
  const method = random() < 0.9 ? route.method : pick(['GET', 'PUT', 'POST', 'DELETE', 'PATCH', 'OPTIONS']);
  const headers = {
    'content-type': pick(['application/json', 'text/plain', 'text/csv', 'multipart/form-data']),
    ...(random() < 0.05 ? { host: pick(['evil.example', 'localhost', '']) } : {}),
    ...(random() < 0.05 ? { origin: pick(['null', 'http://evil.example', 'http://localhost']) } : {}),
  };
  const began = performance.now();
  const answer = await app.request(`http://localhost${address}`, {
    method,
    headers,
    ...(method === 'GET' || method === 'OPTIONS' ? {} : { body: bodyOf() }),
  });
  const text = await answer.text();
  const took = performance.now() - began;
  statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
  const said = `${method} ${address.slice(0, 120)}: ${answer.status}`;
  if (answer.status >= 500) problems.push(`${said} ${text.slice(0, 300)}`);
  if (/\n\s+at .+:\d+:\d+/.test(text)) problems.push(`${said} with a stack`);
  if (took > LATEST) problems.push(`${said} after ${Math.round(took)} ms`);
}
await db.destroy();
await database.stop();
const counts = [...statuses].sort((a, b) => a[0] - b[0]).map(([status, count]) => `${status}: ${count}`);
console.log(
  `fuzz: ${REQUESTS} requests to ${routes.length} routes, ${counts.join(', ')}; wrong ${problems.length}`,
);
for (const problem of problems.slice(0, 10)) console.error(problem);
process.exit(problems.length > 0 || (statuses.get(200) ?? 0) === 0 ? 1 : 0);

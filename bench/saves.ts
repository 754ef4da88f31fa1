/* Saves a second through HTTP, beside the same statement sent by the driver alone; prints one JSON object. */
import { Agent, request } from 'node:http';
import pg from 'pg';
import { DEMO_PLANS, cardOf, reckon } from '../core/src/index';
import { SAVE_SQL, saveValues } from '../server/src/store/plans';

const base = process.env.BASE_URL ?? '';
const [demo] = DEMO_PLANS;
if (!demo) throw new Error('no demo plan');
const plan = { ...demo, id: 'bench' };
const card = cardOf(plan, reckon(plan));
/** In turns, so that the machine's slow spells fall on both. */
const ROUNDS = 12;
const EACH = 100;
/** Rounds that are not counted: a server that has just started is not what a keeper saves to. */
const WARM = 4;

const address = new URL('/api/holdings/home/plans', base);
const agent = new Agent({ keepAlive: true, maxSockets: 1 });

/** One request over one connection, as a browser keeps it. */
const send = (method: string, path: string, body: unknown): Promise<number> =>
  new Promise((done, fail) => {
    const text = JSON.stringify(body);
    const headers = { 'content-type': 'application/json', 'content-length': Buffer.byteLength(text) };
    const asked = request(
      new URL(`${address.pathname}${path}`, base),
      { method, agent, headers },
      (answer) => {
        answer.resume();
        answer.on('end', () => done(answer.statusCode ?? 0));
      },
    );
    asked.on('error', fail);
    asked.end(text);
  });
await send('POST', '', { plan });

const client = new pg.Client({ connectionString: process.env.DATABASE_URL });
await client.connect();
// The statement as it stands, not prepared: `?` in order are $1, $2 …
let nth = 0;
const text = SAVE_SQL.replace(/\?/g, () => `$${(nth += 1)}`);
const at = { keeper: 'local', holding: 'home', id: 'bench' };
let basedOn = 1;

const saves = {
  http: async () => {
    const status = await send('PUT', '/bench', { plan, card, basedOn, saveId: crypto.randomUUID() });
    if (status !== 200) throw new Error(`save ${basedOn}: ${status}`);
  },
  driver: async () => {
    const save = { saveId: crypto.randomUUID(), basedOn, plan, card };
    const { rowCount } = await client.query(text, [...saveValues(at, save)]);
    if (rowCount !== 1) throw new Error(`statement ${basedOn} saved nothing`);
  },
};

const took = { http: 0, driver: 0 };
for (let round = 0; round < ROUNDS; round++) {
  for (const way of ['http', 'driver'] as const) {
    const began = performance.now();
    // One after another, as an editor saves.
    for (let i = 0; i < EACH; i++) {
      await saves[way]();
      basedOn += 1;
    }
    if (round >= WARM) took[way] += performance.now() - began;
  }
}
agent.destroy();
await client.end();
const perSecond = (way: keyof typeof took) => ((ROUNDS - WARM) * EACH * 1000) / took[way];
process.stdout.write(
  JSON.stringify({
    'saves a second through HTTP': perSecond('http'),
    'saves a second, driver alone': perSecond('driver'),
    'saves through HTTP for one of the driver’s': perSecond('http') / perSecond('driver'),
  }),
);

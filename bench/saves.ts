/* Saves a second through HTTP, beside the same statement sent by the driver alone; prints one JSON object. */
import pg from 'pg';
import { DEMO_PLANS } from '../core/src/index';
import { SAVE_SQL } from '../server/src/store/plans';

const base = process.env.BASE_URL ?? '';
const [demo] = DEMO_PLANS;
if (!demo) throw new Error('no demo plan');
const plan = { ...demo, id: 'bench' };
const COUNT = 300;

const address = `${base}/api/holdings/home/plans`;
const json = (method: string, body: unknown) => ({
  method,
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify(body),
});
await fetch(address, json('POST', { plan }));

/** One after another, as an editor saves. */
async function perSecond(save: (basedOn: number) => Promise<void>, from: number): Promise<number> {
  for (let i = 0; i < 30; i++) await save(from + i);
  const began = performance.now();
  for (let i = 30; i < COUNT; i++) await save(from + i);
  return ((COUNT - 30) * 1000) / (performance.now() - began);
}

const http = await perSecond(async (basedOn) => {
  const response = await fetch(
    `${address}/bench`,
    json('PUT', { plan, basedOn, saveId: crypto.randomUUID() }),
  );
  if (!response.ok) throw new Error(`save ${basedOn}: ${response.status}`);
  await response.arrayBuffer();
}, 1);

const client = new pg.Client({ connectionString: process.env.DATABASE_URL });
await client.connect();
const names: string[] = [];
const text = SAVE_SQL.replace(/(?<!:):([a-zA-Z]+)/g, (_, name: string) => {
  if (!names.includes(name)) names.push(name);
  // The driver is told the types that the statement compares them with.
  return `$${names.indexOf(name) + 1}${name === 'basedOn' ? '::int' : name === 'document' ? '' : '::text'}`;
});
const document = JSON.stringify(plan);
const alone = await perSecond(async (basedOn) => {
  const values: Record<string, unknown> = {
    holding: 'home',
    id: 'bench',
    saveId: crypto.randomUUID(),
    basedOn,
    name: plan.name,
    document,
  };
  const { rowCount } = await client.query(
    text,
    names.map((name) => values[name]),
  );
  if (rowCount !== 1) throw new Error(`statement ${basedOn} saved nothing`);
}, 1 + COUNT);
await client.end();
process.stdout.write(
  JSON.stringify({ 'saves a second through HTTP': http, 'saves a second, driver alone': alone }),
);

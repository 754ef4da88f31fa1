import { type Plan, proposePlan } from '@aviarum/core';
import type { Database } from '../store/database';

/** How many of each a holding gets. */
interface Amounts {
  readonly plans: number;
  readonly binned: number;
  /** Of the first plan. */
  readonly revisions: number;
  readonly pieces: number;
  readonly products: number;
  readonly prices: number;
  readonly meters: number;
  /** Of each meter. */
  readonly minutes: number;
}

const BEGAN = Date.parse('2026-10-01T06:00:00Z');
const MINUTE = 60_000;
const upTo = (count: number) => Array.from({ length: count }, (_, i) => i);

/** A holding as it may come to be, written straight into the tables: what is tested is whether all of it comes out and back in. */
export async function fillHolding(db: Database, holding: string, amounts: Amounts): Promise<void> {
  const base = proposePlan({ id: 'base', name: 'Base', units: 'metric', flock: [], houseWidth: 2.4 });
  const plan = (i: number): Plan => ({ ...base, id: `filled-${i}`, name: `Filled ${i} – Hühner, 4′` });
  const rows = (table: string, all: readonly object[]) => db.batchInsert(table, [...all], 100);
  await rows(
    'plans',
    upTo(amounts.plans + amounts.binned).map((i) => ({
      holding_id: holding,
      id: `filled-${i}`,
      name: plan(i).name,
      document: JSON.stringify(plan(i)),
      save_number: i + 1,
      created_at: new Date(BEGAN + i),
      saved_at: new Date(BEGAN + 2 * i),
      deleted_at: i < amounts.plans ? null : new Date(BEGAN + 3 * i),
    })),
  );
  await rows(
    'revisions',
    upTo(amounts.revisions).map((i) => ({
      holding_id: holding,
      plan_id: 'filled-0',
      ten_minutes: Math.floor((BEGAN + i * 10 * MINUTE) / 600_000),
      save_number: i + 1,
      name: plan(0).name,
      document: JSON.stringify(plan(0)),
      saved_at: new Date(BEGAN + i * 10 * MINUTE),
    })),
  );
  await rows(
    'owned_pieces',
    upTo(amounts.pieces).map((i) => {
      const piece = { id: `piece-${i}`, kind: 'roll', product: 'fine-13', width: 0.9, length: 5 };
      return {
        holding_id: holding,
        id: piece.id,
        piece: JSON.stringify({ ...piece, count: 1, condition: 'worn', note: '' }),
      };
    }),
  );
  await rows(
    'own_products',
    upTo(amounts.products).map((i) => {
      const product = { id: `mesh-${i}`, type: 'welded', opening: { up: 0.04, along: 0.04 }, wire: 0.002 };
      return {
        holding_id: holding,
        id: product.id,
        product: JSON.stringify({ ...product, widths: [1], lengths: [20] }),
      };
    }),
  );
  await rows(
    'own_prices',
    upTo(amounts.prices).map((i) => ({
      holding_id: holding,
      id: `price-${i}`,
      yard: 'far-gate',
      as_of: '2026-11-01',
      offer: JSON.stringify({
        kind: 'roll',
        product: `mesh-${i % amounts.products}`,
        width: 1,
        length: 20 + Math.floor(i / amounts.products),
        price: 5000 + i,
        stock: null,
      }),
    })),
  );
  await db('yard_lists').insert({ holding_id: holding, yard: 'far-gate', currency: 'EUR' });
  for (const m of upTo(amounts.meters)) await fillMeter(db, holding, `m${m}`, amounts.minutes);
}

async function fillMeter(db: Database, holding: string, meter: string, minutes: number) {
  const reading = (each: number) => (i: number) => ({
    holding_id: holding,
    meter,
    at: new Date(BEGAN + i * each).toISOString(),
    near: 4 + (i % 7) / 8,
    far: i % 3 === 0 ? null : 3.5,
    battery: 12.5,
    draw: null,
    source: i % 5 === 0 ? 'hand' : 'device',
  });
  const put = (table: string, since: string, each: number) =>
    db.raw(
      `insert into ${table} (holding_id, meter, ${since === '' ? '' : 'since, '}at, near, far, battery, draw, source)
       select holding_id, meter, ${since}at, near, far, battery, draw, source from json_populate_recordset(null::readings, ?)`,
      [JSON.stringify(upTo(minutes).map(reading(each)))],
    );
  await db('meters').insert({ holding_id: holding, meter, minutes });
  await put('readings', '', MINUTE);
  await put('readings_by_hour', "date_trunc('hour', at, 'UTC'), ", 60 * MINUTE);
  await put('readings_by_day', "date_trunc('day', at, 'UTC'), ", 24 * 60 * MINUTE);
  await db('stand_ins').insert({
    holding_id: holding,
    meter,
    setting: JSON.stringify({
      seed: 1,
      speed: 1,
      output: 1,
      needed: 0.5,
      capacity: null,
      draw: 0.2,
      gain: 0,
      faults: [],
    }),
    state: JSON.stringify({ hour: Math.floor(BEGAN / 3_600_000), charge: 1, growth: 0 }),
    looked_at: new Date(Date.now() + 86_400_000),
  });
}

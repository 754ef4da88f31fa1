import type { Holding } from '@aviarum/core';
import type { Knex } from 'knex';
import {
  FORMAT,
  FORMAT_VERSION,
  type LineKind,
  READINGS_A_LINE,
  STRETCHES,
  type Stretch,
  type Thing,
} from '../holdingFile/lines';
import type { Database } from './database';
import { TABLES } from './readings';
import {
  insertYardLists,
  listPieces,
  listPrices,
  listProducts,
  listYardLists,
  putPieces,
  putPrices,
  putProducts,
} from './stock';

/** So many documents are read at once: each is at most what a request may bring. */
const DOCUMENTS_AT_ONCE = 8;

/**
 * A holding as the lines of its file (see holdingFile/lines): all of it, its bin and revisions too, as it was in one instant. Documents go out as they
 * lie there, whatever version wrote them.
 */
export async function* takeOut(db: Database, { id, name }: Holding): AsyncGenerator<string> {
  const trx = await db.transaction(null, { isolationLevel: 'repeatable read', readOnly: true });
  const counts: Partial<Record<LineKind, number>> = {};
  const line = (kind: LineKind, rest: object): string => {
    counts[kind] = (counts[kind] ?? 0) + 1;
    return `${JSON.stringify(rest)}\n`;
  };
  try {
    yield `${JSON.stringify({ format: FORMAT, formatVersion: FORMAT_VERSION, name })}\n`;
    for await (const plan of plansOf(trx, id)) yield line('plan', plan);
    for await (const revision of revisionsOf(trx, id)) yield line('revision', revision);
    for (const piece of await listPieces(trx, id)) yield line('piece', { piece });
    for (const product of await listProducts(trx, id)) yield line('product', { product });
    for (const price of await listPrices(trx, id)) yield line('price', { price });
    for (const { yard, currency } of await listYardLists(trx, id))
      yield line('yardList', { yardList: { yard, currency } });
    for (const each of STRETCHES)
      for await (const readings of readingsOf(trx, id, each)) yield line('readings', readings);
    for (const standIn of await standInsOf(trx, id)) yield line('standIn', standIn);
    yield `${JSON.stringify({ end: counts })}\n`;
  } finally {
    await trx.rollback();
  }
}

const iso = (at: Date | null) => at && at.toISOString();

interface PlanRow {
  readonly document: unknown;
  readonly save_number: number;
  readonly created_at: Date;
  readonly saved_at: Date;
  readonly deleted_at: Date | null;
  readonly card: unknown;
}

async function* plansOf(trx: Knex.Transaction, holding: string) {
  const of = () => trx('plans').where({ holding_id: holding });
  const ids = await of().orderBy(['created_at', 'id']).pluck<string[]>('id');
  for (let i = 0; i < ids.length; i += DOCUMENTS_AT_ONCE) {
    const rows = await of()
      .whereIn('id', ids.slice(i, i + DOCUMENTS_AT_ONCE))
      .orderBy(['created_at', 'id'])
      .select<PlanRow[]>('document', 'save_number', 'created_at', 'saved_at', 'deleted_at', 'card');
    for (const row of rows)
      yield {
        plan: row.document,
        saveNumber: row.save_number,
        createdAt: iso(row.created_at),
        savedAt: iso(row.saved_at),
        deletedAt: iso(row.deleted_at),
        card: row.card,
      };
  }
}

async function* revisionsOf(trx: Knex.Transaction, holding: string) {
  const of = () => trx('revisions').where({ holding_id: holding });
  const keys = await of()
    .orderBy(['plan_id', 'ten_minutes'])
    .select<{ plan_id: string; ten_minutes: string }[]>('plan_id', 'ten_minutes');
  for (let i = 0; i < keys.length; i += DOCUMENTS_AT_ONCE) {
    const some = keys.slice(i, i + DOCUMENTS_AT_ONCE).map((k) => [k.plan_id, k.ten_minutes]);
    const rows = await of()
      .whereIn(['plan_id', 'ten_minutes'], some)
      .orderBy(['plan_id', 'ten_minutes'])
      .select<PlanRow[]>('document', 'save_number', 'saved_at');
    for (const row of rows)
      yield { revision: row.document, saveNumber: row.save_number, savedAt: iso(row.saved_at) };
  }
}

interface ReadingRow {
  readonly meter: string;
  readonly at: Date;
  readonly near: number;
  readonly far: number | null;
  readonly battery: number | null;
  readonly draw: number | null;
  readonly source: string;
}

async function* readingsOf(trx: Knex.Transaction, holding: string, each: Stretch) {
  const meters = await trx('meters').where({ holding_id: holding }).orderBy('meter').pluck<string[]>('meter');
  for (const meter of meters) {
    let after: readonly [Date, string] = [new Date(-8.64e12), ''];
    for (;;) {
      const rows = await trx(TABLES[each])
        .where({ holding_id: holding, meter })
        .whereRaw('(at, source) > (?, ?)', [...after])
        .orderBy(['at', 'source'])
        .limit(READINGS_A_LINE)
        .select<ReadingRow[]>('meter', 'at', 'near', 'far', 'battery', 'draw', 'source');
      const last = rows[rows.length - 1];
      if (!last) break;
      after = [last.at, last.source];
      yield {
        readings: rows.map((r) => [iso(r.at), r.near, r.far, r.battery, r.draw, r.source]),
        meter,
        each,
      };
    }
  }
}

const standInsOf = async (trx: Knex.Transaction, holding: string) =>
  (
    await trx('stand_ins')
      .where({ holding_id: holding })
      .orderBy('meter')
      .select<{ meter: string; setting: object; state: object; looked_at: Date }[]>(
        'meter',
        'setting',
        'state',
        'looked_at',
      )
  ).map(({ meter, setting, state, looked_at }) => ({
    standIn: setting,
    meter,
    state,
    lookedAt: iso(looked_at),
  }));

/** Puts a holding back as a new one, all of it or nothing: what is there already is never touched. */
export const putBack = (
  db: Database,
  keeper: string,
  id: string,
  things: AsyncIterable<readonly Thing[]>,
): Promise<Holding> =>
  db.transaction(async (trx) => {
    let name: string | undefined;
    for await (const some of things) {
      for (const thing of some) {
        if (thing.kind === 'holding') {
          name = thing.name;
          await trx('holdings').insert({ id, name, example: false });
          await trx('keeper_holdings').insert({ keeper_id: keeper, holding_id: id });
        } else if (!(thing.kind in STOCK)) await put(trx, id, thing as OtherThing);
      }
      await putStock(trx, id, some);
    }
    await trx.raw(
      `update meters m set minutes = (select count(*) from readings r where r.holding_id = m.holding_id and r.meter = m.meter)
       where holding_id = ?`,
      [id],
    );
    if (name === undefined) throw new RangeError('a file that was read names its holding first');
    return { id, name, example: false };
  });

/** What is put as many at once as came together. */
const STOCK = { product: 1, price: 1, piece: 1, yardList: 1 } as const;
type OtherThing = Exclude<Thing, { readonly kind: 'holding' | keyof typeof STOCK }>;

async function putStock(trx: Knex.Transaction, holding: string, things: readonly Thing[]) {
  await putProducts(
    trx,
    holding,
    things.flatMap((t) => (t.kind === 'product' ? [t.product] : [])),
  );
  await putPrices(
    trx,
    holding,
    things.flatMap((t) => (t.kind === 'price' ? [t.price] : [])),
  );
  await putPieces(
    trx,
    holding,
    things.flatMap((t) => (t.kind === 'piece' ? [t.piece] : [])),
  );
  await insertYardLists(
    trx,
    holding,
    things.flatMap((t) => (t.kind === 'yardList' ? [t.yardList] : [])),
  );
}

async function put(trx: Knex.Transaction, holding: string, thing: OtherThing) {
  const meter = (name: string) =>
    trx('meters').insert({ holding_id: holding, meter: name }).onConflict(['holding_id', 'meter']).ignore();
  switch (thing.kind) {
    case 'plan':
      return trx('plans').insert({
        holding_id: holding,
        id: thing.id,
        name: thing.name,
        document: thing.document,
        card: thing.card,
        save_number: thing.saveNumber,
        // In the order of the file where it does not say, though all in one instant.
        created_at: thing.createdAt ?? trx.raw('clock_timestamp()'),
        saved_at: thing.savedAt ?? trx.fn.now(),
        deleted_at: thing.deletedAt,
      });
    case 'revision':
      return trx('revisions').insert({
        holding_id: holding,
        plan_id: thing.plan,
        ten_minutes: Math.floor(Date.parse(thing.savedAt) / 600_000),
        save_number: thing.saveNumber,
        name: thing.name,
        document: thing.document,
        saved_at: thing.savedAt,
      });
    case 'readings': {
      await meter(thing.meter);
      const rows = thing.readings.map(([at, near, far, battery, draw, source]) => ({
        holding_id: holding,
        meter: thing.meter,
        at,
        near,
        far,
        battery,
        draw,
        source,
      }));
      const since = thing.each === 'minute' ? '' : 'since, ';
      const when = thing.each === 'minute' ? '' : `date_trunc('${thing.each}', at, 'UTC'), `;
      return trx.raw(
        `insert into ${TABLES[thing.each]} (holding_id, meter, ${since}at, near, far, battery, draw, source)
         select holding_id, meter, ${when}at, near, far, battery, draw, source
         from json_populate_recordset(null::readings, ?)`,
        [JSON.stringify(rows)],
      );
    }
    case 'standIn':
      await meter(thing.meter);
      return trx('stand_ins').insert({
        holding_id: holding,
        meter: thing.meter,
        setting: JSON.stringify(thing.setting),
        state: JSON.stringify(thing.state),
        looked_at: thing.lookedAt,
      });
  }
}

/** Every holding of every keeper: for the daily copies. */
export const everyHolding = (db: Database): Promise<readonly Holding[]> =>
  db<Holding>('holdings').orderBy('id').select('id', 'name', 'example');

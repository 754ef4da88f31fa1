import type { Holding } from '@aviarum/core';
import type { Knex } from 'knex';
import {
  FORMAT,
  FORMAT_VERSION,
  type LineKind,
  READINGS_A_LINE,
  STRETCHES,
  type Stretch,
} from '../holdingFile/lines';
import type { Database } from './database';
import { TABLES } from './readings';
import { listPieces, listPrices, listProducts, listYardLists } from './stock';

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

/** Every holding of every keeper: for the daily copies. */
export const everyHolding = (db: Database): Promise<readonly Holding[]> =>
  db<Holding>('holdings').orderBy('id').select('id', 'name', 'example');

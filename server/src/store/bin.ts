import type { BinnedPlan, PlanSummary } from '@aviarum/core';
import type { Knex } from 'knex';
import type { Database } from './database';
import { type Row, summary } from './plans';
import { thinReadings } from './readings';

/** How long a deleted plan can be brought back, and a save be sent again under its id, days. */
export const KEPT_DAYS = 30;

/** Moves a plan into the bin. @returns whether there was one */
export async function deletePlan(db: Database, holding: string, id: string): Promise<boolean> {
  const moved = await db('plans')
    .where({ holding_id: holding, id, deleted_at: null })
    .update({ deleted_at: db.fn.now() });
  return moved > 0;
}

/** What lies in the bin, the latest first. */
export async function listBin(db: Database, holding: string): Promise<readonly BinnedPlan[]> {
  const rows = await db('plans')
    .where({ holding_id: holding })
    .whereNotNull('deleted_at')
    .orderBy('deleted_at', 'desc')
    .select<(Row & { deleted_at: Date })[]>('id', 'name', 'save_number', 'saved_at', 'deleted_at');
  return rows.map((row) => ({ ...summary(row), deletedAt: row.deleted_at.toISOString() }));
}

/** Brings a plan back as it was. @returns undefined when it is not in the bin */
export async function restorePlan(
  db: Database,
  holding: string,
  id: string,
): Promise<PlanSummary | undefined> {
  const rows: Row[] = await db('plans')
    .where({ holding_id: holding, id })
    .whereNotNull('deleted_at')
    .update({ deleted_at: null })
    .returning(['id', 'name', 'save_number', 'saved_at']);
  return rows[0] && summary(rows[0]);
}

/** Takes a plan out of the bin for good, with its saves and revisions. */
export async function purgePlan(db: Database, holding: string, id: string): Promise<boolean> {
  return (await db('plans').where({ holding_id: holding, id }).whereNotNull('deleted_at').delete()) > 0;
}

/** What a round of tidying took away. */
export interface Tidied {
  readonly plans: number;
  readonly saves: number;
  readonly revisions: number;
  readonly readings: number;
}

/** How far tidying goes on in a day at the most, days. */
const MOST_ON = 2;

/**
 * The time to tidy by. It follows the machine's clock, by two days in any one day of it at the most, and begins where the latest save is: a clock that
 * is far ahead, for an hour or for weeks, empties no bin and thins nothing that is young.
 */
async function tidyingTime(trx: Knex.Transaction, now: Date): Promise<Date> {
  const { rows } = await trx.raw<{ rows: { at: Date }[] }>(
    `with latest as (
       select least(:now::timestamptz, max(saved_at) + :on * interval '1 day') as at from plans
     )
     insert into tidying as t (at, day)
       select coalesce(at, :now::timestamptz), (:now::timestamptz at time zone 'UTC')::date from latest
     on conflict (one) do update set
       at = least(:now::timestamptz,
         case when t.day = excluded.day then t.at else t.at + :on * interval '1 day' end),
       day = excluded.day
     returning at`,
    { now, on: MOST_ON },
  );
  return rows[0]?.at ?? now;
}

/**
 * Empties the bin of what has lain there for thirty days, forgets the ids of saves as old, and thins revisions: all of today, the last of each day for a
 * month, the last of each month after.
 *
 * @param now  what the machine's clock says
 */
export async function tidy(db: Database, now: Date): Promise<Tidied> {
  return db.transaction(async (trx) => {
    const time = await tidyingTime(trx, now);
    const before = (days: number) => new Date(time.getTime() - days * 86_400_000);
    const plans = await trx('plans').where('deleted_at', '<', before(KEPT_DAYS)).delete();
    const saves = await trx('saves').where('saved_at', '<', before(KEPT_DAYS)).delete();
    const thinned = await trx.raw<{ rowCount: number }>(
      `
      with told as (select ?::timestamptz as now), aged as (
        select r.holding_id, r.plan_id, r.ten_minutes, row_number() over (
          partition by r.holding_id, r.plan_id,
            case when r.saved_at < t.now - interval '30 days' then date_trunc('month', r.saved_at) else date_trunc('day', r.saved_at) end,
            r.saved_at < t.now - interval '30 days'
          order by r.ten_minutes desc
        ) as place
        from revisions r cross join told t where r.saved_at < date_trunc('day', t.now)
      )
      delete from revisions r using aged a
      where a.place > 1 and r.holding_id = a.holding_id and r.plan_id = a.plan_id and r.ten_minutes = a.ten_minutes`,
      [time],
    );
    const readings = await thinReadings(trx, time);
    return { plans, saves, revisions: thinned.rowCount, readings };
  });
}

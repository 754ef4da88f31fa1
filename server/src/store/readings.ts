import type { KeptReading, Reading } from '@aviarum/core';
import type { Knex } from 'knex';
import type { Database } from './database';
import { LIMITS } from './limits';
import { type MeterOf, dropIfBare } from './meters';

/** Every reading is kept for so many days, the lowest of each hour for as many as a graph goes back, the lowest of each day for so many years. */
export const KEPT_WHOLE_DAYS = 60;
export const KEPT_HOURS_DAYS = 400;
export const KEPT_YEARS = 3;

/** Where readings lie, by the stretch of time of which the lowest is kept. */
export const TABLES = { minute: 'readings', hour: 'readings_by_hour', day: 'readings_by_day' } as const;

export type Source = KeptReading['source'];

/** How many were new, how many were there already or fell into a minute that had one. */
export interface Taken {
  readonly taken: number;
  readonly folded: number;
}

/** Minutes of some readings, each with the lowest voltages, the lowest battery and the highest draw of it. */
function byMinute(readings: readonly Reading[]) {
  const rows = new Map<number, Omit<KeptReading, 'at' | 'source'>>();
  const least = (a: number | null, b: number | null) => (a === null ? b : b === null ? a : Math.min(a, b));
  for (const { at, near, far, battery, draw } of readings) {
    const minute = Math.floor(Date.parse(at) / 60_000) * 60_000;
    const before = rows.get(minute);
    rows.set(
      minute,
      before
        ? {
            near: Math.min(before.near, near),
            far: least(before.far, far),
            battery: least(before.battery, battery),
            draw: before.draw === null ? draw : draw === null ? before.draw : Math.max(before.draw, draw),
          }
        : { near, far, battery, draw },
    );
  }
  return rows;
}

/** The lowest of each stretch of what a statement just took in, where it is lower than what was there. */
const rolled = (stretch: 'hour' | 'day') => `
  by_${stretch} as (
    insert into ${TABLES[stretch]} as k (holding_id, meter, since, source, at, near, far, battery, draw)
      select distinct on (since, source) holding_id, meter, since, source, at, near, far, battery, draw
      from (select w.*, date_trunc('${stretch}', at, 'UTC') as since from written w) as placed
      order by since, source, least(near, far), at
    on conflict (holding_id, meter, since, source) do update
      set at = excluded.at, near = excluded.near, far = excluded.far, battery = excluded.battery, draw = excluded.draw
      where excluded.at = k.at or least(excluded.near, excluded.far) < least(k.near, k.far)
  )`;

/**
 * Takes readings in, all or none: one a minute and source is kept, the lowest, so that no meter fills the table; and of it the lowest of each hour and day,
 * so that no graph has to read every minute.
 *
 * @param trx  holds the meter (see `ofMeter`)
 */
export async function takeReadings(
  trx: Knex.Transaction,
  { holding, meter }: MeterOf,
  readings: readonly Reading[],
  source: Source,
): Promise<Taken> {
  const rows = byMinute(readings);
  if (rows.size === 0) return { taken: 0, folded: 0 };
  const values = [...rows].map(([minute, r]) => ({
    holding_id: holding,
    meter,
    at: new Date(minute),
    ...r,
    source,
  }));
  const done = await trx.raw<{ rows: { fresh: boolean }[] }>(
    `with written as (
       insert into readings as r (holding_id, meter, at, near, far, battery, draw, source)
         select holding_id, meter, at, near, far, battery, draw, source
         from json_populate_recordset(null::readings, ?) order by at
       on conflict (holding_id, meter, at, source) do update set
         near = least(r.near, excluded.near),
         far = least(r.far, excluded.far),
         battery = least(r.battery, excluded.battery),
         draw = greatest(r.draw, excluded.draw)
       returning r.*, (xmax = 0) as fresh
     ), ${rolled('hour')}, ${rolled('day')}
     select fresh from written`,
    [JSON.stringify(values)],
  );
  const fresh = done.rows.filter((row) => row.fresh).length;
  await trimMinutes(trx, holding, meter, fresh);
  return { taken: fresh, folded: readings.length - fresh };
}

/** Over so many more than the limit minutes are counted anew and the oldest go: hours and days have them. */
const OVER = 1000;

async function trimMinutes(trx: Knex.Transaction, holding: string, meter: string, more: number) {
  const [row] = await trx('meters')
    .where({ holding_id: holding, meter })
    .update({ minutes: trx.raw('minutes + ?', [more]) })
    .returning<{ minutes: number }[]>('minutes');
  if (!row || row.minutes <= LIMITS.minutes + OVER) return;
  await trx.raw(
    `delete from readings where holding_id = :holding and meter = :meter and at < (
       select at from readings where holding_id = :holding and meter = :meter
       order by at desc offset :most limit 1)`,
    { holding, meter, most: LIMITS.minutes - 1 },
  );
  await trx.raw(
    `update meters set minutes = (select count(*) from readings where holding_id = :holding and meter = :meter)
     where holding_id = :holding and meter = :meter`,
    { holding, meter },
  );
}

interface Row {
  readonly at: Date;
  readonly near: number;
  readonly far: number | null;
  readonly battery: number | null;
  readonly draw: number | null;
  readonly source: Source;
}

const tidy = (n: number | null): number | null => (n === null ? null : Math.round(n * 1000) / 1000);
const keptOf = ({ at, near, far, battery, draw, source }: Row): KeptReading => ({
  at: at.toISOString(),
  near: tidy(near) ?? 0,
  far: tidy(far),
  battery: tidy(battery),
  draw: tidy(draw),
  source,
});

/** No more are sent at once: of more the lowest of each stretch of time. */
const MOST_SHOWN = 400;

/** So many minutes of the last days are read at once; of more the lowest of each hour, and over a year of each day. */
const MOST_READ = 2_500;

/** Which rows say what the last days were like without being too many to read. */
async function tableFor(db: Database, holding: string, meter: string, days: number): Promise<string> {
  for (const table of [TABLES.minute, TABLES.hour]) {
    const { rows } = await db.raw<{ rows: { many: string }[] }>(
      `select count(*) as many from (
         select 1 from ${table} where holding_id = :holding and meter = :meter and at > (
           select max(at) - :days * interval '1 day' from readings_by_day where holding_id = :holding and meter = :meter
         ) limit :most) as found`,
      { holding, meter, days, most: MOST_READ + 1 },
    );
    if (Number(rows[0]?.many ?? 0) <= MOST_READ && (await reachesBack(db, table, { holding, meter }, days)))
      return table;
  }
  return TABLES.day;
}

/** Whether a table still has the first of the days, of which minutes or hours may be gone. */
async function reachesBack(db: Database, table: string, { holding, meter }: MeterOf, days: number) {
  const first = (from: string) => `
    (select min(at) from ${from} where holding_id = :holding and meter = :meter and at > (
      select max(at) - :days * interval '1 day' from readings_by_day where holding_id = :holding and meter = :meter))`;
  const { rows } = await db.raw<{ rows: { whole: boolean | null }[] }>(
    `select ${first(table)} <= ${first('readings_by_day')} as whole`,
    { holding, meter, days },
  );
  return rows[0]?.whole === true;
}

/** Readings of the last days before the latest one, oldest first: where there are many the latest, and the lowest of each stretch before. */
export async function listReadings(
  db: Database,
  holding: string,
  meter: string,
  days: number,
): Promise<readonly KeptReading[]> {
  const table = await tableFor(db, holding, meter, days);
  const found = await db.raw<{ rows: Row[] }>(
    `with last as (
       select at, near, far, battery, draw, source from readings where holding_id = :holding and meter = :meter
       union all
       select at, near, far, battery, draw, source from readings_by_hour where holding_id = :holding and meter = :meter
       union all
       select at, near, far, battery, draw, source from readings_by_day where holding_id = :holding and meter = :meter
       order by at desc, source limit 1
     ),
     span as (
       select distinct at, near, far, battery, draw, source from (
         select r.at, r.near, r.far, r.battery, r.draw, r.source from ${table} r
         where r.holding_id = :holding and r.meter = :meter and r.at > (select at from last) - :days * interval '1 day'
         union all select * from last
       ) as both_of
     ),
     counted as (
       select r.*, count(*) over () as many, row_number() over (order by r.at desc, r.source) as place,
         floor(extract(epoch from (l.at - r.at)) / (:days * 86400.0) * :most) as stretch
       from span r cross join last l
     ),
     shown as (
       -- The latest stands as it was read: after a fault is mended it is not the lowest of its stretch.
       select *, case when many <= :most or place = 1 then -place else stretch end as of from counted
     )
     select distinct on (of) at, near, far, battery, draw, source from shown
     order by of desc, least(near, far), at desc, source`,
    { holding, meter, days, most: MOST_SHOWN },
  );
  return found.rows.map(keptOf).sort((a, b) => a.at.localeCompare(b.at));
}

/** @param trx  holds the meter (see `ofMeter`) */
export async function forgetReadings(
  trx: Knex.Transaction,
  holding: string,
  meter: string,
  source?: Source,
): Promise<void> {
  for (const table of Object.values(TABLES))
    await trx(table)
      .where({ holding_id: holding, meter, ...(source === undefined ? {} : { source }) })
      .delete();
  await dropIfBare(trx, holding, meter);
}

/** Thins what is old: after sixty days each minute, after the longest graph each hour, after three years everything. @returns how many went */
export async function thinReadings(trx: Knex.Transaction, now: Date): Promise<number> {
  const gone = async (table: string, days: number) =>
    trx(table)
      .where('at', '<', new Date(now.getTime() - days * 86_400_000))
      .delete();
  return (
    (await gone(TABLES.minute, KEPT_WHOLE_DAYS)) +
    (await gone(TABLES.hour, KEPT_HOURS_DAYS)) +
    (await gone(TABLES.day, KEPT_YEARS * 365))
  );
}

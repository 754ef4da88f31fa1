import type { KeptReading, Reading, StandIn } from '@aviarum/core';
import type { Knex } from 'knex';
import type { LineState } from '../simulators/line';
import type { Database } from './database';

/** Every reading is kept for so many days, then the lowest of each day, for so many years. */
export const KEPT_WHOLE_DAYS = 60;
export const KEPT_YEARS = 3;

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

/** Takes readings in: one a minute and source is kept, the lowest, so that no meter fills the table. All or none. */
export async function takeReadings(
  db: Database | Knex.Transaction,
  holding: string,
  meter: string,
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
  const done = await db.raw<{ rows: { fresh: boolean }[] }>(
    `insert into readings as r (holding_id, meter, at, near, far, battery, draw, source)
     select holding_id, meter, at, near, far, battery, draw, source
     from json_populate_recordset(null::readings, ?)
     on conflict (holding_id, meter, at, source) do update set
       near = least(r.near, excluded.near),
       far = least(r.far, excluded.far),
       battery = least(r.battery, excluded.battery),
       draw = greatest(r.draw, excluded.draw)
     returning (xmax = 0) as fresh`,
    [JSON.stringify(values)],
  );
  const taken = done.rows.filter((row) => row.fresh).length;
  return { taken, folded: readings.length - taken };
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

/** Readings of the last days before the latest one, oldest first: where there are many the latest, and the lowest of each stretch before. */
export async function listReadings(
  db: Database,
  holding: string,
  meter: string,
  days: number,
): Promise<readonly KeptReading[]> {
  const found = await db.raw<{ rows: Row[] }>(
    `with last as (select max(at) as at from readings where holding_id = :holding and meter = :meter),
     span as (
       select r.*, count(*) over () as many, row_number() over (order by r.at desc, r.source) as place,
         floor(extract(epoch from (l.at - r.at)) / (:days * 86400.0) * :most) as stretch
       from readings r cross join last l
       where r.holding_id = :holding and r.meter = :meter and r.at > l.at - :days * interval '1 day'
     ),
     shown as (
       -- The latest stands as it was read: after a fault is mended it is not the lowest of its stretch.
       select *, case when many <= :most or place = 1 then -place else stretch end as of from span
     )
     select distinct on (of) at, near, far, battery, draw, source from shown
     order by of desc, least(near, far), at desc, source`,
    { holding, meter, days, most: MOST_SHOWN },
  );
  return found.rows.map(keptOf).sort((a, b) => a.at.localeCompare(b.at));
}

export async function forgetReadings(
  db: Database | Knex.Transaction,
  holding: string,
  meter: string,
  source?: Source,
) {
  return db('readings')
    .where({ holding_id: holding, meter, ...(source === undefined ? {} : { source }) })
    .delete();
}

/** Thins what is old: after sixty days the lowest reading of each day and source, after three years nothing. */
export async function thinReadings(db: Database | Knex.Transaction, now: Date): Promise<number> {
  const old = await db('readings')
    .where('at', '<', new Date(now.getTime() - KEPT_YEARS * 365 * 86_400_000))
    .delete();
  const thinned = await db.raw<{ rowCount: number }>(
    `with aged as (
       select holding_id, meter, at, source, row_number() over (
         partition by holding_id, meter, source, date_trunc('day', at at time zone 'UTC')
         order by least(near, far), at
       ) as place
       from readings where at < ?
     )
     delete from readings r using aged a
     where a.place > 1 and r.holding_id = a.holding_id and r.meter = a.meter and r.at = a.at
       and r.source = a.source`,
    [new Date(now.getTime() - KEPT_WHOLE_DAYS * 86_400_000)],
  );
  return old + thinned.rowCount;
}

/** A stand-in as it is kept. */
export interface KeptStandIn {
  readonly setting: StandIn;
  readonly state: LineState;
  readonly lookedAt: Date;
}

interface StandInRow {
  readonly setting: StandIn;
  readonly state: LineState;
  readonly looked_at: Date;
}

/** The stand-in of a meter, locked until the transaction ends; undefined where there is none. */
export async function standInOf(
  trx: Knex.Transaction,
  holding: string,
  meter: string,
): Promise<KeptStandIn | undefined> {
  const row = await trx('stand_ins')
    .where({ holding_id: holding, meter })
    .forUpdate()
    .first<StandInRow | undefined>('setting', 'state', 'looked_at');
  return row && { setting: row.setting, state: row.state, lookedAt: row.looked_at };
}

export async function putStandIn(
  trx: Knex.Transaction,
  holding: string,
  meter: string,
  { setting, state, lookedAt }: KeptStandIn,
): Promise<void> {
  await trx('stand_ins')
    .insert({
      holding_id: holding,
      meter,
      setting: JSON.stringify(setting),
      state: JSON.stringify(state),
      looked_at: lookedAt,
    })
    .onConflict(['holding_id', 'meter'])
    .merge(['setting', 'state', 'looked_at']);
}

export async function removeStandIn(trx: Knex.Transaction, holding: string, meter: string): Promise<boolean> {
  await forgetReadings(trx, holding, meter, 'stand-in');
  return (await trx('stand_ins').where({ holding_id: holding, meter }).delete()) > 0;
}

import type { Knex } from 'knex';

/**
 * A yard's list counts its changes as a plan counts its saves. Readings are rolled up by hour and day as they come, each meter is a row to lock and
 * to count, and tidying has a clock of its own.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table yard_lists add column save_number integer not null default 1;
    create table meters (
      holding_id text not null references holdings on delete cascade,
      meter text not null,
      minutes integer not null default 0,
      primary key (holding_id, meter)
    );
    insert into meters (holding_id, meter, minutes)
      select holding_id, meter, sum(n) from (
        select holding_id, meter, count(*) as n from readings group by 1, 2
        union all select holding_id, meter, 0 from stand_ins
      ) as known group by 1, 2;
    create table tidying (
      one boolean primary key default true check (one),
      at timestamptz not null,
      day date not null
    );
  `);
  for (const stretch of ['hour', 'day'])
    await knex.raw(`
      create table readings_by_${stretch} (
        holding_id text not null references holdings on delete cascade,
        meter text not null,
        since timestamptz not null,
        source text not null,
        at timestamptz not null,
        near real not null,
        far real,
        battery real,
        draw real,
        primary key (holding_id, meter, since, source)
      );
      insert into readings_by_${stretch}
        select distinct on (holding_id, meter, since, source) holding_id, meter, since, source, at, near, far, battery, draw
        from (select r.*, date_trunc('${stretch}', at, 'UTC') as since from readings r) as placed
        order by holding_id, meter, since, source, least(near, far), at;
    `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    drop table readings_by_hour, readings_by_day, tidying, meters;
    delete from yard_lists where currency = 'XXX';
    alter table yard_lists drop column save_number;
  `);
}

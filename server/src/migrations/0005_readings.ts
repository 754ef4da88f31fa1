import type { Knex } from 'knex';

/** What meters on fences read, a row a minute, and stand-ins that read in their place. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table readings (
      holding_id text not null references holdings on delete cascade,
      meter text not null,
      at timestamptz not null,
      near real not null,
      far real,
      battery real,
      draw real,
      source text not null check (source in ('device', 'hand', 'stand-in')),
      primary key (holding_id, meter, at)
    );
    create table stand_ins (
      holding_id text not null references holdings on delete cascade,
      meter text not null,
      setting jsonb not null,
      state jsonb not null,
      looked_at timestamptz not null,
      primary key (holding_id, meter)
    );
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop table stand_ins; drop table readings;');
}

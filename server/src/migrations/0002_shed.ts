import type { Knex } from 'knex';

/** The shed: what a holding owns or has salvaged, piece by piece. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table owned_pieces (
      holding_id text not null references holdings on delete cascade,
      id text not null,
      piece jsonb not null,
      primary key (holding_id, id)
    );
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop table owned_pieces');
}

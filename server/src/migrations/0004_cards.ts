import type { Knex } from 'knex';

/** A plan has a card that lists read, and a yard’s list of prices a currency. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table plans add column card jsonb;
    create table yard_lists (
      holding_id text not null references holdings on delete cascade,
      yard text not null,
      currency text not null,
      primary key (holding_id, yard)
    );
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    drop table yard_lists;
    alter table plans drop column card;
  `);
}

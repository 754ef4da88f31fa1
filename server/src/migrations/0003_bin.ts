import type { Knex } from 'knex';

/** Plans that were deleted lie in a bin for a while; a save knows what it saved, so that its id cannot stand for something else. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table plans add column deleted_at timestamptz;
    create index plans_deleted on plans (deleted_at) where deleted_at is not null;
    alter table saves add column digest bytea;
    create index saves_saved on saves (saved_at);
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table saves drop column digest;
    drop index saves_saved;
    alter table plans drop column deleted_at;
  `);
}

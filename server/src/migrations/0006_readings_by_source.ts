import type { Knex } from 'knex';

/** What was read by hand stands beside what a stand-in read in the same minute, so that neither takes the other with it. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table readings drop constraint readings_pkey;
    alter table readings add primary key (holding_id, meter, at, source);
  `);
}

/** Of a minute read in more ways than one what was made up goes first, then what a device read. */
export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    delete from readings r using readings s
    where r.holding_id = s.holding_id and r.meter = s.meter and r.at = s.at
      and array_position(array['stand-in', 'device', 'hand'], r.source)
        < array_position(array['stand-in', 'device', 'hand'], s.source);
    alter table readings drop constraint readings_pkey;
    alter table readings add primary key (holding_id, meter, at);
  `);
}

import type { Knex } from 'knex';

/** Keepers act for holdings; every other row belongs to a holding. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table keepers (
      id text primary key,
      name text not null
    );
    create table holdings (
      id text primary key,
      name text not null,
      example boolean not null default false,
      created_at timestamptz not null default now()
    );
    create table keeper_holdings (
      keeper_id text not null references keepers on delete cascade,
      holding_id text not null references holdings on delete cascade,
      primary key (keeper_id, holding_id)
    );
    create table plans (
      holding_id text not null references holdings on delete cascade,
      id text not null,
      name text not null,
      document jsonb not null,
      save_number integer not null,
      created_at timestamptz not null default now(),
      saved_at timestamptz not null default now(),
      primary key (holding_id, id)
    );
    create table saves (
      holding_id text not null,
      plan_id text not null,
      save_id text not null,
      save_number integer not null,
      saved_at timestamptz not null,
      primary key (holding_id, plan_id, save_id),
      foreign key (holding_id, plan_id) references plans on delete cascade
    );
    create table revisions (
      holding_id text not null,
      plan_id text not null,
      ten_minutes bigint not null,
      save_number integer not null,
      name text not null,
      document jsonb not null,
      saved_at timestamptz not null,
      primary key (holding_id, plan_id, ten_minutes),
      foreign key (holding_id, plan_id) references plans on delete cascade
    );
    create table own_products (
      holding_id text not null references holdings on delete cascade,
      id text not null,
      product jsonb not null,
      primary key (holding_id, id)
    );
    create table own_prices (
      holding_id text not null references holdings on delete cascade,
      id text not null,
      yard text not null,
      offer jsonb not null,
      as_of date not null,
      primary key (holding_id, id)
    );
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(
    'drop table own_prices, own_products, revisions, saves, plans, keeper_holdings, holdings, keepers',
  );
}

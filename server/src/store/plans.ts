import { createHash } from 'node:crypto';
import {
  type Card,
  type ListedPlan,
  type Plan,
  type PlanSummary,
  type StoredPlan,
  completePlan,
} from '@aviarum/core';
import type { Knex } from 'knex';
import type { Database } from './database';
import { LIMITS, atMostOf } from './limits';
import { again, inHolding } from './writing';

export interface Save {
  /** An id of its own: repeating it returns the first answer. */
  readonly saveId: string;
  /** The save number that this one is based on. */
  readonly basedOn: number;
  readonly plan: Plan;
  /** Of this very plan; null where it was not reckoned yet. */
  readonly card: Card | null;
}
export type SaveOutcome =
  | {
      /** `reused`: the id of this save was used for another content before. */
      readonly outcome: 'saved' | 'conflict' | 'reused';
      readonly saveNumber: number;
      readonly savedAt: string;
    }
  | { readonly outcome: 'missing' };

export interface Row {
  id: string;
  name: string;
  /** As it was saved, perhaps by an earlier version. */
  document: unknown;
  save_number: number;
  saved_at: Date;
}

export const summary = (row: Omit<Row, 'document'>): PlanSummary => ({
  id: row.id,
  name: row.name,
  saveNumber: row.save_number,
  savedAt: row.saved_at.toISOString(),
});

/** From their cards alone: no document is read. */
export async function listPlans(db: Database, holding: string): Promise<readonly ListedPlan[]> {
  const rows = await db('plans')
    .where({ holding_id: holding, deleted_at: null })
    .orderBy('created_at')
    .select<(Row & { card: Card | null })[]>('id', 'name', 'save_number', 'saved_at', 'card');
  return rows.map((row) => ({ ...summary(row), card: row.card }));
}

/** Keeps the card of a save. @returns whether it is still the latest: the card of an earlier one is of no use */
export async function putCard(
  db: Database,
  holding: string,
  id: string,
  { saveNumber, card }: { readonly saveNumber: number; readonly card: Card },
): Promise<boolean> {
  const kept = await db('plans')
    .where({ holding_id: holding, id, save_number: saveNumber, deleted_at: null })
    .update({ card: JSON.stringify(card) });
  return kept > 0;
}

export async function getPlan(db: Database, holding: string, id: string): Promise<StoredPlan | undefined> {
  const row = await db('plans')
    .where({ holding_id: holding, id, deleted_at: null })
    .first<Row | undefined>('id', 'name', 'document', 'save_number', 'saved_at');
  return row && { ...summary(row), plan: completePlan(row.document) };
}

/**
 * @returns undefined when the holding has a plan of that id already, if only in its bin
 * @throws TooMany
 */
export const createPlan = (
  db: Database,
  holding: string,
  plan: Plan,
  card: Card | null = null,
): Promise<PlanSummary | undefined> =>
  inHolding(db, holding, async (trx) => {
    const rows: Row[] = await trx('plans')
      .insert({
        holding_id: holding,
        id: plan.id,
        name: plan.name,
        document: JSON.stringify(plan),
        card: card && JSON.stringify(card),
        save_number: 1,
      })
      .onConflict(['holding_id', 'id'])
      .ignore()
      .returning(['id', 'name', 'save_number', 'saved_at']);
    const [row] = await trx('plans').where({ holding_id: holding }).count<{ count: string }[]>('* as count');
    atMostOf('plans with those in the bin', LIMITS.plans, Number(row?.count ?? 0));
    return rows[0] && summary(rows[0]);
  });

/**
 * One statement, prepared once a connection and with each value sent once: the keeper acts for the holding, the plan moves on only from the save it is
 * based on, the save is noted under its own id with what it saved, and revisions of the same ten minutes are squashed into one.
 */
export const SAVE_SQL = `
  with given as (
    select ?::text as keeper, ?::text as holding, ?::text as id, ?::text as save_id, ?::int as based_on, ?::text as name,
      ?::jsonb as document, ?::bytea as digest, ?::jsonb as card
  ), mine as (
    select g.* from given g join keeper_holdings k on k.keeper_id = g.keeper and k.holding_id = g.holding
  ), known as (
    select s.save_number, s.saved_at, coalesce(s.digest = m.digest, true) as same
    from saves s join mine m on s.holding_id = m.holding and s.plan_id = m.id and s.save_id = m.save_id
  ), saved as (
    update plans p set document = m.document, name = m.name, card = m.card, save_number = p.save_number + 1, saved_at = now()
    from mine m
    where p.holding_id = m.holding and p.id = m.id and p.save_number = m.based_on and p.deleted_at is null
      and not exists (select 1 from known)
    returning p.save_number, p.saved_at
  ), noted as (
    insert into saves (holding_id, plan_id, save_id, save_number, saved_at, digest)
    select m.holding, m.id, m.save_id, s.save_number, s.saved_at, m.digest from saved s cross join mine m
  ), revised as (
    insert into revisions (holding_id, plan_id, ten_minutes, save_number, name, document, saved_at)
    select m.holding, m.id, floor(extract(epoch from s.saved_at) / 600)::bigint, s.save_number, m.name, m.document, s.saved_at
    from saved s cross join mine m
    on conflict (holding_id, plan_id, ten_minutes) do update
      set save_number = excluded.save_number, name = excluded.name, document = excluded.document, saved_at = excluded.saved_at
  )
  select 'saved' as outcome, save_number, saved_at from saved
  union all select case when same then 'saved' else 'reused' end, save_number, saved_at from known`;

interface SavedRow {
  outcome: 'saved' | 'reused';
  save_number: number;
  saved_at: Date;
}

/** Whose plan it is. */
export interface PlanAddress {
  readonly keeper: string;
  readonly holding: string;
  readonly id: string;
}

const digestOf = (document: string): Buffer => createHash('sha256').update(document).digest();

/** In the order in which the statement names them. */
export function saveValues({ keeper, holding, id }: PlanAddress, save: Save): readonly Knex.RawBinding[] {
  const document = JSON.stringify(save.plan);
  const card = save.card && JSON.stringify(save.card);
  return [keeper, holding, id, save.saveId, save.basedOn, save.plan.name, document, digestOf(document), card];
}

export async function savePlan(db: Database, at: PlanAddress, save: Save): Promise<SaveOutcome> {
  const answer = (
    outcome: Exclude<SaveOutcome['outcome'], 'missing'>,
    row: Pick<SavedRow, 'save_number' | 'saved_at'>,
  ): SaveOutcome => ({ outcome, saveNumber: row.save_number, savedAt: row.saved_at.toISOString() });
  const send = () =>
    again(() =>
      db
        .raw<{ rows: SavedRow[] }>(SAVE_SQL, saveValues(at, save))
        .options({ name: 'save-plan' })
        .then(({ rows }) => rows[0]),
    );
  const saved = await send();
  if (saved) return answer(saved.outcome, saved);
  // Nothing moved: a twin of this very save may have won in the same instant, or somebody else did.
  const twin = await send();
  if (twin) return answer(twin.outcome, twin);
  const stored = await db('plans')
    .join('keeper_holdings', 'keeper_holdings.holding_id', 'plans.holding_id')
    .where({ keeper_id: at.keeper, 'plans.holding_id': at.holding, id: at.id, deleted_at: null })
    .first<SavedRow | undefined>('save_number', 'saved_at');
  return stored ? answer('conflict', stored) : { outcome: 'missing' };
}

export async function listRevisions(
  db: Database,
  holding: string,
  id: string,
): Promise<readonly PlanSummary[]> {
  const rows = await db('revisions')
    .where({ holding_id: holding, plan_id: id })
    .orderBy('save_number', 'desc')
    .select<Row[]>({ id: 'plan_id' }, 'name', 'save_number', 'saved_at');
  return rows.map(summary);
}

export async function getRevision(
  db: Database,
  holding: string,
  id: string,
  saveNumber: number,
): Promise<StoredPlan | undefined> {
  const row = await db('revisions')
    .where({ holding_id: holding, plan_id: id, save_number: saveNumber })
    .first<Row | undefined>({ id: 'plan_id' }, 'name', 'save_number', 'saved_at', 'document');
  return row && { ...summary(row), plan: completePlan(row.document) };
}

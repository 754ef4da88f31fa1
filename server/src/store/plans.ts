import { type Plan, completePlan } from '@aviarum/core';
import type { Database } from './database';

export interface PlanSummary {
  readonly id: string;
  readonly name: string;
  readonly saveNumber: number;
  readonly savedAt: string;
}
export interface StoredPlan extends PlanSummary {
  readonly plan: Plan;
}
export interface Save {
  /** An id of its own: repeating it returns the first answer. */
  readonly saveId: string;
  /** The save number that this one is based on. */
  readonly basedOn: number;
  readonly plan: Plan;
}
export type SaveOutcome =
  | { readonly outcome: 'saved' | 'conflict'; readonly saveNumber: number; readonly savedAt: string }
  | { readonly outcome: 'missing' };

interface Row {
  id: string;
  name: string;
  /** As it was saved, perhaps by an earlier version. */
  document: unknown;
  save_number: number;
  saved_at: Date;
}

const summary = (row: Omit<Row, 'document'>): PlanSummary => ({
  id: row.id,
  name: row.name,
  saveNumber: row.save_number,
  savedAt: row.saved_at.toISOString(),
});

export async function listPlans(db: Database, holding: string): Promise<readonly PlanSummary[]> {
  const rows = await db('plans')
    .where({ holding_id: holding })
    .orderBy('created_at')
    .select<Row[]>('id', 'name', 'save_number', 'saved_at');
  return rows.map(summary);
}

export async function getPlan(db: Database, holding: string, id: string): Promise<StoredPlan | undefined> {
  const row = await db('plans')
    .where({ holding_id: holding, id })
    .first<Row | undefined>('id', 'name', 'document', 'save_number', 'saved_at');
  return row && { ...summary(row), plan: completePlan(row.document) };
}

/** @returns undefined when the holding has a plan of that id already */
export async function createPlan(
  db: Database,
  holding: string,
  plan: Plan,
): Promise<PlanSummary | undefined> {
  const rows: Row[] = await db('plans')
    .insert({
      holding_id: holding,
      id: plan.id,
      name: plan.name,
      document: JSON.stringify(plan),
      save_number: 1,
    })
    .onConflict(['holding_id', 'id'])
    .ignore()
    .returning(['id', 'name', 'save_number', 'saved_at']);
  return rows[0] && summary(rows[0]);
}

/**
 * One statement: the plan moves on only from the save it is based on, the save is noted under its own id, and revisions
 * of the same ten minutes are squashed into one.
 */
export const SAVE_SQL = `
  with known as (
    select save_number, saved_at from saves where holding_id = :holding and plan_id = :id and save_id = :saveId
  ), saved as (
    update plans set document = :document::jsonb, name = :name, save_number = save_number + 1, saved_at = now()
    where holding_id = :holding and id = :id and save_number = :basedOn and not exists (select 1 from known)
    returning save_number, saved_at
  ), noted as (
    insert into saves (holding_id, plan_id, save_id, save_number, saved_at)
    select :holding, :id, :saveId, save_number, saved_at from saved
  ), revised as (
    insert into revisions (holding_id, plan_id, ten_minutes, save_number, name, document, saved_at)
    select :holding, :id, floor(extract(epoch from saved_at) / 600)::bigint, save_number, :name, :document::jsonb, saved_at from saved
    on conflict (holding_id, plan_id, ten_minutes) do update
      set save_number = excluded.save_number, name = excluded.name, document = excluded.document, saved_at = excluded.saved_at
  )
  select save_number, saved_at from saved union all select save_number, saved_at from known`;

interface SavedRow {
  save_number: number;
  saved_at: Date;
}

export async function savePlan(db: Database, holding: string, id: string, save: Save): Promise<SaveOutcome> {
  const bindings = {
    holding,
    id,
    saveId: save.saveId,
    basedOn: save.basedOn,
    name: save.plan.name,
    document: JSON.stringify(save.plan),
  };
  const answer = (outcome: 'saved' | 'conflict', row: SavedRow): SaveOutcome => ({
    outcome,
    saveNumber: row.save_number,
    savedAt: row.saved_at.toISOString(),
  });
  const { rows } = await db.raw<{ rows: SavedRow[] }>(SAVE_SQL, bindings);
  if (rows[0]) return answer('saved', rows[0]);
  // Nothing moved: a twin of this very save may have won in the same instant, or somebody else did.
  const twin = await db('saves')
    .where({ holding_id: holding, plan_id: id, save_id: save.saveId })
    .first<SavedRow | undefined>('save_number', 'saved_at');
  if (twin) return answer('saved', twin);
  const now = await db('plans')
    .where({ holding_id: holding, id })
    .first<SavedRow | undefined>('save_number', 'saved_at');
  return now ? answer('conflict', now) : { outcome: 'missing' };
}

export async function deletePlan(db: Database, holding: string, id: string): Promise<boolean> {
  return (await db('plans').where({ holding_id: holding, id }).delete()) > 0;
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

import { type Table, tableOf } from '../engine/table';
import { fenceSteps } from './fence';
import * as K from '../keys';
import type { Plan } from '../plan/schema';
import { LATER, LATER_IDS, type LaterId, type LaterStages, usedLater } from '../stages/later';
import { VERDICT_STEPS } from '../verdicts/steps';
import { TOLD_STEPS } from './told';

/** The steps that a plan needs: a stage that it does not use is in none of them. */
export type Tables = (plan: Plan) => Table;

const GIVEN = [K.PLAN, K.CATALOGUE, K.MEMO, K.PROOFS, K.BUYING_AT, K.READING];

/** Every choice among some. */
const choicesOf = (of: readonly LaterId[]): readonly (readonly LaterId[])[] =>
  of.reduce<readonly (readonly LaterId[])[]>((all, id) => [...all, ...all.map((one) => [...one, id])], [[]]);

/** The table of plans that use just these of the later stages. */
export function tableFor(used: readonly LaterId[], there: Partial<LaterStages>): Table {
  const of = (id: LaterId) => (used.includes(id) ? there[id] : undefined) ?? LATER[id].unused;
  const later = Object.fromEntries(LATER_IDS.map((id) => [id, of(id)])) as LaterStages;
  return tableOf([...fenceSteps(later), ...VERDICT_STEPS, ...TOLD_STEPS], GIVEN);
}

/**
 * Tables for plans that use no later stage but these. Each is checked here: a circle, a missing maker or a second one is told at once.
 *
 * @param there  those that are loaded
 * @returns throws Error naming what a plan uses and is not there
 */
export function tablesWith(there: Partial<LaterStages>): Tables {
  const loaded = LATER_IDS.filter((id) => there[id] !== undefined);
  const tables = new Map(choicesOf(loaded).map((used) => [used.join(), tableFor(used, there)]));
  return (plan) => {
    const used = usedLater(plan).join();
    const table = tables.get(used);
    if (!table) throw new Error(`this plan uses ${used}, and not all of it is loaded`);
    return table;
  };
}

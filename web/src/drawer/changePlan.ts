import { type Card, type Change, type ListedPlan, type Plan, apply } from '@aviarum/core';
import { plan, savePlan } from '../api/client';

/** The card of a plan that differs in its name and note alone. */
function carried({ note: _, ...card }: Card, { note }: Plan): Card {
  return note === '' ? card : { ...card, note };
}

/** Changes a plan that is not open: what the drawer can change leaves its figures, and so its card, as they are. */
export async function changePlan(holding: string, listed: ListedPlan, change: Change): Promise<void> {
  const stored = await plan(holding, listed.id);
  const { card } = listed;
  const changed = apply(stored.plan, change);
  await savePlan(holding, {
    plan: changed,
    card: card && stored.saveNumber === listed.saveNumber ? carried(card, changed) : null,
    basedOn: stored.saveNumber,
    saveId: crypto.randomUUID(),
  });
}

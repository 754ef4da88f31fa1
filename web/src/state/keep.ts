import { type Card, LENGTHS, type Plan, apply, cutText, newId } from '@aviarum/core';
import { createPlan } from '../api/client';

const SUFFIX = { variant: ', variant', found: ', kept' } as const;

/** A plan of the same ground under another name and id: to compare, or because its own is gone. */
function renamed(plan: Plan, as: keyof typeof SUFFIX): Plan {
  const suffix = SUFFIX[as];
  const name = `${cutText(plan.name, LENGTHS.name - suffix.length)}${suffix}`;
  return {
    ...apply(plan, { verb: 'rename', name }),
    id: newId('p', [plan], Math.random) + newId('', [], Math.random),
  };
}

/** @returns the id of the new plan. @throws ApiError or NoConnection when it was not made */
export async function keepAsNew(
  holding: string,
  plan: Plan,
  as: keyof typeof SUFFIX,
  card: Card | null = null,
): Promise<string> {
  const made = renamed(plan, as);
  await createPlan(holding, made, card);
  return made.id;
}

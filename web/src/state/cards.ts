import { type Card, type Plan, cardOf } from '@aviarum/core';
import { useReckoning } from './reckoned';

/** The card of a plan where the figures in hand are of that very plan; null where they are not yet. */
export function cardOfPlan(plan: Plan): Card | null {
  const { reckoning, of } = useReckoning.getState();
  return reckoning && of === plan ? cardOf(plan, reckoning) : null;
}

import { type Market, type Plan, editionOf, marketOf } from '@aviarum/core';
import { usePlan } from './planStore';

/** What the plan in hand is bought from: made once for all that show it. */
let market: { readonly of: Plan['buying']; readonly made: Market } | undefined;

export function marketFor(plan: Plan): Market {
  if (market?.of !== plan.buying) market = { of: plan.buying, made: marketOf(editionOf(plan), plan.buying) };
  return market.made;
}

export function useMarket(): Market | null {
  const plan = usePlan((s) => s.plan);
  return plan && marketFor(plan);
}

import { setCurrency, setYards, buyFrom, setFetching, setTerms } from './yards';
import { type Plan, type Buying, type OwnedPiece, type ExtraPiece } from '../../../plan/schema';
import { put, without } from '../../../plan/lists';

/** What can be done to the docket of a plan. */
export const VERBS = {
  'set-yards': setYards,
  'buy-from': buyFrom,
  'set-fetching': setFetching,
  'set-terms': setTerms,
  /** Newer prices of the edition and of the keeper's own, for those that the plan carries. */
  'take-prices': (
    plan: Plan,
    { prices }: { readonly prices: Pick<Buying, 'edition' | 'pricesAsOf' | 'ownPrices' | 'ownProducts'> },
  ): Plan => ({ ...plan, buying: { ...plan.buying, ...prices } }),
  /** Ticks a line off at the yard where it was bought. */
  'tick-bought': (
    plan: Plan,
    { line, done }: { readonly line: string; readonly done: 'yes' | 'no' },
  ): Plan => {
    const others = plan.bought.filter((l) => l !== line);
    return { ...plan, bought: done === 'yes' ? [...others, line] : others };
  },
  'set-currency': setCurrency,
  'set-owned': (plan: Plan, { piece }: { readonly piece: OwnedPiece }): Plan => ({
    ...plan,
    owned: put(plan.owned, piece),
  }),
  'remove-owned': (plan: Plan, { id }: { readonly id: string }): Plan => ({
    ...plan,
    owned: without(plan.owned, id),
  }),
  'set-extra': (plan: Plan, { extra }: { readonly extra: ExtraPiece }): Plan => ({
    ...plan,
    extras: put(plan.extras, extra),
  }),
  'remove-extra': (plan: Plan, { id }: { readonly id: string }): Plan => ({
    ...plan,
    extras: without(plan.extras, id),
  }),
} as const;

import type { Plan } from '../../../plan/schema';

export interface SetYards {
  readonly yards: readonly string[];
}

export interface SetCurrency {
  readonly currency: string;
}

/** The plan's currency; prices of its own that are stated in another go, so that one plan has one. */
export function setCurrency(plan: Plan, { currency }: SetCurrency): Plan {
  const ownPrices = plan.buying.ownPrices.filter((p) => reads(p.currency, currency));
  return { ...plan, currency, buying: { ...plan.buying, ownPrices } };
}

/** Whether a price stated in one currency, or in none, can stand in a plan of this one. */
export const reads = (stated: string | undefined, plan: string): boolean =>
  stated === undefined || stated === plan;

/** Buys all of one product at one yard; null where it is cheapest. */
export interface BuyFrom {
  readonly goods: string;
  readonly yard: string | null;
}

/** What was told of a yard; null: as its list has it. */
export interface SetTerms {
  readonly yard: string;
  /** Minor units, as the yard states it. */
  readonly delivery?: number | null;
  /** Rate. */
  readonly tax?: number | null;
}

export interface SetFetching {
  readonly yard: string;
  readonly goods: 'delivered' | 'fetched';
}

/** One yard or two; what was bought at a yard that is left is bought where it is cheapest. */
export function setYards(plan: Plan, { yards }: SetYards): Plan {
  const { buying } = plan;
  const kept = Object.entries(buying.from).filter(([, yard]) => yards.length > 1 && yards.includes(yard));
  const fetched = buying.fetched.filter((yard) => yards.includes(yard));
  return { ...plan, buying: { ...buying, yards: [...yards], from: Object.fromEntries(kept), fetched } };
}

export function buyFrom(plan: Plan, { goods, yard }: BuyFrom): Plan {
  const { [goods]: _, ...others } = plan.buying.from;
  const from = yard === null || !plan.buying.yards.includes(yard) ? others : { ...others, [goods]: yard };
  return { ...plan, buying: { ...plan.buying, from } };
}

export function setFetching(plan: Plan, { yard, goods }: SetFetching): Plan {
  const others = plan.buying.fetched.filter((y) => y !== yard);
  const fetched = goods === 'fetched' ? [...others, yard] : others;
  return { ...plan, buying: { ...plan.buying, fetched } };
}

export function setTerms(plan: Plan, { yard, delivery, tax }: SetTerms): Plan {
  const { [yard]: own, ...others } = plan.buying.terms;
  // What is not spoken of stays; null is the list's again.
  const stated = {
    delivery: delivery === undefined ? own?.delivery : delivery,
    tax: tax === undefined ? own?.tax : tax,
  };
  const yardNow = {
    ...(stated.delivery == null ? {} : { delivery: stated.delivery }),
    ...(stated.tax == null ? {} : { tax: stated.tax }),
  };
  const terms = Object.keys(yardNow).length === 0 ? others : { ...others, [yard]: yardNow };
  return { ...plan, buying: { ...plan.buying, terms } };
}

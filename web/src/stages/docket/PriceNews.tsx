import {
  EDITIONS,
  LATEST_EDITION,
  type Buying,
  type OwnMesh,
  type Plan,
  type StoredPrice,
  editionOf,
} from '@aviarum/core';
import { useQuery } from '@tanstack/react-query';
import { queried } from '../../api/queried';
import { prices, products } from '../../api/stock';
import { longDay } from '../../fields/dates';
import { usePlan } from '../../state/planStore';
import { useEffects, useReader } from '../../state/reckoningStore';
import { sameFields } from '../../state/sameFields';

type News = Pick<Buying, 'edition' | 'pricesAsOf' | 'ownPrices' | 'ownProducts'>;

const newest = (dates: readonly string[]) => [...dates].sort().at(-1) ?? '';

/** Own prices whose list is in a currency that the plan cannot read, yard by yard, with the way out. */
function OtherCurrencies({ plan, prices: left }: { plan: Plan; prices: readonly StoredPrice[] }) {
  const take = usePlan((s) => s.take);
  const lists = [...new Map(left.map((p) => [p.yard, p.currency ?? 'XXX']))];
  const yardName = (id: string) => editionOf(plan).yards.find((y) => y.id === id)?.name ?? id;
  return lists.map(([yard, currency]) => (
    <div key={yard} className="finding" data-severity="mend" role="note">
      <p>
        Your list of {yardName(yard)} is in {currency} and this plan{' '}
        {plan.currency === 'XXX' ? 'names no currency' : `is in ${plan.currency}`}. A plan has one currency:
        these prices are left out.
      </p>
      <div className="mends">
        <button type="button" className="btn" onClick={() => take({ verb: 'set-currency', currency })}>
          Buy in {currency}
        </button>
      </div>
    </div>
  ));
}

/** Today's prices as the plan can take them. */
function newsFor(
  plan: Plan,
  prices: readonly StoredPrice[],
  products: readonly OwnMesh[],
): { readonly news: News; readonly left: readonly StoredPrice[] } | null {
  const latest = EDITIONS[LATEST_EDITION];
  if (!latest) return null;
  const isRead = ({ currency }: StoredPrice) => currency === undefined || currency === plan.currency;
  const pricesTaken = prices.filter(isRead);
  // Products that the plan uses and the holding no longer lists stay with the plan.
  const kept = plan.buying.ownProducts.filter((p) => !products.some((m) => m.id === p.id));
  return {
    news: {
      edition: LATEST_EDITION,
      pricesAsOf: newest([latest.pricesAsOf, ...pricesTaken.map((p) => p.asOf ?? '')]),
      ownPrices: pricesTaken.map(({ id: _, ...price }) => price),
      ownProducts: [...products, ...kept],
    },
    left: prices.filter((p) => !isRead(p)),
  };
}

function Newer({ plan }: { plan: Plan }) {
  const holding = usePlan((s) => s.holding);
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const own = useQuery({ queryKey: ['prices', holding], queryFn: () => prices(holding) });
  const made = useQuery({ queryKey: ['products', holding], queryFn: () => products(holding) });
  const ready = own.data && made.data;
  const found = ready ? newsFor(plan, own.data, made.data) : null;
  const news = found?.news ?? null;
  const { buying } = plan;
  const { edition, pricesAsOf, ownPrices, ownProducts } = buying;
  const differs = news !== null && !sameFields(news, { edition, pricesAsOf, ownPrices, ownProducts });
  const change = differs ? ({ verb: 'take-prices', prices: news } as const) : null;
  const [effect] = useEffects(change ? [change] : []);
  return (
    <section style={{ gap: 6 }}>
      <div>
        <b>Prices</b> of {longDay(pricesAsOf)}
      </div>
      {found && <OtherCurrencies plan={plan} prices={found.left} />}
      {change ? (
        <>
          <p className="small">
            There are prices of {longDay(change.prices.pricesAsOf)}.{' '}
            {effect &&
              (effect.price === null
                ? 'Some line would have no price.'
                : effect.price === 0
                  ? 'The docket would come to the same.'
                  : `The docket would come to ${reader.money(Math.abs(effect.price))} ${effect.price > 0 ? 'more' : 'less'}.`)}
          </p>
          <button type="button" className="btn" onClick={() => take(change)}>
            Use today’s prices
          </button>
        </>
      ) : (
        <p className="soft small">{ready ? 'There are none newer.' : 'Looking for newer ones …'}</p>
      )}
    </section>
  );
}

/** Newer prices than the plan carries are offered with what they would do, never taken silently. */
export const PriceNews = queried(Newer);

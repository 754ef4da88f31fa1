import { EDITIONS, LATEST_EDITION, type Buying, type Plan } from '@aviarum/core';
import { useQuery } from '@tanstack/react-query';
import { prices, products } from '../../api/stock';
import { usePlan } from '../../state/planStore';
import { useEffects, useReader } from '../../state/reckoningStore';
import { sameFields } from '../../state/sameFields';

type News = Pick<Buying, 'edition' | 'pricesAsOf' | 'ownPrices' | 'ownProducts'>;

const newest = (dates: readonly string[]) => [...dates].sort().at(-1) ?? '';
const dated = (iso: string) =>
  new Date(iso).toLocaleDateString(undefined, { day: 'numeric', month: 'long', year: 'numeric' });

/** Newer prices than the plan carries are offered with what they would do, never taken silently. */
export function PriceNews({ plan }: { plan: Plan }) {
  const holding = usePlan((s) => s.holding);
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const own = useQuery({ queryKey: ['prices', holding], queryFn: () => prices(holding) });
  const made = useQuery({ queryKey: ['products', holding], queryFn: () => products(holding) });
  const latest = EDITIONS[LATEST_EDITION];
  const { buying } = plan;
  const ready = own.data && made.data && latest;
  // Products that the plan uses and the holding no longer lists stay with the plan.
  const kept = buying.ownProducts.filter((p) => !made.data?.some((m) => m.id === p.id));
  const news: News | null = ready
    ? {
        edition: LATEST_EDITION,
        pricesAsOf: newest([latest.pricesAsOf, ...own.data.map((p) => p.asOf ?? '')]),
        ownPrices: own.data.map(({ yard, offer, asOf }) => ({ yard, offer, asOf })),
        ownProducts: [...made.data, ...kept],
      }
    : null;
  const { edition, pricesAsOf, ownPrices, ownProducts } = buying;
  const differs = news !== null && !sameFields(news, { edition, pricesAsOf, ownPrices, ownProducts });
  const change = differs ? ({ verb: 'take-prices', prices: news } as const) : null;
  const [effect] = useEffects(change ? [change] : []);
  return (
    <section style={{ gap: 6 }}>
      <div>
        <b>Prices</b> of {dated(pricesAsOf)}
      </div>
      {change ? (
        <>
          <p className="small">
            There are prices of {dated(change.prices.pricesAsOf)}.{' '}
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

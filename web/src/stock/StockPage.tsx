import { EDITIONS, LATEST_EDITION, marketOf, type Market, type OwnMesh } from '@aviarum/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import { Link } from '../pages/Link';
import { prices, products, shed, yardLists } from '../api/stock';
import { PageBar } from '../pages/PageBar';
import { Trouble } from '../pages/Trouble';
import { OwnProducts } from './OwnProducts';
import { PriceList } from './PriceList';
import { Shed } from './Shed';

/** The market of today's edition with the holding's own products: for names and lists. */
function useToday(own: readonly OwnMesh[] | undefined): Market | null {
  return useMemo(() => {
    const latest = EDITIONS[LATEST_EDITION];
    if (!latest || !own) return null;
    return marketOf(latest, {
      edition: LATEST_EDITION,
      pricesAsOf: latest.pricesAsOf,
      yards: latest.yards.map((y) => y.id).slice(0, 2),
      from: {},
      fetched: [],
      terms: {},
      ownProducts: [...own],
      ownPrices: [],
    });
  }, [own]);
}

/** What the holding has, what things cost, and products of its own: shared by all its plans. */
export default function StockPage() {
  const { holding = '' } = useParams();
  const pieces = useQuery({ queryKey: ['shed', holding], queryFn: () => shed(holding) });
  const own = useQuery({ queryKey: ['products', holding], queryFn: () => products(holding) });
  const priced = useQuery({ queryKey: ['prices', holding], queryFn: () => prices(holding) });
  const lists = useQuery({ queryKey: ['yards', holding], queryFn: () => yardLists(holding) });
  const market = useToday(own.data);
  const failed = pieces.error ?? own.error ?? priced.error ?? lists.error;
  if (failed) return <Trouble error={failed} back={`/h/${holding}`} />;
  return (
    <>
      <PageBar>
        <Link to={`/h/${holding}`}>All plans</Link>
      </PageBar>
      <div className="pagebody">
        <main className="page widepage stock">
          <div>
            <h1 style={{ fontSize: 34 }}>Shed and prices</h1>
            <p className="lead soft">
              What is in the shed costs nothing and is used where it helps. A plan keeps the prices it was
              made with until you take newer ones at its docket.
            </p>
          </div>
          {market && pieces.data && <Shed holding={holding} market={market} pieces={pieces.data} />}
          {market && own.data && priced.data && lists.data && (
            <>
              <PriceList holding={holding} prices={priced.data} lists={lists.data} market={market} />
              <OwnProducts holding={holding} products={own.data} prices={priced.data} market={market} />
            </>
          )}
        </main>
      </div>
    </>
  );
}

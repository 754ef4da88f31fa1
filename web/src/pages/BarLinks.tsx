import type { Holding } from '@aviarum/core';
import { useQuery } from '@tanstack/react-query';
import { Link } from './Link';
import { holdings } from '../api/client';

const named = ({ name, example }: Holding) => (example ? `Look round ${name}, the example` : name);
/** The bar has room for so many of one's own. */
const MOST = 2;

/** Other holdings, the example always among them, and the shed of this one. */
export function BarLinks({ holding }: { holding: string }) {
  const all = useQuery({ queryKey: ['holdings'], queryFn: holdings });
  const others = all.data?.filter((h) => h.id !== holding) ?? [];
  const shown = [...others.filter((h) => !h.example).slice(0, MOST), ...others.filter((h) => h.example)];
  return (
    <>
      {shown.map((h) => (
        <Link key={h.id} to={`/h/${h.id}`}>
          {named(h)}
        </Link>
      ))}
      <Link to={`/h/${holding}/stock`}>Shed and prices</Link>
    </>
  );
}

/** All holdings, where the bar has no room for them. */
export function AllHoldings({ list, holding }: { list: readonly Holding[]; holding: string }) {
  if (list.length <= MOST + 2) return null;
  return (
    <details className="bin">
      <summary>All holdings ({list.length})</summary>
      <ul className="planlist">
        {list.map((h) => (
          <li key={h.id}>
            <Link to={`/h/${h.id}`} aria-current={h.id === holding ? 'page' : undefined}>
              <b>{h.name}</b>
              {h.example && <span className="soft small">the example</span>}
            </Link>
          </li>
        ))}
      </ul>
    </details>
  );
}

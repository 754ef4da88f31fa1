import type { ListedPlan } from '@aviarum/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useMemo, useRef, useState } from 'react';
import { Link } from '../pages/Link';
import { Pick } from '../fields/Choice';
import { SearchField } from '../fields/SearchField';
import { ORDERS, type Order, inOrder } from './order';
import { PlanRow, type RowActs } from './PlanRow';
import { useActs } from './useActs';
import { useCards } from './useCards';

/** Plans are looked for and put in order from so many on. */
const MANY = 4;
/** px; a row that is taller says so when it is measured. */
const ROW = 98;

/** Rows of the drawer: only those in sight, and a few round them, are on the page. */
function Rows({
  holding,
  list,
  chosen,
  acts,
}: {
  holding: string;
  list: readonly ListedPlan[];
  chosen: readonly string[];
  acts: RowActs;
}) {
  const box = useRef<HTMLUListElement>(null);
  const [margin, setMargin] = useState(0);
  const place = useCallback((ul: HTMLUListElement | null) => {
    box.current = ul;
    setMargin(ul?.offsetTop ?? 0);
  }, []);
  const rows = useVirtualizer({
    count: list.length,
    getScrollElement: () => box.current?.closest('.pagebody') ?? null,
    estimateSize: () => ROW,
    overscan: 6,
    scrollMargin: margin,
    getItemKey: (i) => list[i]?.id ?? i,
    initialRect: { width: 1000, height: 800 },
  });
  const items = rows.getVirtualItems();
  const seen = items.flatMap(({ index }) => list[index] ?? []);
  useCards(holding, seen);
  return (
    <ul className="drawer" ref={place} style={{ height: rows.getTotalSize() }}>
      {items.map(({ index, key, start }) => {
        const plan = list[index];
        return (
          plan && (
            <li
              key={key}
              ref={rows.measureElement}
              data-index={index}
              aria-setsize={list.length}
              aria-posinset={index + 1}
              style={{ transform: `translateY(${start - margin}px)` }}
            >
              <PlanRow holding={holding} plan={plan} compared={chosen.includes(plan.id)} acts={acts} />
            </li>
          )
        );
      })}
    </ul>
  );
}

/** Two plans are compared; a third takes the place of the first. */
const chosenAfter = (chosen: readonly string[], id: string): readonly string[] =>
  chosen.includes(id) ? chosen.filter((c) => c !== id) : [...chosen, id].slice(-2);

function Comparing({ holding, chosen }: { holding: string; chosen: readonly string[] }) {
  const [one, other] = chosen;
  return one !== undefined && other !== undefined ? (
    <Link className="btn btn-primary" to={`/h/${holding}/compare/${one}/${other}`}>
      Compare the two
    </Link>
  ) : (
    <span className="soft small">
      {chosen.length === 1 ? 'Tick a second plan to compare.' : 'Tick two plans to compare them.'}
    </span>
  );
}

/** The plans of a holding: found, put in order, compared, renamed, noted, copied, deleted and brought back. */
export function Drawer({ holding, list }: { holding: string; list: readonly ListedPlan[] }) {
  const [order, setOrder] = useState<Order>('saved');
  const [find, setFind] = useState('');
  const [ticked, setTicked] = useState<readonly string[]>([]);
  // One that was deleted meanwhile is not compared.
  const chosen = ticked.filter((id) => list.some((p) => p.id === id));
  const compare = useCallback((plan: ListedPlan) => setTicked((c) => chosenAfter(c, plan.id)), []);
  const { acts, bringBack, deleted, trouble } = useActs(holding, compare);
  const shown = useMemo(() => inOrder(list, order, find), [list, order, find]);
  return (
    <section aria-label="Plans of this holding">
      <div className="drawertools">
        {list.length >= MANY && (
          <>
            <SearchField name="Find" placeholder="by name or matter" value={find} onType={setFind} />
            <Pick name="In order" value={order} options={ORDERS} onChoose={setOrder} />
          </>
        )}
        {list.length > 1 && <Comparing holding={holding} chosen={chosen} />}
      </div>
      {deleted && (
        <div className="finding" data-severity="know" role="status">
          <p>“{deleted.name}” stays in the bin for 30 days.</p>
          <div className="mends">
            <button type="button" className="btn btn-primary" onClick={() => bringBack(deleted)}>
              Bring it back
            </button>
          </div>
        </div>
      )}
      {trouble !== null && (
        <p className="wrong" role="alert">
          {trouble}
        </p>
      )}
      <div className="drawerheads" aria-hidden="true">
        <span>plan</span>
        <span className="rowfigures">
          <span>run</span>
          <span>fence</span>
          <span>to buy</span>
        </span>
        <span />
      </div>
      {shown.length === 0 && <p className="soft">No plan here is called that.</p>}
      <Rows holding={holding} list={shown} chosen={chosen} acts={acts} />
    </section>
  );
}

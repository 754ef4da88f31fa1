import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { holdings, plans } from '../api/client';
import { Opening } from './Opening';
import { PageBar } from './PageBar';
import { Trouble } from './Trouble';
import { Bin } from './holding/Bin';
import { HoldingFile } from './holding/HoldingFile';
import { OpenFile } from './holding/OpenFile';
import { PlanList } from './holding/PlanList';

/** One holding: its plans, its bin, and the ways to get another. */
export function HoldingPage() {
  const { holding = '' } = useParams();
  const list = useQuery({ queryKey: ['plans', holding], queryFn: () => plans(holding) });
  const all = useQuery({ queryKey: ['holdings'], queryFn: holdings });
  const own = all.data?.find((h) => h.id === holding);
  if (list.error) return <Trouble error={list.error} back="/" />;
  return (
    <>
      <PageBar />
      <div className="pagebody">
        <main className="page">
          <nav className="choices" aria-label="Holdings" style={{ justifySelf: 'start' }}>
            {all.data?.map((h) => (
              <Link
                key={h.id}
                to={`/h/${h.id}`}
                className="btn"
                aria-current={h.id === holding ? 'page' : undefined}
                style={h.id === holding ? { background: 'var(--bar)', color: 'var(--on-bar)' } : {}}
              >
                {h.name}
                {h.example ? ' (example)' : ''}
              </Link>
            ))}
          </nav>
          <div>
            <h1 style={{ fontSize: 34 }}>{own?.name ?? ' '}</h1>
            {own?.example && (
              <p className="lead soft">
                A made-up smallholding to look round in. Change what you like; it is yours.
              </p>
            )}
          </div>
          {!list.data && <Opening what="the holding" />}
          {list.data?.length === 0 && (
            <p>
              No plans here yet. Say which birds you keep and how wide your hen house is, and a run is
              proposed with its whole docket.
            </p>
          )}
          <PlanList holding={holding} list={list.data ?? []} />
          <div style={{ display: 'flex', gap: 10, flexWrap: 'wrap' }}>
            <Link to={`/h/${holding}/new`} className="btn btn-accent">
              New plan
            </Link>
            <Link to={`/h/${holding}/stock`} className="btn">
              Shed, prices and own products
            </Link>
            {list.data && <OpenFile holding={holding} taken={list.data} />}
          </div>
          <Bin holding={holding} />
          <HoldingFile holding={holding} />
        </main>
      </div>
    </>
  );
}

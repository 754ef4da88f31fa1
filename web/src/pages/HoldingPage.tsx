import { type Problem, newId, readPlan } from '@aviarum/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ApiError, createPlan, deletePlan, holdings, plans } from '../api/client';
import { FileButton } from '../fields/FileButton';
import { PageBar } from './PageBar';
import { Trouble } from './Trouble';

/** One holding: its plans, and the ways to get another. */
export function HoldingPage() {
  const { holding = '' } = useParams();
  const list = useQuery({ queryKey: ['plans', holding], queryFn: () => plans(holding) });
  const all = useQuery({ queryKey: ['holdings'], queryFn: holdings });
  const client = useQueryClient();
  const [removing, setRemoving] = useState<string | null>(null);
  if (list.error) return <Trouble error={list.error} back="/" />;
  const own = all.data?.find((h) => h.id === holding);
  const remove = async (id: string) => {
    await deletePlan(holding, id);
    setRemoving(null);
    await client.invalidateQueries({ queryKey: ['plans', holding] });
  };
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
          {list.data?.length === 0 && (
            <p>
              No plans here yet. Say which birds you keep and how wide your hen house is, and a run is
              proposed with its whole docket.
            </p>
          )}
          {list.data && list.data.length > 0 && (
            <ul className="planlist">
              {list.data.map((p) => (
                <li key={p.id}>
                  <Link to={`/h/${holding}/p/${p.id}/outline`}>
                    <b>{p.name}</b>
                    <span className="soft small">
                      saved{' '}
                      {new Date(p.savedAt).toLocaleString(undefined, {
                        dateStyle: 'medium',
                        timeStyle: 'short',
                      })}
                    </span>
                  </Link>
                  {removing === p.id ? (
                    <>
                      <button type="button" className="btn btn-error" onClick={() => void remove(p.id)}>
                        Take it out for good
                      </button>
                      <button type="button" className="btn" onClick={() => setRemoving(null)}>
                        Keep it
                      </button>
                    </>
                  ) : (
                    <button
                      type="button"
                      className="btn btn-ghost"
                      onClick={() => setRemoving(p.id)}
                      aria-label={`Take out ${p.name}`}
                    >
                      Take out
                    </button>
                  )}
                </li>
              ))}
            </ul>
          )}
          <div style={{ display: 'flex', gap: 10, flexWrap: 'wrap' }}>
            <Link to={`/h/${holding}/new`} className="btn btn-accent">
              New plan
            </Link>
            <Link to={`/h/${holding}/stock`} className="btn">
              Shed, prices and own products
            </Link>
            {list.data && <OpenFile holding={holding} taken={list.data} />}
          </div>
        </main>
      </div>
    </>
  );
}

/** A plan file brought in; a file that is refused says which field and how to mend it. */
function OpenFile({ holding, taken }: { holding: string; taken: readonly { readonly id: string }[] }) {
  const navigate = useNavigate();
  const [problems, setProblems] = useState<readonly Problem[] | null>(null);
  const open = async (file: File) => {
    setProblems(null);
    if (file.size > 2_000_000)
      return setProblems([
        { code: 'too-large', pointer: '', message: 'the file is over 2 MB; a plan is far smaller' },
      ]);
    const read = readPlan(await file.text());
    if (!read.ok) return setProblems(read.problems);
    const clash = taken.some((p) => p.id === read.plan.id);
    const plan = clash ? { ...read.plan, id: newId('p', taken, Math.random) } : read.plan;
    try {
      await createPlan(holding, plan);
      await navigate(`/h/${holding}/p/${plan.id}/outline`);
    } catch (error) {
      setProblems(
        error instanceof ApiError && error.problems.length > 0
          ? error.problems
          : [{ code: 'failed', pointer: '', message: 'the server could not take it' }],
      );
    }
  };
  return (
    <>
      <FileButton
        label="Open a plan file"
        name="Plan file"
        accept=".json,application/json"
        onFile={(file) => void open(file)}
      />
      {problems && (
        <div className="finding" data-severity="blocks" role="alert" style={{ flexBasis: '100%' }}>
          <p>
            <b>The file was refused; nothing was saved.</b>
          </p>
          <ul style={{ margin: 0, paddingLeft: 18, listStyle: 'square' }}>
            {problems.slice(0, 12).map((p) => (
              <li key={p.pointer + p.code}>
                {p.pointer !== '' && <code>{p.pointer}</code>} {p.message}
              </li>
            ))}
          </ul>
          {problems.length > 12 && <p>and {problems.length - 12} more</p>}
        </div>
      )}
    </>
  );
}

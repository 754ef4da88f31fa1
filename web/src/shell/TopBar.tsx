import { type Change, LENGTHS, cutText } from '@aviarum/core';
import { Copy, Redo2, Undo2 } from 'lucide-react';
import { type ReactNode, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { Link } from '../pages/Link';
import { useStore } from 'zustand';
import { redo, undo, usePlan } from '../state/planStore';
import { ApiError } from '../api/client';
import { keepAsNew } from '../state/keep';
import { useReader } from '../state/reckoningStore';
import { useSaving } from '../state/saving';
import { clock } from '../fields/dates';
import { useSayChange } from './useSayChange';
import { ThemeButton } from './ThemeButton';

/** Undo and redo with the words of the step, and their keys. */
function UndoButtons() {
  const past = useStore(usePlan.temporal, (s) => s.pastStates.length);
  const future = useStore(usePlan.temporal, (s) => s.futureStates);
  const last = usePlan((s) => s.last);
  const plan = usePlan((s) => s.plan);
  const reader = useReader();
  const say = useSayChange();
  /** What a button does, and to which step once the sentences are there. */
  const hint = (what: 'Undo' | 'Redo', change: Change | null | undefined) =>
    change && plan && say ? `${what}: ${say(change, plan, reader)}` : what;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      if (event.target instanceof HTMLInputElement && event.target.type === 'text') return;
      event.preventDefault();
      if (event.shiftKey) redo();
      else undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <>
      <button
        type="button"
        className="barbtn"
        disabled={past === 0}
        onClick={undo}
        title={past > 0 ? hint('Undo', last) : 'Nothing to undo'}
        aria-label="Undo"
      >
        <Undo2 size={17} aria-hidden /> <span className="label">Undo</span>
      </button>
      <button
        type="button"
        className="barbtn"
        disabled={future.length === 0}
        onClick={redo}
        title={future.length > 0 ? hint('Redo', future[future.length - 1]?.last) : 'Nothing to redo'}
        aria-label="Redo"
      >
        <Redo2 size={17} aria-hidden />
      </button>
    </>
  );
}

function SavedWord() {
  const state = useSaving((s) => s.state);
  const draft = usePlan((s) => s.draft);
  if (draft) {
    return (
      <span className="savedword" role="status" data-state="unsaved">
        draft, not saved
      </span>
    );
  }
  const text = {
    saved: `saved ${state.word === 'saved' ? clock(state.at) : ''}`,
    saving: state.word === 'saving' && state.takes === 'long' ? 'still saving …' : 'saving …',
    unsaved: 'not saved',
    conflict: 'not saved',
    gone: 'not saved',
  }[state.word];
  const why = state.word === 'unsaved' ? state.why : '';
  const isStuck = state.word === 'conflict' || state.word === 'gone';
  return (
    <span
      className="savedword"
      role="status"
      data-state={why !== '' || isStuck ? 'unsaved' : state.word}
      title={why}
    >
      {text}
    </span>
  );
}

/** Metres or feet. */
function Units() {
  const plan = usePlan((s) => s.plan);
  const take = usePlan((s) => s.take);
  return (
    <div className="choices" role="group" aria-label="Units">
      {(['metric', 'imperial'] as const).map((units) => (
        <button
          key={units}
          type="button"
          aria-pressed={plan?.units === units}
          onClick={() => plan?.units !== units && take({ verb: 'set-units', units })}
        >
          {units === 'metric' ? 'metres' : 'feet'}
        </button>
      ))}
    </div>
  );
}

interface Props {
  readonly holding: string;
  readonly holdingName: string;
  /** What else stands in the bar. */
  readonly children?: ReactNode;
}

export function TopBar({ holding, holdingName, children }: Props) {
  const plan = usePlan((s) => s.plan);
  const take = usePlan((s) => s.take);
  const navigate = useNavigate();
  const [naming, setNaming] = useState<string | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const [open, setOpen] = useState(false);
  if (!plan) return null;
  const copy = async () => {
    setFailed(null);
    try {
      const id = await keepAsNew(holding, plan, 'variant');
      await navigate(`/h/${holding}/p/${id}/outline`);
    } catch (error) {
      setFailed(error instanceof ApiError ? error.title : 'no connection');
    }
  };
  const named = () => {
    const name = naming?.trim() ?? '';
    if (name !== '' && name !== plan.name) take({ verb: 'rename', name: cutText(name, LENGTHS.name) });
    setNaming(null);
  };
  return (
    <header className="topbar noprint">
      <Link to="/" className="wordmark">
        AVIARUM
      </Link>
      <div className="crumbs">
        <Link to={`/h/${holding}`}>{holdingName}</Link> /{' '}
        {naming === null ? (
          <button
            type="button"
            className="barbtn"
            style={{ padding: 0 }}
            onClick={() => setNaming(plan.name)}
            title="Rename"
          >
            <b>{plan.name}</b>
          </button>
        ) : (
          <input
            aria-label="Name of the plan"
            className="input"
            style={{ color: 'var(--ink)' }}
            autoFocus
            value={naming}
            onChange={(e) => setNaming(cutText(e.target.value, LENGTHS.name))}
            onBlur={named}
            onKeyDown={(e) => (e.key === 'Enter' ? named() : e.key === 'Escape' && setNaming(null))}
          />
        )}
      </div>
      <UndoButtons />
      <SavedWord />
      <button
        type="button"
        className="barbtn barmore"
        aria-expanded={open}
        aria-label={open ? 'Less' : 'More'}
        onClick={() => setOpen(!open)}
      >
        {open ? '▴' : '▾'}
      </button>
      <div className="barrest" data-open={open ? 'yes' : 'no'}>
        <Units />
        {failed !== null && (
          <span className="savedword" role="alert" data-state="unsaved">
            not copied: {failed}
          </span>
        )}
        <button type="button" className="barbtn" onClick={() => void copy()}>
          <Copy size={16} aria-hidden /> <span className="label">Copy as variant</span>
        </button>
        {children}
        <ThemeButton />
      </div>
    </header>
  );
}

import type { StageId } from '@aviarum/core';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { stagesOf } from '../stages/stages';
import { usePlan } from '../state/planStore';
import { useReckoning } from '../state/reckoned';
import { foldStrip } from '../state/room';
import { useSingleKeys } from './singleKeys';

interface Key {
  readonly keys: string;
  readonly does: string;
}

/** Held with another key or in their own place: always there. */
const HELD: readonly Key[] = [
  { keys: 'Ctrl Z', does: 'undo' },
  { keys: 'Ctrl Shift Z', does: 'redo' },
  { keys: '← →', does: 'on the line: the stage before, the next' },
  { keys: '← ↑ → ↓', does: 'on the sheet: from thing to thing; once picked up, move it' },
  { keys: 'Shift ← ↑ → ↓', does: 'move it further' },
  { keys: 'Enter', does: 'pick a thing up' },
  { keys: 'Delete', does: 'remove it' },
  { keys: 'Escape', does: 'put it down' },
  { keys: '← ↑ → ↓', does: 'on the edge of a panel: more room or less; Enter to reset' },
];
const SINGLE: readonly Key[] = [
  { keys: 'N', does: 'next stage' },
  { keys: 'P', does: 'stage before' },
  { keys: 'M', does: 'the first matter to mend' },
  { keys: 'F', does: 'fold or unfold the strip' },
  { keys: '?', does: 'this list' },
];

/** Where letters are typed, a single key is a letter. */
const isField = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|SELECT|TEXTAREA)$/.test(target.tagName));

function Rows({ keys }: { keys: readonly Key[] }) {
  return (
    <dl className="keylist">
      {keys.map(({ keys: held, does }) => (
        <div key={`${held} ${does}`}>
          <dt>
            <kbd>{held}</kbd>
          </dt>
          <dd>{does}</dd>
        </div>
      ))}
    </dl>
  );
}

/** The stage of the address: where the page goes to counts, though it is not drawn yet. */
const stageNow = () => window.location.pathname.split('/')[5] as StageId;

/** The keys of a plan’s page, and the list of them. */
export default function Keys({ base }: { base: string }) {
  const navigate = useNavigate();
  const [on, setOn] = useSingleKeys();
  const [open, setOpen] = useState(false);
  const dialog = useRef<HTMLDialogElement>(null);
  // Before anything is shown: whoever sees the button can use the keys.
  useLayoutEffect(() => {
    const go = (by: 1 | -1) => {
      const used = stagesOf(usePlan.getState().plan);
      const to = used[used.indexOf(stageNow()) + by];
      if (to) void navigate(`${base}/${to}`);
    };
    const acts: Readonly<Record<string, () => void>> = {
      '?': () => setOpen(true),
      n: () => go(1),
      p: () => go(-1),
      f: foldStrip,
      m: () => {
        const worst = useReckoning.getState().reckoning?.findings[0];
        if (worst) void navigate(`${base}/${worst.stage}`);
      },
    };
    const onKey = (event: KeyboardEvent) => {
      if (!on || event.altKey || event.ctrlKey || event.metaKey || isField(event.target)) return;
      if (dialog.current?.open) return;
      const act = acts[event.key.toLowerCase()];
      if (!act || event.defaultPrevented) return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [base, navigate, on]);
  useEffect(() => {
    if (open) dialog.current?.showModal();
  }, [open]);
  return (
    <>
      <button type="button" className="barbtn keysbtn" onClick={() => setOpen(true)}>
        Keys
      </button>
      {open && (
        <dialog ref={dialog} className="keys" aria-labelledby="keys-title" onClose={() => setOpen(false)}>
          <h2 id="keys-title">Keys</h2>
          <Rows keys={HELD} />
          <h3>Single keys, outside fields</h3>
          <Rows keys={SINGLE} />
          <label className="keyswitch">
            <input type="checkbox" checked={on} onChange={(event) => setOn(event.target.checked)} />
            Single keys act
          </label>
          <form method="dialog">
            <button type="submit" className="btn btn-primary">
              Close
            </button>
          </form>
        </dialog>
      )}
    </>
  );
}

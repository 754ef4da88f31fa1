import {
  type Largest,
  type LiveNet,
  LIVE_NETS,
  MOST_PIECES,
  type Plan,
  counted,
  largestTask,
  listed,
} from '@aviarum/core';
import { proxy, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { usePlan } from '../../state/planStore';
import { useReader } from '../../state/reckoningStore';
import { Pick } from '../../fields/Choice';
import { CountField } from '../../fields/CountField';
import type { ReckonApi } from '../../workers/reckon.worker';
import { startWorker } from '../../workers/start';

/** Nets of one kind that lie in the shed, m. */
export const ownedOf = (plan: Plan, net: LiveNet): readonly number[] =>
  LIVE_NETS[net.kind].sold.flatMap(({ length, pack }) =>
    plan.owned.flatMap((o) =>
      o.kind === 'pack' && o.product === pack && o.condition !== 'poor'
        ? Array.from({ length: Math.min(MOST_PIECES, o.count) }, () => length)
        : [],
    ),
  );

interface Looking {
  readonly share: number;
  readonly worker: Worker;
}

type Found = Largest | 'failed' | 'changed';

/** A search beside the screen: what it has come to, and how it is begun and left. */
function useLargest(net: LiveNet, plan: Plan) {
  const take = usePlan((s) => s.take);
  const [looking, setLooking] = useState<Looking | null>(null);
  const [found, setFound] = useState<Found | null>(null);
  const running = useRef<Worker | null>(null);
  const leave = useCallback(() => {
    running.current?.terminate();
    running.current = null;
    setLooking(null);
  }, []);
  // What was asked of one plan is no answer for the next.
  useEffect(
    () => () => {
      if (!running.current) return;
      leave();
      setFound('changed');
    },
    [plan, leave],
  );
  const look = async (pieces: readonly number[]) => {
    leave();
    setFound(null);
    const worker = startWorker();
    running.current = worker;
    setLooking({ share: 0, worker });
    const answer = await wrap<ReckonApi>(worker)
      .largest(
        largestTask(plan, net, pieces),
        proxy((share: number) => setLooking((now) => (now?.worker === worker ? { share, worker } : now))),
      )
      // A worker that dies found nothing.
      .catch(() => null);
    if (running.current !== worker) return;
    leave();
    setFound(answer ?? 'failed');
    if (answer?.found === 'loop')
      take({
        verb: 'set-net',
        id: net.id,
        to: { points: answer.points.map(({ x, y }) => ({ x, y })), pieces: [...pieces] },
      });
  };
  return { looking, found, look, leave };
}

interface Asking {
  readonly net: LiveNet;
  readonly onLook: (pieces: readonly number[]) => void;
}

/** Of how many nets, and how long each is. */
function OfSoMany({ net, onLook }: Asking) {
  const reader = useReader();
  const lengths = LIVE_NETS[net.kind].sold.map((s) => s.length);
  const [count, setCount] = useState(2);
  const [asked, setAsked] = useState<number | null>(null);
  // Of another kind there may be none so long.
  const length = lengths.find((l) => l === asked) ?? lengths[lengths.length - 1] ?? 0;
  return (
    <>
      <div className="fields">
        <CountField name="How many nets" value={count} least={1} most={MOST_PIECES} onCommit={setCount} />
        <Pick
          name="Each of"
          value={String(length)}
          options={lengths.map((l) => ({ value: String(l), label: reader.about(l) }))}
          onChoose={(l) => setAsked(Number(l))}
        />
      </div>
      <div className="mends">
        <button
          type="button"
          className="btn"
          onClick={() => onLook(Array.from({ length: count }, () => length))}
        >
          Of {counted(count, 'net')} of {reader.about(length)}
        </button>
      </div>
    </>
  );
}

/** Of the nets that it is made of, of those that are there, or of so many. */
function OfWhich({ net, plan, onLook }: Asking & { readonly plan: Plan }) {
  const reader = useReader();
  const owned = ownedOf(plan, net);
  return (
    <>
      <div className="mends">
        {net.pieces !== null && (
          <button type="button" className="btn" onClick={() => onLook(net.pieces ?? [])}>
            Of these {counted(net.pieces.length, 'net')}
          </button>
        )}
        {owned.length > 0 && (
          <button type="button" className="btn" onClick={() => onLook(owned)}>
            Of what is in the shed: {owned.map((l) => reader.about(l)).join(' + ')}
          </button>
        )}
      </div>
      <OfSoMany net={net} onLook={onLook} />
    </>
  );
}

/** The largest loop of some nets, looked for beside the screen; it can be left at any time. */
export function LargestLoop({ net, plan }: { net: LiveNet; plan: Plan }) {
  const reader = useReader();
  const { looking, found, look, leave } = useLargest(net, plan);
  const inside = net.inside.length === 0 ? ' where it stands' : '';
  return (
    <div className="field" role="group" aria-label={`The largest loop${inside}`}>
      <span className="name">The largest loop{inside}</span>
      {looking ? (
        <div className="mends">
          <progress value={looking.share} aria-label="Looking for the largest loop" />
          <button type="button" className="btn" onClick={leave}>
            Leave it
          </button>
        </div>
      ) : (
        <OfWhich net={net} plan={plan} onLook={(pieces) => void look(pieces)} />
      )}
      {found && <p className="small">{said(found, reader)}</p>}
    </div>
  );
}

/** What was found, in a sentence. */
function said(found: Found, reader: ReturnType<typeof useReader>): string {
  if (found === 'changed') return 'The plan changed while it looked. Look again.';
  if (found === 'failed') return 'The search broke off. Try it again.';
  switch (found.found) {
    case 'loop':
      return `It encloses ${reader.area(found.area)}; on open ground these nets enclose ${reader.area(found.bound)} at most.`;
    case 'short':
      return `They do not go round: ${reader.length(found.by)} short of the ${reader.length(found.length)} that it takes. Leave something out, or add a net.`;
    case 'between':
      return found.things.length > 0
        ? `${listed(found.things)} stands between what has to be inside, or too near it: take it inside as well.`
        : 'What has to be inside stands too near a line that the net keeps off.';
  }
}

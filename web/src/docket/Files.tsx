import { EXPORTS, EXPORT_KINDS, type ExportKind, type Plan, writePlan } from '@aviarum/core';
import { useState } from 'react';
import { Link } from '../pages/Link';
import { keepLooking, useImproving } from '../state/improving';
import { usePlan } from '../state/planStore';
import { useReckoning } from '../state/reckoningStore';

export function download(name: string, type: string, text: string) {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

export const slug = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '') || 'plan';

/** On paper nothing can be looked into any more: what is not proved is, once, before it is printed. */
async function printImproved(plan: Plan) {
  const { reckoning } = useReckoning.getState();
  const looked = useImproving.getState().efforts[plan.id] ?? 0;
  if (reckoning?.proof?.proved === false && looked === 0) await keepLooking();
  window.print();
}

/** Sends words by whatever this device sends with; where it has nothing for that, they are copied. @returns what was done */
async function send(title: string, text: string): Promise<string> {
  try {
    if (typeof navigator.share === 'function') {
      await navigator.share({ title, text });
      return 'Sent.';
    }
    await navigator.clipboard.writeText(text);
    return 'Copied. Paste it into your message.';
  } catch (error) {
    // Whoever closes the list of ways to send wants nothing said.
    if (error instanceof DOMException && error.name === 'AbortError') return '';
    return 'This device cannot send or copy from here. Use “Docket as CSV”.';
  }
}

/** The docket in plain words, for somebody else. */
function SendButton({ plan }: { plan: Plan }) {
  const [said, setSaid] = useState('');
  const onSend = async () => {
    const { reckoning } = useReckoning.getState();
    if (!reckoning) return;
    const { docketText } = await import('@aviarum/core/csv');
    setSaid(await send(plan.name, docketText(plan, reckoning)));
  };
  return (
    <>
      <button type="button" className="btn" onClick={() => void onSend()}>
        Send the docket
      </button>
      <span role="status" className="small">
        {said}
      </span>
    </>
  );
}

/** The plan taken away as files. */
export function Files({ plan }: { plan: Plan }) {
  const name = slug(plan.name);
  const holding = usePlan((s) => s.holding);
  const base = `/h/${holding}/p/${plan.id}`;
  const file = async (kind: ExportKind) => {
    const { exportAs } = await import('@aviarum/core/formats');
    const { ending, type } = EXPORTS[kind];
    download(`${name}${ending}`, type, exportAs(kind, plan));
  };
  const csv = async (which: 'docketCsv' | 'cutListCsv') => {
    const { reckoning } = useReckoning.getState();
    if (!reckoning) return;
    const sheets = await import('@aviarum/core/csv');
    download(
      `${name}-${which === 'docketCsv' ? 'docket' : 'cut-list'}.csv`,
      'text/csv;charset=utf-8',
      sheets[which](plan, reckoning),
    );
  };
  return (
    <div className="noprint" style={{ display: 'flex', gap: 8, flexWrap: 'wrap', marginTop: 22 }}>
      <Link className="btn btn-primary" to={`${base}/buying`}>
        Take it to the yard
      </Link>
      <SendButton plan={plan} />
      <button type="button" className="btn" onClick={() => void csv('docketCsv')}>
        Docket as CSV
      </button>
      <button type="button" className="btn" onClick={() => void csv('cutListCsv')}>
        Cut list as CSV
      </button>
      <button
        type="button"
        className="btn"
        onClick={() => download(`${name}.json`, 'application/json', writePlan(plan))}
      >
        Plan as a file
      </button>
      {EXPORT_KINDS.map((kind) => (
        <button key={kind} type="button" className="btn" onClick={() => void file(kind)}>
          {EXPORTS[kind].label}
        </button>
      ))}
      <Link className="btn" to={`${base}/yard`}>
        Stake-out sheet
      </Link>
      <Link className="btn" to={`${base}/print`}>
        Print to scale
      </Link>
      <button type="button" className="btn" onClick={() => void printImproved(plan)}>
        Print the docket
      </button>
    </div>
  );
}

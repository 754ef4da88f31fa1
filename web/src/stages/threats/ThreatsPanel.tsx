import { PRESENCES, THREATS, THREAT_IDS, USUAL_THREATS, type ThreatId, capital, listed } from '@aviarum/core';
import { useState } from 'react';
import { Link } from '../../pages/Link';
import { Choice } from '../../fields/Choice';
import { SearchField } from '../../fields/SearchField';
import { usePlan } from '../../state/planStore';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { isAnswered } from '../../night/answered';
import { VerdictDetail } from '../../night/VerdictDetail';
import { Panel } from '../Panel';

const USUAL = THREAT_IDS.filter((id) => USUAL_THREATS[id]);
const OPTIONS = PRESENCES.map((value) => ({ value, label: value }));

/** What gets through, and what stops it at the foot. */
function useLimits() {
  const reader = useReader();
  return (id: ThreatId) => {
    const { squeeze, apron } = THREATS[id];
    const parts = [
      squeeze === null ? '' : `through ${reader.opening(squeeze)}`,
      apron === null ? '' : `apron ${reader.length(apron)}`,
    ];
    return parts.filter((p) => p !== '').join(', ');
  };
}

type Presence = (typeof PRESENCES)[number];

/** One that is about, or that is asked about: its sign, what it takes, and whether it is there. */
function FullThreat({ id, presence }: { id: ThreatId; presence: Presence }) {
  const take = usePlan((s) => s.take);
  const limits = useLimits();
  const { name, sign } = THREATS[id];
  return (
    <section className="threat" aria-label={capital(name)}>
      <div className="name">
        <b>{capital(name)}</b>
        <div className="small soft">{limits(id)}</div>
      </div>
      <Choice
        name={capital(name)}
        hideName
        value={presence}
        options={OPTIONS}
        onChoose={(to) => take({ verb: 'set-threat', threat: id, presence: to })}
      />
      <span className="sign small soft">{capital(sign)}</span>
    </section>
  );
}

const wordsOf = (id: ThreatId) => `${THREATS[id].name} ${THREATS[id].sign}`.toLowerCase();
/** Every word that is typed is in its name or its sign. */
const isFound = (id: ThreatId, find: string) =>
  find
    .toLowerCase()
    .split(/\s+/)
    .every((word) => wordsOf(id).includes(word));

export function ThreatsPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.plan);
  const reader = useReader();
  const largest = useReckoning((s) => s.reckoning?.largestOpening ?? null);
  const [find, setFind] = useState('');
  const [asked, setAsked] = useState<ThreatId | null>(null);
  // Those that were about when the panel was opened keep their place while it is open.
  const [first] = useState(() => THREAT_IDS.filter((id) => (plan?.threats[id] ?? 'absent') !== 'absent'));
  if (!plan) return null;
  const presenceOf = (id: ThreatId): Presence => plan.threats[id] ?? 'absent';
  const untouched = !isAnswered(plan);
  const isFull = (id: ThreatId) => first.includes(id) || presenceOf(id) !== 'absent' || asked === id;
  const found = THREAT_IDS.filter((id) => isFound(id, find));
  const order = [...found].sort((a, b) => Number(first.includes(b)) - Number(first.includes(a)));
  return (
    <Panel stage="threats" base={base} lead="What is about, by sign and by asking neighbours.">
      <VerdictDetail />
      {untouched && (
        <p>
          {capital(listed(USUAL.map((id) => THREATS[id].name)))} are set to likely: they are nearly
          everywhere. Say what you know of the others.
        </p>
      )}
      {largest !== null && (
        <dl className="tally">
          <dt>Openings must be smaller than</dt>
          <dd className="figure">{reader.opening(largest)}</dd>
        </dl>
      )}
      <SearchField
        name="Find by name or by sign"
        hideName
        placeholder="Find by name or sign: “feathers in a trail”"
        value={find}
        onType={setFind}
      />
      <div className="threats">
        {order.map((id) =>
          isFull(id) ? (
            <FullThreat key={id} id={id} presence={presenceOf(id)} />
          ) : (
            <button
              key={id}
              type="button"
              className="threatline"
              onClick={() => setAsked(id)}
              aria-label={`${capital(THREATS[id].name)}, absent. ${capital(THREATS[id].sign)}`}
              aria-expanded={false}
            >
              <b>{capital(THREATS[id].name)}</b>
              <span className="small soft">{THREATS[id].sign}</span>
            </button>
          ),
        )}
        {found.length === 0 && <p>No threat matches. Try fewer words.</p>}
      </div>
      <Link className="small" to={`${base}/assumptions`}>
        Change what a threat can do
      </Link>
    </Panel>
  );
}

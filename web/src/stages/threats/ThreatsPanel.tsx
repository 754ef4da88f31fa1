import { PRESENCES, THREATS, THREAT_IDS, USUAL_THREATS, type ThreatId, capital, listed } from '@aviarum/core';
import { Choice } from '../../fields/Choice';
import { usePlan } from '../../state/planStore';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { Panel } from '../Panel';

const USUAL = THREAT_IDS.filter((id) => USUAL_THREATS[id]);
const OPTIONS = PRESENCES.map((value) => ({ value, label: value }));

export function ThreatsPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.plan);
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const largest = useReckoning((s) => s.reckoning?.largestOpening ?? null);
  if (!plan) return null;
  const untouched =
    plan.settled.threats !== true &&
    THREAT_IDS.every((id) => (plan.threats[id] ?? 'absent') === (USUAL_THREATS[id] ?? 'absent'));
  const limits = (id: ThreatId) => {
    const { squeeze, apron } = THREATS[id];
    const parts = [
      squeeze === null ? '' : `through ${reader.opening(squeeze)}`,
      apron === null ? '' : `apron ${reader.length(apron)}`,
    ];
    return parts.filter((p) => p !== '').join(', ');
  };
  return (
    <Panel stage="threats" base={base} lead="What is about, by sign and by asking neighbours.">
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
      {THREAT_IDS.map((id) => (
        <section key={id} style={{ borderTop: '1px solid var(--rule)', paddingTop: 8, gap: 5 }}>
          <div>
            <b>{capital(THREATS[id].name)}</b> <span className="small soft">{limits(id)}</span>
            <div className="small soft">{capital(THREATS[id].sign)}</div>
          </div>
          <Choice
            name={capital(THREATS[id].name)}
            hideName
            value={plan.threats[id] ?? 'absent'}
            options={OPTIONS}
            onChoose={(presence) => take({ verb: 'set-threat', threat: id, presence })}
          />
        </section>
      ))}
    </Panel>
  );
}

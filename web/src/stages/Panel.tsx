import { STAGE_NAMES, STAGE_WHY, type StageId, cautionsFor } from '@aviarum/core';
import { type ReactNode, type RefObject, useRef } from 'react';
import { useNavigate } from 'react-router';
import { useReckoning } from '../state/reckoned';
import { usePlan } from '../state/planStore';
import { SaveTrouble } from '../shell/SaveTrouble';
import { Separator } from '../shell/Separator';
import { giveRoom, useRoom } from '../state/room';
import { useSize } from '../sheet/useSize';
import { stagesOf } from './stages';
import { Decisions } from './Decision';
import { Findings } from './Findings';

interface Props {
  readonly stage: StageId;
  readonly lead: string;
  readonly base: string;
  readonly children: ReactNode;
}

/** How wide the panel can be pulled, px. */
const LEAST_WIDE = 320;
const MOST_WIDE = 640;

/** The panel’s own edge, which pulls it wider or narrower. */
function PanelEdge({ panel }: { panel: RefObject<HTMLElement | null> }) {
  const { width } = useSize(panel);
  return (
    <Separator
      name="Width of the panel"
      axis="x"
      value={Math.round(width)}
      least={LEAST_WIDE}
      most={MOST_WIDE}
      onSet={(to) => giveRoom({ panel: to })}
    />
  );
}

/** What is next, and why. */
function Onward({ stage }: { stage: StageId }) {
  const matters = useReckoning((s) => s.reckoning?.stages[stage].matters ?? 0);
  return (
    <p className="small">
      <b>Next: {STAGE_NAMES[stage]}.</b> {STAGE_WHY[stage]}
      {matters > 0 && ` ${matters === 1 ? 'One matter waits' : `${matters} matters wait`} there.`}
    </p>
  );
}

/** A stage's few choices, what is wrong with them, and the way on. */
export function Panel({ stage, lead, base, children }: Props) {
  const plan = usePlan((s) => s.plan);
  const holding = usePlan((s) => s.holding);
  const take = usePlan((s) => s.take);
  const draft = usePlan((s) => s.draft);
  const navigate = useNavigate();
  const wide = useRoom((s) => s.panel);
  const panel = useRef<HTMLElement>(null);
  if (!plan) return null;
  const used = stagesOf(plan);
  const next = used[used.indexOf(stage) + 1];
  const settled = plan.settled[stage] === true;
  const settle = () => {
    take({ verb: 'settle', stage, settled: 'yes' });
    if (next) void navigate(`${base}/${next}`);
  };
  return (
    <aside
      className="panelplace"
      aria-label={STAGE_NAMES[stage]}
      ref={panel}
      style={wide === null ? undefined : { width: wide }}
    >
      <PanelEdge panel={panel} />
      <div className="panel">
        <div>
          <h1 className="stagetitle">{STAGE_NAMES[stage]}</h1>
          <p className="lead">{lead}</p>
        </div>
        <SaveTrouble holding={holding} />
        <Findings stage={stage} severity="mend" />
        <Decisions key={stage}>{children}</Decisions>
        <Findings stage={stage} severity="know" />
        <div className="noprint onward">
          {next && <Onward stage={next} />}
          {settled ? (
            <button
              type="button"
              className="btn"
              onClick={() => take({ verb: 'settle', stage, settled: 'no' })}
            >
              Settled. Change it
            </button>
          ) : (
            <button type="button" className="btn btn-accent" disabled={draft !== null} onClick={settle}>
              {next
                ? `${STAGE_NAMES[stage]} settled, on to ${STAGE_NAMES[next]}`
                : `${STAGE_NAMES[stage]} settled`}
            </button>
          )}
        </div>
        <div className="cautions">
          <b>Take care</b>
          <ul>
            {cautionsFor(stage, plan).map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </div>
      </div>
    </aside>
  );
}

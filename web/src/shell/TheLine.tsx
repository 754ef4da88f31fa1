import { STAGE_IDS, STAGE_NAMES, type StageId, type StageResult } from '@aviarum/core';
import { type KeyboardEvent, useEffect, useMemo, useRef } from 'react';
import { useNavigate } from 'react-router';
import { Link } from '../pages/Link';
import { usePlan } from '../state/planStore';
import { stagesOf } from '../stages/stages';
import { useReckoning } from '../state/reckoningStore';

/** The first stage that nobody has settled: what to do next. */
export function nextStage(
  settled: Readonly<Partial<Record<StageId, true>>>,
  stages: readonly StageId[] = STAGE_IDS,
): StageId {
  return stages.find((stage) => !settled[stage]) ?? 'docket';
}

/** The stages of the work as pegs on a taut string that dips at the one in hand. */
export function TheLine({ stage, base }: { stage: StageId; base: string }) {
  const stages = useReckoning((s) => s.reckoning?.stages);
  const plan = usePlan((s) => s.plan);
  const used = useMemo(() => stagesOf(plan), [plan]);
  const settled = plan?.settled;
  const draft = usePlan((s) => s.draft);
  const current = useRef<HTMLAnchorElement>(null);
  useEffect(() => {
    // After the screen is shown: to ask where the peg is lays everything out once more.
    const timer = setTimeout(() => current.current?.scrollIntoView({ inline: 'center', block: 'nearest' }));
    return () => clearTimeout(timer);
  }, [stage]);
  const navigate = useNavigate();
  const walked = useRef(false);
  /** Arrows walk the stages, and the peg that is come to has the focus. */
  const walk = (event: KeyboardEvent) => {
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    const to = by === undefined ? undefined : used[used.indexOf(stage) + by];
    if (to === undefined) return;
    event.preventDefault();
    walked.current = true;
    void navigate(`${base}/${to}`);
  };
  useEffect(() => {
    if (walked.current) current.current?.focus();
    walked.current = false;
  }, [stage]);
  const next = nextStage(settled ?? {}, used);
  const at = ((used.indexOf(stage) + 0.5) / used.length) * 100;
  return (
    <nav className="theline noprint" aria-label="Stages of the work" onKeyDown={walk}>
      <ol>
        <svg className="string" viewBox="0 0 100 40" preserveAspectRatio="none" aria-hidden="true">
          <path
            d={`M0 20L${at} 25L100 20`}
            fill="none"
            stroke="var(--bark)"
            strokeWidth="1.6"
            vectorEffect="non-scaling-stroke"
          />
        </svg>
        {used.map((id) => {
          const drafted = draft?.findings.filter((f) => f.stage === id).length ?? 0;
          const matters = (stages?.[id].matters ?? 0) + drafted;
          const state = matters > 0 ? 'look' : settled?.[id] ? 'settled' : 'open';
          const said = { look: `, ${matters} to look at`, settled: ', settled', open: ', not settled yet' }[
            state
          ];
          return (
            <li key={id}>
              <Link
                ref={id === stage ? current : null}
                className="peg"
                to={`${base}/${id}`}
                aria-current={id === stage ? 'step' : undefined}
                aria-label={`${STAGE_NAMES[id]}${said}${id === next ? ', next' : ''}`}
              >
                <Peg state={state} next={id === next} inHand={id === stage} />
                {matters > 0 && <span className="matters">{matters}</span>}
                <span className="word">{STAGE_NAMES[id]}</span>
              </Link>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}

function Peg({ state, next, inHand }: { state: StageResult['state']; next: boolean; inHand: boolean }) {
  const fill = next
    ? 'var(--yolk)'
    : state === 'look'
      ? 'var(--clay)'
      : state === 'settled'
        ? 'var(--ink)'
        : 'var(--paper)';
  const long = inHand ? 8 : 0;
  return (
    <svg width="12" height="26" aria-hidden="true">
      <path
        d={`M1.5 ${1 - long / 2}H10.5V${17 + long / 2}L6 ${25 + long / 2}L1.5 ${17 + long / 2}Z`}
        fill={fill}
        stroke="var(--ink)"
        strokeWidth="1.4"
      />
    </svg>
  );
}

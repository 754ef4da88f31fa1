import { parsePart } from '@aviarum/core';
import type { Change, PartRef, Plan, Stake, StakeOut, Vector } from '@aviarum/core';
import { useState } from 'react';
import { Choice } from '../fields/Choice';
import { LengthField } from '../fields/LengthField';
import { Findings } from '../stages/Findings';
import { usePlan } from '../state/planStore';
import { useReader } from '../state/reckoningStore';
import { Tick } from './Tick';

const SIDES = { front: 'in front', behind: 'behind', on: 'on the line' } as const;

const TOLD = { badly: '▲ the tapes meet too flat; take other marks', 'is-mark': 'is a mark itself' } as const;

/** Every corner by its two tapes. */
export function StakeRows({ plan, out }: { plan: Plan; out: StakeOut }) {
  const draft = usePlan((s) => s.draft);
  return (
    <section aria-label="Stakes">
      <h2>Stakes</h2>
      {draft && <Findings stage="outline" severity="mend" />}
      <div className="ticks">
        {out.stakes.map((stake) => (
          <StakeRow key={stake.part} plan={plan} out={out} stake={stake} />
        ))}
      </div>
    </section>
  );
}

function StakeRow({ plan, out, stake }: { plan: Plan; out: StakeOut; stake: Stake }) {
  const reader = useReader();
  const [moving, setMoving] = useState(false);
  const { name } = stake;
  const part = parsePart(stake.part);
  const canMove = part !== null && movedTo(plan, part, stake.at) !== null;
  return (
    <div>
      <div className="tickrow">
        <Tick plan={plan} part={stake.part} name={name}>
          <b>{name}</b>{' '}
          <span className="soft small">{stake.told === 'well' ? SIDES[stake.side] : TOLD[stake.told]}</span>
          <span className="tapes">
            <span>
              A <b className="figure">{reader.tape(stake.tapes[0])}</b>
            </span>{' '}
            <span>
              B <b className="figure">{reader.tape(stake.tapes[1])}</b>
            </span>
          </span>
        </Tick>
        <button
          type="button"
          className="btn noprint"
          disabled={!canMove}
          aria-expanded={moving}
          aria-label={`${name} stands elsewhere`}
          onClick={() => setMoving(!moving)}
        >
          elsewhere
        </button>
      </div>
      {moving && <Elsewhere plan={plan} out={out} stake={stake} onDone={() => setMoving(false)} />}
    </div>
  );
}

const round = (metres: number) => Math.round(metres * 1000) / 1000;

/** What puts the corner of a run or of a net where its stake is; null for what is neither. */
function movedTo(plan: Plan, part: PartRef, to: Vector): Change | null {
  if (part.on === 'corner') return { verb: 'move-corner', corner: part.corner, to };
  if (part.on !== 'net-point') return null;
  const points = plan.nets.find((n) => n.id === part.net)?.points;
  // One that is drawn tight round things stands where they stand.
  if (!points) return null;
  return {
    verb: 'set-net',
    id: part.net,
    to: { points: points.map((p, i) => (i === part.point ? { x: to.x, y: to.y } : p)) },
  };
}

/** A stake that could not stand where it should: measured where it does, and the plan follows. */
function Elsewhere({
  plan,
  out,
  stake,
  onDone,
}: {
  plan: Plan;
  out: StakeOut;
  stake: Stake;
  onDone: () => void;
}) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const [a, setA] = useState(round(stake.level[0]));
  const [b, setB] = useState(round(stake.level[1]));
  const [side, setSide] = useState<'front' | 'behind'>(stake.side === 'behind' ? 'behind' : 'front');
  const [wrong, setWrong] = useState<string | null>(null);
  const move = async () => {
    const { surveyByTape, sayProblem } = await import('@aviarum/core/survey');
    const marks = out.marks.map((m, i) => ({
      id: `m${i}`,
      name: m.name,
      at: { x: m.at.x, y: m.at.y },
      height: null,
    }));
    const readings = [a, b].map((distance, i) => ({ mark: `m${i}`, distance }));
    const tape = {
      marks,
      stakes: [{ id: 'here', name: stake.name, side, height: null, readings }],
      between: [],
    };
    const { stakes, problems } = surveyByTape(tape);
    const [problem] = problems;
    const [found] = stakes;
    if (problem || !found)
      return setWrong(problem ? sayProblem(problem, tape, reader) : 'The two distances give no place.');
    const part = parsePart(stake.part);
    const to = { x: round(found.at.x), y: round(found.at.y) };
    const change = part && movedTo(plan, part, to);
    if (!change) return;
    take(change);
    onDone();
  };
  return (
    <div className="openthing noprint" role="group" aria-label={`${stake.name}, where it stands`}>
      <p className="small soft" style={{ margin: 0 }}>
        Measure it where it stands, tape held level.
      </p>
      <div className="fields">
        <LengthField name="From A" value={a} least={0.01} most={500} onCommit={setA} />
        <LengthField name="From B" value={b} least={0.01} most={500} onCommit={setB} />
      </div>
      <Choice
        name="Side of the base line"
        hideName
        value={side}
        options={[
          { value: 'front', label: 'in front' },
          { value: 'behind', label: 'behind' },
        ]}
        onChoose={setSide}
      />
      {wrong !== null && (
        <span className="wrong" role="alert">
          {wrong}
        </span>
      )}
      <div>
        <button type="button" className="btn btn-primary" onClick={() => void move()}>
          It stands here; the plan follows
        </button>
      </div>
    </div>
  );
}

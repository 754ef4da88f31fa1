import { type Plan, type Tape, type TapeStake, newId, stakeMarks } from '@aviarum/core';
import { sayProblem, surveyByTape } from '@aviarum/core/survey';
import { useMemo, useState } from 'react';
import { Choice, Pick } from '../fields/Choice';
import { LengthField } from '../fields/LengthField';
import { NameField } from '../fields/NameField';
import { usePlan } from '../state/planStore';
import { useReader } from '../state/reckoningStore';
import { traced } from './traced';

const MOST = 500;
type Found = ReturnType<typeof surveyByTape>;

/** The run as measured with a tape from fixed marks: each stake by its distances. */
export default function TapeFields({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  const { tape } = plan.ground;
  const found = useMemo(() => surveyByTape(tape), [tape]);
  const set = (to: Partial<Tape>, words = 'change a reading') =>
    take({ verb: 'set-tape', tape: { ...tape, ...to } }, words);
  const addStake = () => {
    const id = newId('k', tape.stakes, Math.random);
    const stake: TapeStake = {
      id,
      name: `stake ${tape.stakes.length + 1}`,
      side: 'front',
      height: null,
      readings: [],
    };
    set({ stakes: [...tape.stakes, stake] }, 'add a stake');
  };
  const ready = tape.stakes.length >= 3 && found.stakes.length === tape.stakes.length;
  return (
    <>
      <p className="small soft" style={{ margin: 0 }}>
        Measure each stake from two marks that stay, such as house corners; a third and fourth reading tell a
        slip of the tape. In front is left of the line from the first mark to the second.
      </p>
      <MarkRows plan={plan} tape={tape} onSet={set} />
      {tape.stakes.map((stake) => (
        <StakeCard key={stake.id} tape={tape} stake={stake} found={found} onSet={set} />
      ))}
      {tape.marks.length >= 2 && (
        <div>
          <button type="button" className="btn" onClick={addStake}>
            Add a stake
          </button>
        </div>
      )}
      {tape.stakes.length >= 2 && <Diagonals tape={tape} found={found} onSet={set} />}
      <Problems tape={tape} found={found} onSet={set} />
      {ready && (
        <div>
          <button
            type="button"
            className="btn btn-primary"
            onClick={() =>
              take(
                traced(
                  plan,
                  found.stakes.map((s) => s.at),
                  null,
                ),
                'lay the outline out through the stakes',
              )
            }
          >
            Lay the outline out through the stakes
          </button>
        </div>
      )}
    </>
  );
}

interface Setting {
  readonly tape: Tape;
  readonly onSet: (to: Partial<Tape>, words?: string) => void;
}

function MarkRows({ plan, tape, onSet }: Setting & { plan: Plan }) {
  const offered = stakeMarks(plan).filter(
    (m) =>
      !m.id.startsWith('mark:') &&
      !tape.marks.some((k) => Math.hypot(k.at.x - m.at.x, k.at.y - m.at.y) < 0.01),
  );
  const [chosen, setChosen] = useState('');
  const next = offered.find((m) => m.id === chosen) ?? offered[0];
  const reader = useReader();
  const remove = (id: string) =>
    onSet(
      {
        marks: tape.marks.filter((m) => m.id !== id),
        stakes: tape.stakes.map((s) => ({ ...s, readings: s.readings.filter((r) => r.mark !== id) })),
      },
      'take a mark out',
    );
  const add = () => {
    if (!next) return;
    const letter = String.fromCharCode(65 + tape.marks.length);
    const mark = {
      id: newId('m', tape.marks, Math.random),
      name: `${letter}, ${next.name}`,
      at: { x: next.at.x, y: next.at.y },
      height: null,
    };
    onSet({ marks: [...tape.marks, mark] }, 'add a mark');
  };
  return (
    <section aria-label="Marks">
      <h2 className="subhead">Marks</h2>
      {tape.marks.map((m) => (
        <div key={m.id} className="runrow">
          <span>
            {m.name}{' '}
            <span className="soft small">
              {reader.length(m.at.x)}, {reader.length(m.at.y)}
            </span>
          </span>
          <button
            type="button"
            className="btn"
            aria-label={`Take mark ${m.name} out`}
            onClick={() => remove(m.id)}
          >
            Take out
          </button>
        </div>
      ))}
      {next && tape.marks.length < 8 && (
        <div className="runrow">
          <Pick
            name="A fixed mark"
            value={next.id}
            options={offered.map((m) => ({ value: m.id, label: m.name }))}
            onChoose={setChosen}
          />
          <button type="button" className="btn" onClick={add}>
            Add the mark
          </button>
        </div>
      )}
    </section>
  );
}

const mm = (metres: number) =>
  `${metres > 0 ? '+' : metres < -0.0005 ? '−' : ''}${Math.abs(Math.round(metres * 1000))} mm`;

function StakeCard({ tape, stake, found, onSet }: Setting & { stake: TapeStake; found: Found }) {
  const reader = useReader();
  const put = (to: Partial<TapeStake>) =>
    onSet({ stakes: tape.stakes.map((s) => (s.id === stake.id ? { ...s, ...to } : s)) });
  const read = (mark: string, distance: number) =>
    put({ readings: [...stake.readings.filter((r) => r.mark !== mark), { mark, distance }] });
  const place = found.stakes.find((s) => s.id === stake.id);
  const remove = () =>
    onSet(
      {
        stakes: tape.stakes.filter((s) => s.id !== stake.id),
        between: tape.between.filter((b) => b.from !== stake.id && b.to !== stake.id),
      },
      'take a stake out',
    );
  return (
    <section className="openthing" aria-label={stake.name}>
      <NameField name="Stake" value={stake.name} onCommit={(name) => put({ name })} />
      <div className="rows">
        {tape.marks.map((m) => {
          const fit = found.readings.find((r) => r.id === `${stake.id}/${m.id}`);
          const spare = found.spare > 0 && fit ? `, ${mm(fit.residual)}` : '';
          return (
            <LengthField
              key={m.id}
              name={`to ${m.name.split(',')[0] ?? m.name}${spare}`}
              value={stake.readings.find((r) => r.mark === m.id)?.distance ?? null}
              least={0.01}
              most={MOST}
              placeholder="not read"
              onCommit={(distance) => read(m.id, distance)}
            />
          );
        })}
        <LengthField
          name="Height, if known"
          value={stake.height}
          least={-MOST}
          most={MOST}
          placeholder="level"
          onCommit={(height) => put({ height })}
        />
        <Choice
          name="Side of the base line"
          value={stake.side}
          options={[
            { value: 'front', label: 'in front' },
            { value: 'behind', label: 'behind' },
          ]}
          onChoose={(side) => put({ side })}
        />
      </div>
      <p className="small" style={{ margin: 0 }} role="note" aria-label={`Where ${stake.name} is`}>
        {place
          ? `${reader.about(place.at.x)} across, ${reader.about(place.at.y)} up; within ${reader.about(place.ellipse.a)} by ${reader.about(place.ellipse.b)}.`
          : 'Not found yet.'}
      </p>
      <div>
        <button type="button" className="btn" onClick={remove}>
          Take {stake.name} out
        </button>
      </div>
    </section>
  );
}

function Diagonals({ tape, found, onSet }: Setting & { found: Found }) {
  const options = tape.stakes.map((s) => ({ value: s.id, label: s.name }));
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const a = tape.stakes.find((s) => s.id === from) ?? tape.stakes[0];
  const b = tape.stakes.find((s) => s.id === to && s !== a) ?? tape.stakes.find((s) => s !== a);
  if (!a || !b) return null;
  const put = (distance: number) => {
    const others = tape.between.filter(
      (r) => !((r.from === a.id && r.to === b.id) || (r.from === b.id && r.to === a.id)),
    );
    onSet({ between: [...others, { from: a.id, to: b.id, distance }] }, 'add a distance between stakes');
  };
  const nameOf = (id: string) => tape.stakes.find((s) => s.id === id)?.name ?? id;
  return (
    <section aria-label="Diagonals">
      <h2 className="subhead">Diagonals and other distances between stakes</h2>
      {tape.between.map((r) => {
        const fit = found.readings.find((f) => f.id === `${r.from}+${r.to}`);
        return (
          <div key={`${r.from} ${r.to}`} className="runrow">
            <LengthField
              name={`${nameOf(r.from)} to ${nameOf(r.to)}${fit ? `, ${mm(fit.residual)}` : ''}`}
              value={r.distance}
              least={0.01}
              most={MOST}
              onCommit={(distance) =>
                onSet({ between: tape.between.map((o) => (o === r ? { ...r, distance } : o)) })
              }
            />
            <button
              type="button"
              className="btn"
              onClick={() => onSet({ between: tape.between.filter((o) => o !== r) })}
            >
              Take out
            </button>
          </div>
        );
      })}
      <div className="rows">
        <Pick name="From" value={a.id} options={options} onChoose={setFrom} />
        <Pick name="To" value={b.id} options={options.filter((o) => o.value !== a.id)} onChoose={setTo} />
        <LengthField
          name="Reads"
          value={null}
          least={0.01}
          most={MOST}
          placeholder="not read"
          onCommit={put}
        />
      </div>
    </section>
  );
}

/** What is wrong with the readings; a misread one is mended in one press. */
function Problems({ tape, found, onSet }: Setting & { found: Found }) {
  const reader = useReader();
  const mend = (reading: string, level: number) => {
    const fit = found.readings.find((r) => r.id === reading);
    // What the tape would read over the same difference of heights.
    const drop = fit ? Math.sqrt(Math.max(0, fit.read ** 2 - fit.level ** 2)) : 0;
    const distance = Math.round(Math.hypot(level, drop) * 1000) / 1000;
    const [stake = '', other = ''] = reading.split(/[/+]/);
    if (reading.includes('+'))
      onSet({
        between: tape.between.map((b) => (b.from === stake && b.to === other ? { ...b, distance } : b)),
      });
    else
      onSet({
        stakes: tape.stakes.map((s) =>
          s.id === stake
            ? { ...s, readings: s.readings.map((r) => (r.mark === other ? { ...r, distance } : r)) }
            : s,
        ),
      });
  };
  return (
    <>
      {found.problems.map((problem) => {
        const words = sayProblem(problem, tape, reader);
        return (
          <div className="finding" data-severity="mend" key={words}>
            <p>
              <span className="sign">▲ </span>
              {words}
            </p>
            {problem.code === 'misread' && (
              <div className="mends">
                <button
                  type="button"
                  className="btn btn-primary"
                  onClick={() => mend(problem.reading, problem.fits)}
                >
                  Take {reader.about(problem.fits)} for it
                </button>
              </div>
            )}
          </div>
        );
      })}
    </>
  );
}

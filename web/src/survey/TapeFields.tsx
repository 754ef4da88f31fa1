import { type Plan, type Tape, type TapeStake, newId } from '@aviarum/core';
import { surveyByTape } from '@aviarum/core/survey';
import { useMemo } from 'react';
import { usePlan } from '../state/planStore';
import { Diagonals } from './Diagonals';
import { MarkRows } from './MarkRows';
import { Problems } from './Problems';
import { StakeCard } from './StakeCard';
import { traced } from './traced';

/** The run as measured with a tape from fixed marks: each stake by its distances. */
export default function TapeFields({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  const { tape } = plan.ground;
  const found = useMemo(() => surveyByTape(tape), [tape]);
  const set = (to: Partial<Tape>) => take({ verb: 'set-tape', tape: { ...tape, ...to } });
  const addStake = () => {
    const id = newId('k', tape.stakes, Math.random);
    const stake: TapeStake = {
      id,
      name: `stake ${tape.stakes.length + 1}`,
      side: 'front',
      height: null,
      readings: [],
    };
    set({ stakes: [...tape.stakes, stake] });
  };
  const ready = tape.stakes.length >= 3 && found.stakes.length === tape.stakes.length;
  return (
    <>
      <p className="small soft" style={{ margin: 0 }}>
        Measure each stake from two marks that stay, such as house corners; a third and fourth reading tell a
        slip of the tape. In front is left of the line from the first mark to the second.
      </p>
      <MarkRows plan={plan} tape={tape} onSet={set} />
      <Problems tape={tape} found={found} onSet={set} of="marks" />
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

import type { TapeStake } from '@aviarum/core';
import { Choice } from '../fields/Choice';
import { LengthField } from '../fields/LengthField';
import { NameField } from '../fields/NameField';
import { useReader } from '../state/reckoningStore';
import { Problems } from './Problems';
import { type Found, MOST, type Setting, residual } from './setting';

/** One stake: its readings, on which side it stands, where that puts it and what is wrong with it. */
export function StakeCard({ tape, stake, found, onSet }: Setting & { stake: TapeStake; found: Found }) {
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
          const spare = found.spare > 0 && fit ? `, ${residual(fit.residual, reader)}` : '';
          return (
            <LengthField
              key={m.id}
              name={`to ${m.name.split(',')[0] ?? m.name}${spare}`}
              value={stake.readings.find((r) => r.mark === m.id)?.distance ?? null}
              least={0.01}
              most={MOST}
              placeholder="not read"
              onCommit={(distance) => read(m.id, distance)}
              onClear={() => put({ readings: stake.readings.filter((r) => r.mark !== m.id) })}
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
          onClear={() => put({ height: null })}
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
      <Problems tape={tape} found={found} onSet={onSet} of={stake.id} />
      <div>
        <button type="button" className="btn" onClick={remove}>
          Remove {stake.name}
        </button>
      </div>
    </section>
  );
}

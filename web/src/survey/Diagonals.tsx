import { useState } from 'react';
import { Pick } from '../fields/Choice';
import { LengthField } from '../fields/LengthField';
import { useReader } from '../state/reckoningStore';
import { Problems } from './Problems';
import { type Found, MOST, type Setting, residual } from './setting';

/** Distances from stake to stake, which check the rest. */
export function Diagonals({ tape, found, onSet }: Setting & { found: Found }) {
  const reader = useReader();
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
              name={`${nameOf(r.from)} to ${nameOf(r.to)}${fit ? `, ${residual(fit.residual, reader)}` : ''}`}
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
              Remove
            </button>
          </div>
        );
      })}
      <Problems tape={tape} found={found} onSet={onSet} of="between" />
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

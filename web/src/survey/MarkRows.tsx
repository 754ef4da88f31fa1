import { type Plan, newId, stakeMarks } from '@aviarum/core';
import { useState } from 'react';
import { Pick } from '../fields/Choice';
import { useReader } from '../state/reckoningStore';
import type { Setting } from './setting';

/** The fixed marks that are measured from. */
export function MarkRows({ plan, tape, onSet }: Setting & { plan: Plan }) {
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

import { type Plan, type TapeMark, newId, stakeMarks } from '@aviarum/core';
import { withoutMark } from '@aviarum/core/survey';
import { useState } from 'react';
import { Pick } from '../fields/Choice';
import { LengthField } from '../fields/LengthField';
import { useReader } from '../state/reckoningStore';
import { MOST, type Setting } from './setting';

const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ'.split('');

/** A letter that no mark has yet: those of marks taken out come round again. */
const freeLetter = (marks: readonly TapeMark[]) =>
  LETTERS.find((letter) => !marks.some((m) => m.name.startsWith(`${letter},`))) ?? '';

/** The fixed marks that are measured from, with the heights that readings up and down a slope are reduced by. */
export function MarkRows({ plan, tape, onSet }: Setting & { plan: Plan }) {
  const offered = stakeMarks(plan).filter(
    (m) =>
      !m.id.startsWith('mark:') &&
      !tape.marks.some((k) => Math.hypot(k.at.x - m.at.x, k.at.y - m.at.y) < 0.01),
  );
  const [chosen, setChosen] = useState('');
  const next = offered.find((m) => m.id === chosen) ?? offered[0];
  const reader = useReader();
  const remove = (id: string) => onSet(withoutMark(tape, id), 'take a mark out');
  const level = (id: string, height: number | null) =>
    onSet(
      { marks: tape.marks.map((m) => (m.id === id ? { ...m, height } : m)) },
      'change the height of a mark',
    );
  const add = () => {
    if (!next) return;
    const mark = {
      id: newId('m', tape.marks, Math.random),
      name: `${freeLetter(tape.marks)}, ${next.name}`,
      at: { x: next.at.x, y: next.at.y },
      height: null,
    };
    onSet({ marks: [...tape.marks, mark] }, 'add a mark');
  };
  return (
    <section aria-label="Marks">
      <h2 className="subhead">Marks</h2>
      {tape.marks.map((m) => (
        <div key={m.id} className="markrow">
          <span>
            {m.name}{' '}
            <span className="soft small markplace">
              {reader.length(m.at.x)}, {reader.length(m.at.y)}
            </span>
          </span>
          <LengthField
            name={`Height of ${m.name.split(',')[0] ?? m.name}`}
            value={m.height}
            least={-MOST}
            most={MOST}
            placeholder="level"
            onCommit={(height) => level(m.id, height)}
            onClear={() => level(m.id, null)}
          />
          <button
            type="button"
            className="btn"
            aria-label={`Remove mark ${m.name}`}
            onClick={() => remove(m.id)}
          >
            Remove
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

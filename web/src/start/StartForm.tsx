import {
  ASKS,
  type AskId,
  BIRDS,
  LENGTHS,
  STARTS,
  START_BIRDS,
  capital,
  cutText,
  printLength,
} from '@aviarum/core';
import { type ReactNode, useId } from 'react';
import { Pick } from '../fields/Choice';
import type { Asked, Wrong } from './asked';

const KINDS = START_BIRDS.map((value) => ({ value, label: capital(BIRDS[value].many) }));
const UNITS = [
  { value: 'metric', label: 'metres' },
  { value: 'imperial', label: 'feet and inches' },
] as const;

interface TypedProps {
  readonly name: string;
  readonly value: string;
  readonly placeholder: string;
  readonly numeric?: true;
  readonly wrong?: string | undefined;
  readonly onType: (text: string) => void;
}

/** A line to type in, with what is wrong about it. */
function Typed({ name, value, placeholder, numeric, wrong, onType }: TypedProps) {
  const id = useId();
  return (
    <div className="field">
      <label className="name" htmlFor={id}>
        {name}
      </label>
      <input
        id={id}
        className={numeric ? 'input figure' : 'input'}
        inputMode={numeric ? 'decimal' : 'text'}
        value={value}
        placeholder={placeholder}
        aria-invalid={wrong !== undefined}
        aria-describedby={wrong === undefined ? undefined : `${id}-wrong`}
        onChange={(e) => onType(cutText(e.target.value, LENGTHS.name))}
      />
      {wrong !== undefined && (
        <span id={`${id}-wrong`} className="wrong" role="alert">
          {wrong}
        </span>
      )}
    </div>
  );
}

interface Props {
  readonly asked: Asked;
  readonly wrong: Wrong;
  readonly onSet: (to: Partial<Asked>) => void;
  readonly children: ReactNode;
}

/** The few things that a start needs; an empty length is proposed. */
export function StartForm({ asked, wrong, onSet, children }: Props) {
  const { units } = asked;
  const proposed = (id: AskId) => {
    const usual = ASKS[id].usual(units);
    return usual === null ? 'by the birds' : printLength(usual, units);
  };
  return (
    <>
      <div className="fields">
        <Pick name="Birds" value={asked.kind} options={KINDS} onChoose={(kind) => onSet({ kind })} />
        <Typed
          name="How many"
          numeric
          value={asked.count}
          placeholder="not known yet"
          wrong={wrong.count}
          onType={(count) => onSet({ count })}
        />
        {STARTS[asked.start].asks.map((id) => (
          <Typed
            key={id}
            name={ASKS[id].name}
            numeric
            value={asked.sizes[id] ?? ''}
            placeholder={proposed(id)}
            wrong={wrong[id]}
            onType={(text) => onSet({ sizes: { ...asked.sizes, [id]: text } })}
          />
        ))}
        <Pick name="Measured in" value={units} options={UNITS} onChoose={(to) => onSet({ units: to })} />
        <Typed
          name="Name of the plan"
          value={asked.name}
          placeholder="New run"
          onType={(name) => onSet({ name })}
        />
      </div>
      {children}
    </>
  );
}

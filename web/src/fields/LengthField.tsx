import { type LengthField as Kind, type LengthProblem, parseLength, printLength } from '@aviarum/core';
import { useId, useState } from 'react';
import { useReader } from '../state/reckoningStore';

const MESSAGES: Readonly<Record<LengthProblem, string>> = {
  empty: 'Give a length, such as 3.60 or 11′ 10″.',
  'not-a-length': 'This is not a length. Try 3.60, 360 cm, 11′ 10½″ or 74in.',
  'two-decimal-signs': 'One comma or point is the decimal sign; group thousands with a space.',
  negative: 'A length cannot be less than nothing.',
};

interface Props {
  readonly name: string;
  /** m */
  readonly value: number;
  readonly kind?: Kind;
  readonly least: number;
  readonly most: number;
  readonly onCommit: (value: number) => void;
}

/**
 * A length typed freely in the reader's units. A field whose text did not change changes nothing, however it was rounded
 * for reading.
 */
export function LengthField({ name, value, kind = 'length', least, most, onCommit }: Props) {
  const reader = useReader();
  const id = useId();
  const shown = printLength(value, reader.system, kind);
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);

  const commit = () => {
    if (typed === null || typed === shown) return reset();
    const parsed = parseLength(typed, reader.system, kind);
    if (!parsed.ok) return setWrong(MESSAGES[parsed.problem]);
    if (parsed.value < least - 1e-9 || parsed.value > most + 1e-9) {
      return setWrong(
        `Between ${printLength(least, reader.system, kind)} and ${printLength(most, reader.system, kind)}.`,
      );
    }
    reset();
    onCommit(Math.round(parsed.value * 1e5) / 1e5);
  };
  const reset = () => {
    setTyped(null);
    setWrong(null);
  };

  return (
    <div className="field">
      <label className="name" htmlFor={id}>
        {name}
      </label>
      <input
        id={id}
        className="input figure"
        inputMode="text"
        autoComplete="off"
        value={typed ?? shown}
        aria-invalid={wrong !== null}
        aria-describedby={wrong === null ? undefined : `${id}-wrong`}
        onFocus={(event) => event.target.select()}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === 'Enter') commit();
          if (event.key === 'Escape') reset();
        }}
      />
      {wrong !== null && (
        <span className="wrong" role="alert" id={`${id}-wrong`}>
          {wrong}
        </span>
      )}
    </div>
  );
}

import { useId, useState } from 'react';

interface Props {
  readonly name: string;
  readonly value: number;
  readonly most: number;
  readonly onCommit: (value: number) => void;
}

/** A whole number, typed; nothing is taken that is none. */
export function CountField({ name, value, most, onCommit }: Props) {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const commit = () => {
    if (typed === null) return;
    const number = Number(typed.trim());
    if (typed.trim() === '' || !Number.isInteger(number) || number < 0 || number > most) {
      setWrong(`A whole number from 0 to ${most}.`);
      return;
    }
    setTyped(null);
    setWrong(null);
    if (number !== value) onCommit(number);
  };
  return (
    <div className="field">
      <label className="name" htmlFor={id}>
        {name}
      </label>
      <input
        id={id}
        className="input figure"
        inputMode="numeric"
        value={typed ?? String(value)}
        aria-invalid={wrong !== null}
        onFocus={(event) => event.target.select()}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => event.key === 'Enter' && commit()}
      />
      {wrong !== null && (
        <span className="wrong" role="alert">
          {wrong}
        </span>
      )}
    </div>
  );
}

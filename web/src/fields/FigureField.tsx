import { useId, useState } from 'react';

export type Parsed =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly message: string };

interface Props {
  readonly name: string;
  readonly hideName?: true | undefined;
  /** What stands in the field until somebody types. */
  readonly shown: string;
  readonly placeholder?: string;
  readonly numeric?: true;
  readonly parse: (text: string) => Parsed;
  readonly onCommit: (value: number) => void;
  /** Where a figure may also be left out: called when the field is emptied. */
  readonly onClear?: (() => void) | undefined;
}

/**
 * A figure typed freely. A field whose text did not change changes nothing, however it was rounded for reading; what cannot
 * be read is said at the field, and stays there to be mended.
 */
export function FigureField({
  name,
  hideName,
  shown,
  placeholder,
  numeric,
  parse,
  onCommit,
  onClear,
}: Props) {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const reset = () => {
    setTyped(null);
    setWrong(null);
  };
  const commit = () => {
    if (typed === null || typed === shown) return reset();
    if (onClear && typed.trim() === '') {
      reset();
      return onClear();
    }
    const parsed = parse(typed);
    if (!parsed.ok) return setWrong(parsed.message);
    reset();
    onCommit(parsed.value);
  };
  return (
    <div className="field">
      <label className={hideName ? 'sr-only' : 'name'} htmlFor={id}>
        {name}
      </label>
      <input
        id={id}
        className="input figure"
        inputMode={numeric ? 'numeric' : 'text'}
        autoComplete="off"
        placeholder={placeholder}
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

import { useId } from 'react';

interface Option<T extends string> {
  readonly value: T;
  readonly label: string;
}
interface Props<T extends string> {
  readonly name: string;
  readonly value: T;
  readonly options: readonly Option<T>[];
  readonly onChoose: (value: T) => void;
  readonly hideName?: true;
}

/** A few choices side by side. */
export function Choice<T extends string>({ name, value, options, onChoose, hideName }: Props<T>) {
  const group = useId();
  return (
    <div className="field" role="radiogroup" aria-label={name}>
      {!hideName && <span className="name">{name}</span>}
      <div className="choices">
        {options.map((option) => (
          <label key={option.value}>
            <input
              type="radio"
              name={group}
              checked={option.value === value}
              onChange={() => onChoose(option.value)}
            />
            {option.label}
          </label>
        ))}
      </div>
    </div>
  );
}

/** More choices than fit side by side. */
export function Pick<T extends string>({ name, value, options, onChoose, hideName }: Props<T>) {
  const id = useId();
  return (
    <div className="field">
      <label className={hideName ? 'sr-only' : 'name'} htmlFor={id}>
        {name}
      </label>
      <select
        id={id}
        className="select"
        value={value}
        onChange={(event) => onChoose(event.target.value as T)}
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </div>
  );
}

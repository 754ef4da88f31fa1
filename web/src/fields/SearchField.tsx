import { useId } from 'react';

interface Props {
  readonly name: string;
  readonly hideName?: true;
  readonly placeholder: string;
  readonly value: string;
  readonly onType: (text: string) => void;
}

/** Words by which a long list is made short, while they are typed. */
export function SearchField({ name, hideName, placeholder, value, onType }: Props) {
  const id = useId();
  return (
    <div className="field">
      <label className={hideName ? 'sr-only' : 'name'} htmlFor={id}>
        {name}
      </label>
      <input
        id={id}
        className="input"
        type="search"
        placeholder={placeholder}
        value={value}
        onChange={(e) => onType(e.target.value)}
      />
    </div>
  );
}

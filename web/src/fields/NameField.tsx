import { useId, useState } from 'react';

/** A name; an empty one stays as it was. */
export function NameField({
  name,
  value,
  onCommit,
}: {
  name: string;
  value: string;
  onCommit: (value: string) => void;
}) {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const commit = () => {
    const text = typed?.trim() ?? '';
    if (text !== '' && text !== value) onCommit(text);
    setTyped(null);
  };
  return (
    <div className="field">
      <label className="name" htmlFor={id}>
        {name}
      </label>
      <input
        id={id}
        className="input"
        maxLength={120}
        value={typed ?? value}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === 'Enter') commit();
          if (event.key === 'Escape') setTyped(null);
        }}
      />
    </div>
  );
}

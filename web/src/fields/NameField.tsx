import { LENGTHS, cutText } from '@aviarum/core';
import { useId, useState } from 'react';

/** A name; an empty one stays as it was. */
export function NameField({
  name,
  value,
  most = LENGTHS.name,
  onCommit,
}: {
  name: string;
  value: string;
  /** Characters. */
  most?: number;
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
        value={typed ?? value}
        onChange={(event) => setTyped(cutText(event.target.value, most))}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === 'Enter') commit();
          if (event.key === 'Escape') setTyped(null);
        }}
      />
    </div>
  );
}

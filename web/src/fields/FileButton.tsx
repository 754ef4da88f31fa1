import { useRef } from 'react';

interface Props {
  /** What the button says. */
  readonly label: string;
  /** What the file is, for assistive technology. */
  readonly name: string;
  /** As an input's `accept`. */
  readonly accept: string;
  readonly onFile: (file: File) => void;
}

/** A button that asks for one file; the same file may be given again. */
export function FileButton({ label, name, accept, onFile }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" className="btn" onClick={() => input.current?.click()}>
        {label}
      </button>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="sr-only"
        aria-label={name}
        tabIndex={-1}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}

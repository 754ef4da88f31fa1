import { type ReactNode, useState } from 'react';

interface Props {
  /** What is shown: the sheet, the strip. */
  readonly what: string;
  readonly className: string;
  readonly children: (whole: boolean) => ReactNode;
}

/** A drawing that a phone shows small, and over its whole screen when it is opened. */
export function Picture({ what, className, children }: Props) {
  const [whole, setWhole] = useState(false);
  return (
    <div
      className={`picture ${className}`}
      data-whole={whole ? 'yes' : 'no'}
      onKeyDown={(event) => event.key === 'Escape' && setWhole(false)}
    >
      {children(whole)}
      <button
        type="button"
        className="btn wholebtn noprint"
        aria-expanded={whole}
        onClick={() => setWhole(!whole)}
      >
        {whole ? 'Done' : `Open ${what}`}
      </button>
    </div>
  );
}

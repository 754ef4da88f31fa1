import { type ReactNode, useState } from 'react';

interface Props {
  /** What is shown: the sheet, the strip. */
  readonly what: string;
  readonly className: string;
  readonly children: (whole: 'yes' | 'no') => ReactNode;
}

/** A drawing that a phone shows small, and over its whole screen when it is opened. */
export function Picture({ what, className, children }: Props) {
  const [whole, setWhole] = useState<'yes' | 'no'>('no');
  return (
    <div
      className={`picture ${className}`}
      data-whole={whole}
      onKeyDown={(event) => event.key === 'Escape' && setWhole('no')}
    >
      {children(whole)}
      <button
        type="button"
        className="btn wholebtn noprint"
        aria-expanded={whole === 'yes'}
        onClick={() => setWhole(whole === 'yes' ? 'no' : 'yes')}
      >
        {whole === 'yes' ? 'Done' : `Open ${what}`}
      </button>
    </div>
  );
}

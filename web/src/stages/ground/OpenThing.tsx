import type { ReactNode } from 'react';
import { useSelection } from '../../state/selection';

/** A slip for what is open on the sheet, with a way to close it. */
export function OpenThing({ title, children }: { title: string; children: ReactNode }) {
  const { openThing } = useSelection();
  return (
    <section className="openthing" aria-label={`Open: ${title}`}>
      <header>
        <h2 className="subhead">{title}</h2>
        <button type="button" className="linebtn" onClick={() => openThing(null)}>
          close
        </button>
      </header>
      {children}
    </section>
  );
}

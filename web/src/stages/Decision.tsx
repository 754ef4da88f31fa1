import { type ReactNode, createContext, use, useEffect, useId, useMemo, useState } from 'react';

/** Which decision of the panel stands open: one at a time. Undefined until the keeper has opened or closed one. */
interface OpenOne {
  readonly open: string | null | undefined;
  readonly setOpen: (id: string | null) => void;
}
const OpenDecision = createContext<OpenOne | null>(null);

/** What stands within reads as a list of decisions. */
export function Decisions({ children }: { children: ReactNode }) {
  const [open, setOpen] = useState<string | null | undefined>(undefined);
  const one = useMemo(() => ({ open, setOpen }), [open]);
  return <OpenDecision value={one}>{children}</OpenDecision>;
}

interface Props {
  readonly name: string;
  /** What is decided so far, in a few words. */
  readonly answer: string;
  /** What it does to price and hours, or what the other answers would. */
  readonly effect?: string | undefined;
  /** Stands open from the start. */
  readonly begins?: boolean;
  /** It was made or touched on the sheet a moment ago, and opens as it comes. */
  readonly fresh?: boolean;
  readonly children: ReactNode;
}

/** One decision of a stage: its heading says the answer and its effect; opened, the choice itself. */
export function Decision({ name, answer, effect, begins = false, fresh = false, children }: Props) {
  const id = useId();
  const one = use(OpenDecision);
  const setOpen = one?.setOpen;
  useEffect(() => {
    if (fresh) setOpen?.(id);
  }, [fresh, setOpen, id]);
  const isOpen = one?.open === undefined ? begins : one.open === id;
  return (
    <section className="question" aria-label={name} data-open={isOpen ? 'yes' : 'no'}>
      <button
        type="button"
        className="questionhead"
        aria-expanded={isOpen}
        onClick={() => one?.setOpen(isOpen ? null : id)}
      >
        <span className="asked">{name}</span>
        <b>{answer}</b>
        {effect !== undefined && effect !== '' && <span className="does">{effect}</span>}
      </button>
      {isOpen && children}
    </section>
  );
}

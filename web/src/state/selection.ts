import { useCallback } from 'react';
import { useSearchParams } from 'react-router';
import { create } from 'zustand';

/** What the pointer or the keyboard is on: it lights up wherever the same thing is drawn. */
export const useHover = create<{ letter: string | null; part: string | null }>()(() => ({
  letter: null,
  part: null,
}));
export const hoverLetter = (letter: string | null) => useHover.setState({ letter });
/** A post or gate that the pointer or the keyboard is on. */
export const hoverPart = (part: string | null) => useHover.setState({ part });

/** The piece and the docket line that are open, kept in the address so that a link leads back to them. */
export function useSelection() {
  const [params, setParams] = useSearchParams();
  const hovered = useHover((s) => s.letter);
  const choose = useCallback(
    (name: 'piece' | 'line' | 'at' | 'run', value: string | null) =>
      setParams(
        (before) => {
          const next = new URLSearchParams(before);
          if (value === null) next.delete(name);
          else next.set(name, value);
          return next;
        },
        { replace: true },
      ),
    [setParams],
  );
  const piece = params.get('piece');
  const line = params.get('line');
  const at = params.get('at');
  const run = params.get('run');
  return {
    piece,
    line,
    /** The thing on the sheet that is open, as the path of its part. */
    at,
    /** The run that the strip shows. */
    run,
    lit: hovered ?? piece,
    togglePiece: (letter: string) => choose('piece', piece === letter ? null : letter),
    openThing: (id: string | null) => choose('at', id),
    showRun: (id: string) => choose('run', id),
    toggleLine: (id: string) => choose('line', line === id ? null : id),
  };
}

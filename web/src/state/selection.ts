import { useCallback } from 'react';
import { useSearchParams } from 'react-router';
import { create } from 'zustand';

/** What the pointer or the keyboard is on: it lights up wherever the same thing is drawn. */
export const useHover = create<{ letter: string | null }>()(() => ({ letter: null }));
export const hoverLetter = (letter: string | null) => useHover.setState({ letter });

/** The piece and the docket line that are open, kept in the address so that a link leads back to them. */
export function useSelection() {
  const [params, setParams] = useSearchParams();
  const hovered = useHover((s) => s.letter);
  const choose = useCallback(
    (name: 'piece' | 'line', value: string | null) =>
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
  return {
    piece,
    line,
    lit: hovered ?? piece,
    togglePiece: (letter: string) => choose('piece', piece === letter ? null : letter),
    toggleLine: (id: string) => choose('line', line === id ? null : id),
  };
}

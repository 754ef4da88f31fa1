import type { CuttingPool } from '../cutting/types';
import type { Part } from '../reckoning';

/** A lettered piece where it hangs; `joint` says it is joined to the piece before it. All m. */
export interface StripPiece {
  readonly letter: string;
  readonly pool: string;
  readonly use: string;
  readonly from: number;
  readonly to: number;
  /** Of its middle above the ground. */
  readonly height: number;
  readonly joint: number | null;
}

type Across = (
  side: string,
  from: number,
  to: number,
) => { readonly from: number; readonly to: number } | undefined;

/** Pieces of the cut list over the strip; those of other rings left out. */
export function stripPieces(
  parts: readonly Part[],
  cutting: readonly CuttingPool[],
  across: Across,
): readonly StripPiece[] {
  const rowHeights = new Map<string, number>();
  for (const part of parts) {
    if (part.kind === 'mesh')
      rowHeights.set(part.path.replace(/^side:[^/]+\//, ''), (Math.max(0, part.bottom) + part.top) / 2);
  }
  const heightOf = (part: string): number => {
    const row = /band:[^/]+\/row:\d+/.exec(part);
    return row ? (rowHeights.get(row[0]) ?? 0.5) : 0;
  };
  return cutting.flatMap((pool) =>
    pool.rolls.flatMap((roll) =>
      roll.pieces.flatMap((piece): StripPiece[] => {
        // Spans follow each other in the order of the run; one that passes the strip's ends lies in two.
        const joined: { from: number; to: number }[] = [];
        for (const span of piece.spans.flatMap((s) => across(s.side, s.from, s.to) ?? [])) {
          const before = joined[joined.length - 1];
          if (before && Math.abs(before.to - span.from) < 1e-6) before.to = span.to;
          else joined.push({ ...span });
        }
        return joined.map((span, i) => ({
          letter: piece.letter,
          pool: pool.id,
          use: piece.use,
          from: span.from,
          to: span.to,
          height: heightOf(piece.part),
          joint: piece.jointed && i === 0 ? span.from : null,
        }));
      }),
    ),
  );
}

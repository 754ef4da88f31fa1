import { type Use } from '../stages/facts';
import type { CuttingPool } from '../cutting/types';
import { type PartRef, partFields } from '../plan/partRef';
import type { Part } from '../reckoning';

/** A lettered piece where it hangs; `joint` says it is joined to the piece before it. All m. */
export interface StripPiece {
  readonly letter: string;
  readonly pool: string;
  readonly use: Use;
  readonly from: number;
  readonly to: number;
  /** Of its middle above the ground. */
  readonly height: number;
  readonly joint: number | null;
}

export type Across = (
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
  // One band may be as high here and higher there: a row is found by its side.
  const rowOf = (side: string, part: PartRef) => {
    const { band, row } = partFields(part);
    return row === undefined ? null : `${side}/${band}/${row}`;
  };
  const rowHeights = new Map<string, number>();
  for (const part of parts) {
    const row = part.kind === 'mesh' ? rowOf(part.side, part.part) : null;
    if (row && part.kind === 'mesh') rowHeights.set(row, (Math.max(0, part.bottom) + part.top) / 2);
  }
  const heightOf = ({ part, spans }: CuttingPool['rolls'][number]['pieces'][number]): number => {
    const row = rowOf(spans[0]?.side ?? '', part);
    return row ? (rowHeights.get(row) ?? 0.5) : 0;
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
          height: heightOf(piece),
          joint: piece.jointed && i === 0 ? span.from : null,
        }));
      }),
    ),
  );
}

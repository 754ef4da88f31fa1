import type { FenceLine } from '../../../ground/fenceLines';
import type { Part } from '../../../reckoning';
import { clearSpans, spansOnSides } from '../shown/runs';

/** What counts as the mesh of a band that nobody knows, to be drawn. */
const DRAWN = 'hex-50';

/** Bands of fences that stand, between their gates. */
export const standingParts = (lines: readonly FenceLine[]): readonly Part[] =>
  lines.flatMap((line): Part[] =>
    (line.standing?.bands ?? []).flatMap(({ mesh, top }, row, bands): Part[] =>
      clearSpans(line)
        .flatMap(({ from, to }) => spansOnSides(line, from, to))
        .map((span) => ({
          kind: 'mesh',
          part: { on: 'found', side: span.side, row },
          ...span,
          bottom: bands[row - 1]?.top ?? 0,
          top,
          mesh: mesh ?? DRAWN,
          level: null,
          origin: 'standing',
        })),
    ),
  );

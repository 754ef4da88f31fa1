import { type CuttingPool, type Part, type Plan, USES, sideFrames, formatPart } from '@aviarum/core';
import { useMemo } from 'react';
import { useSelection } from '../state/selection';

interface Props {
  readonly plan: Plan;
  readonly parts: readonly Part[];
  readonly cutting: readonly CuttingPool[];
  readonly scale: number;
  readonly show: 'letters' | 'lit-only';
}

interface Placed {
  readonly letter: string;
  readonly x: number;
  readonly y: number;
  readonly key: string;
}

/** Middles of the strips of covers and arches, by the names of their pieces. */
function overheadOf(parts: readonly Part[]): ReadonlyMap<string, { readonly x: number; readonly y: number }> {
  return new Map(
    parts.flatMap((p) =>
      p.kind === 'cover-strip' || p.kind === 'arch-strip'
        ? [
            [
              formatPart(p.part),
              {
                x: p.points.reduce((t, q) => t + q.x / p.points.length, 0),
                y: p.points.reduce((t, q) => t + q.y / p.points.length, 0),
              },
            ] as const,
          ]
        : [],
    ),
  );
}

/** A letter at the middle of each piece, or of the one that is lit alone, which shines along its whole length. Those that would meet are left out. */
export function Letters({ plan, parts, cutting, scale, show }: Props) {
  const { lit } = useSelection();
  const frames = useMemo(() => sideFrames(plan), [plan]);
  const pieces = useMemo(
    () => cutting.flatMap((pool) => pool.rolls.flatMap((roll) => roll.pieces)),
    [cutting],
  );
  const overhead = useMemo(() => overheadOf(parts), [parts]);
  const places = useMemo(() => {
    const placed: Placed[] = [];
    const spotsTaken: { x: number; y: number }[] = [];
    for (const piece of pieces) {
      if (piece.use === 'board') continue;
      const over = overhead.get(formatPart(piece.part));
      if (over) {
        const key = `${piece.letter} ${formatPart(piece.part)}`;
        placed.push({ letter: piece.letter, x: over.x * scale, y: -over.y * scale, key });
        continue;
      }
      const longest = piece.spans.reduce(
        (a, b) => (b.to - b.from > a.to - a.from ? b : a),
        piece.spans[0] ?? { side: '', from: 0, to: 0 },
      );
      const frame = frames.get(longest.side);
      if (!frame) continue;
      const inward = USES[piece.use].letters === 'ground' ? 0.25 : -(16 / scale);
      for (const part of [0.5, 0.3, 0.7, 0.4, 0.6, 0.2, 0.8]) {
        const at = frame.at(longest.from + (longest.to - longest.from) * part, inward);
        const [x, y] = [at.x * scale, -at.y * scale];
        if (spotsTaken.some((t) => Math.hypot(t.x - x, t.y - y) < 23)) continue;
        spotsTaken.push({ x, y });
        placed.push({ letter: piece.letter, x, y, key: `${piece.letter} ${formatPart(piece.part)}` });
        break;
      }
    }
    return placed;
  }, [pieces, frames, overhead, scale]);

  const litPath = pieces
    .filter((p) => p.letter === lit)
    .flatMap((p) => p.spans)
    .flatMap((span) => {
      const frame = frames.get(span.side);
      if (!frame) return [];
      const [a, b] = [frame.at(span.from, 0), frame.at(span.to, 0)];
      return [`M${a.x * scale},${-a.y * scale}L${b.x * scale},${-b.y * scale}`];
    })
    .join('');
  return (
    <g pointerEvents="none">
      {litPath !== '' && <path className="d-lit" d={litPath} data-lit={lit ?? ''} />}
      {places
        .filter((p) => show === 'letters' || p.letter === lit)
        .map((p) => (
          <g key={p.key} transform={`translate(${p.x} ${p.y})`}>
            <circle className="d-letter" r="10" />
            <text className="d-letter-word" textAnchor="middle" y="4.5">
              {p.letter}
            </text>
          </g>
        ))}
    </g>
  );
}

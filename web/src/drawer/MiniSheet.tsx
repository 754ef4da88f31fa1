import type { Card } from '@aviarum/core';
import { memo } from 'react';

/** px; the drawing keeps a margin within it. */
const [WIDE, HIGH, MARGIN] = [88, 64, 5];

const pathOf = (run: readonly number[]): string => {
  const points: string[] = [];
  for (let i = 0; i + 1 < run.length; i += 2) points.push(`${run[i]} ${-(run[i + 1] ?? 0)}`);
  return points.length > 0 ? `M${points.join('L')}Z` : '';
};

/** The runs of a plan as its little ground sheet; an empty one until its card is made. */
export const MiniSheet = memo(function MiniSheet({ card }: { card: Card | null }) {
  const runs = card?.runs ?? [];
  const xs = runs.flatMap((run) => run.filter((_, i) => i % 2 === 0));
  const ys = runs.flatMap((run) => run.filter((_, i) => i % 2 === 1));
  const [wide, high] = [Math.max(1, ...xs), Math.max(1, ...ys)];
  const scale = Math.min((WIDE - 2 * MARGIN) / wide, (HIGH - 2 * MARGIN) / high);
  const [x, y] = [(WIDE - wide * scale) / 2, HIGH - (HIGH - high * scale) / 2];
  return (
    <svg className="minisheet" width={WIDE} height={HIGH} aria-hidden="true">
      <g transform={`translate(${x} ${y}) scale(${scale})`}>
        {runs.map((run, i) => (
          <path key={i} d={pathOf(run)} vectorEffect="non-scaling-stroke" />
        ))}
      </g>
    </svg>
  );
});

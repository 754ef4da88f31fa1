import type { Primitive, StripLine, GroundOf } from '../../drawing/scene/scene';
import { formatPart } from '../../plan/partRef';
import type { Part } from '../../reckoning';
import type { COVER_INKS } from './plan/inks';

type CoverInk = keyof typeof COVER_INKS;

const BARS = { rail: 'rail', edge: 'rail', beam: 'beam', wire: 'cover-wire' } as const;

/** Covers from above: their outlines, strips, and what holds them up. */
export const sheet = (parts: readonly Part[]): readonly Primitive<CoverInk>[] =>
  parts.flatMap((p): Primitive<CoverInk>[] => {
    switch (p.kind) {
      case 'cover':
        return [{ shape: 'polygon', kind: `cover-${p.form}`, part: formatPart(p.part), points: p.points }];
      case 'cover-strip':
        return [{ shape: 'polygon', kind: 'cover-seam', part: formatPart(p.part), points: p.points }];
      case 'cover-bar':
        return [{ shape: 'line', kind: BARS[p.is], part: formatPart(p.part), points: [p.from, p.to] }];
      case 'cover-prop':
        return [{ shape: 'circle', kind: 'prop', part: formatPart(p.part), at: p.at, radius: 0.07 }];
      default:
        return [];
    }
  });

/** The edge of a cover along the fence on the strip. */
export function strip(part: Part, ground: GroundOf): readonly StripLine[] {
  if (part.kind !== 'cover-edge') return [];
  const { from, to, fromHeight, toHeight } = part;
  const [near, far] = from <= to ? [fromHeight, toHeight] : [toHeight, fromHeight];
  const under = ground(part.side, Math.min(from, to), Math.max(from, to));
  const [first, last] = [under[0], under[under.length - 1]];
  if (!first || !last) return [];
  const ends = first.x <= last.x ? [near, far] : [far, near];
  // Straight from end to end, whatever the ground does between.
  const points = [
    { x: first.x, y: first.y + (ends[0] ?? 0) },
    { x: last.x, y: last.y + (ends[1] ?? 0) },
  ];
  return [{ part: formatPart(part.part), kind: 'cover-at-edge', points, lower: [0] }];
}

import { type Cut, upright } from '../../drawing/scene/cut';
import type { Primitive } from '../../drawing/scene/scene';
import { planeAt } from '../../ground/plane';
import type { Vector } from '../../ground/vector';
import { formatPart } from '../../plan/partRef';
import type { Part } from '../../reckoning';
import { insideAt } from './over/bands';

type Ink = 'cut-cover' | 'cut-rail' | 'cut-post' | 'snow';
type CoverPart = Extract<Part, { kind: 'cover' }>;

/** What a cubic metre of settled snow weighs, kN. */
const SNOW = 2;
/** Points along a sagging net between its ends. */
const SAGS = 12;

/** The line of a cover from where the section goes under it to where it leaves. */
function lineOf({ plane, sag }: CoverPart, cut: Cut, from: number, to: number): readonly Vector[] {
  const steps = sag > 0 ? SAGS : 1;
  return Array.from({ length: steps + 1 }, (_, i) => {
    const share = i / steps;
    const x = from + (to - from) * share;
    return { x, y: planeAt(plane, cut.at(x)) - 4 * sag * share * (1 - share) };
  });
}

function coverShapes(part: CoverPart, cut: Cut): readonly Primitive<Ink>[] {
  const turned = part.points.map((p) => {
    const { along, off } = cut.beside(p);
    return { x: along, y: off };
  });
  const name = formatPart(part.part);
  return insideAt(turned, 0).flatMap(({ from, to }): Primitive<Ink>[] => {
    const [a, b] = [Math.max(0, from), Math.min(cut.length, to)];
    if (b - a < 0.01) return [];
    const points = lineOf(part, cut, a, b);
    const deep = part.snow / SNOW;
    const snow = [...points, ...points.map(({ x, y }) => ({ x, y: y + deep })).reverse()];
    return [
      ...(deep > 0
        ? [{ shape: 'polygon', kind: 'snow', part: name, points: snow, label: 'snow' } as const]
        : []),
      { shape: 'line', kind: 'cut-cover', part: name, points, label: part.name },
    ];
  });
}

/** A cover where the section goes under it: its line with snow on it, rails and beams cut through, props that stand by. */
export function section(part: Part, cut: Cut): readonly Primitive<Ink>[] {
  switch (part.kind) {
    case 'cover':
      return coverShapes(part, cut);
    case 'cover-bar': {
      const crossed = cut.crossing(part.from, part.to);
      if (!crossed) return [];
      const whole = Math.hypot(part.to.x - part.from.x, part.to.y - part.from.y);
      const level = part.fromLevel + ((part.toLevel - part.fromLevel) * crossed.on) / Math.max(whole, 1e-9);
      const high = level - (part.is === 'beam' ? 0.075 : 0);
      const points = upright(crossed.along, 0.025, high - Math.max(part.deep, 0.02), high);
      return [{ shape: 'polygon', kind: 'cut-rail', part: formatPart(part.part), points }];
    }
    case 'cover-prop': {
      const { along, off } = cut.beside(part.at);
      if (Math.abs(off) > 0.6 || along < 0 || along > cut.length) return [];
      const foot = cut.ground(part.at);
      const points = upright(along, 0.05, foot, foot + part.above);
      return [{ shape: 'polygon', kind: 'cut-post', part: formatPart(part.part), points }];
    }
    default:
      return [];
  }
}

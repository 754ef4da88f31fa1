import type { SheetScene } from '../../drawing/scene/scene';
import type { groundScene } from '../../drawing/sheet';
import type { Vector } from '../../ground/vector';
import type { Reader } from '../../saying/makeReader';
import { element, escaped } from './markup';
import { FOOT, MARGIN, type Sheet } from './paper';
import { type Painter, round } from './svgPainter';

/** Words over lines stay readable: a rim of the paper's white about each letter. */
export const HALO = {
  'paint-order': 'stroke',
  stroke: '#ffffff',
  'stroke-width': 0.9,
  'stroke-linejoin': 'round',
};
export const text = (
  x: number,
  y: number,
  words: string,
  more: Readonly<Record<string, string | number>> = {},
) => element('text', { x: round(x), y: round(y), ...more }, escaped(words));

type Ground = ReturnType<typeof groundScene>;

/** Names of what is on the ground: in the middle of a building, beside a tree, on a line where it is in the picture. */
export function labels(ground: Ground, { at }: Painter, sheet: Sheet): string[] {
  const inside = (p: Vector) =>
    p.x > MARGIN && p.x < sheet.wide - MARGIN && p.y > MARGIN && p.y < sheet.high - FOOT - MARGIN;
  const named = [
    ...ground.building,
    ...ground.tree,
    ...ground.obstacle,
    ...ground.service,
    ...ground.boundary,
  ];
  return named.flatMap((p) => {
    if (p.shape === 'square' || p.shape === 'swing' || p.label === undefined) return [];
    if (p.shape === 'circle') {
      const c = at(p.at);
      return [text(c.x + 3.4, c.y + 1, p.label)];
    }
    if (p.shape === 'polygon') {
      const middle = (of: (q: Vector) => number) => p.points.reduce((t, q) => t + of(q), 0) / p.points.length;
      const c = at({ x: middle((q) => q.x), y: middle((q) => q.y) });
      return [text(c.x, c.y + 1, p.label, { 'text-anchor': 'middle' })];
    }
    const c = at(p.points.find((q) => inside(at(q))) ?? { x: 0, y: 0 });
    return [text(c.x + 2, c.y + 1, p.label)];
  });
}

/** Lengths of the sides beside them, where they have room. */
export function dimensions(scene: SheetScene, { mm, at }: Painter, sheet: Sheet, reader: Reader): string[] {
  return scene.sides.flatMap((s) => {
    const words = reader.length(s.length);
    if (mm(s.length) < words.length * 1.9 || s.kind === 'building') return [];
    const away = (mm(s.reach) + 3.4) * (sheet.scale / 1000);
    const c = at({
      x: (s.start.x + s.end.x) / 2 + s.outward.x * away,
      y: (s.start.y + s.end.y) / 2 + s.outward.y * away,
    });
    const angle = (-Math.atan2(s.end.y - s.start.y, s.end.x - s.start.x) * 180) / Math.PI;
    const upright = angle > 89.5 ? angle - 180 : angle < -90.5 ? angle + 180 : angle;
    const transform = `rotate(${round(upright)} ${c.x} ${c.y})`;
    return [text(c.x, c.y + 1, words, { 'text-anchor': 'middle', transform })];
  });
}

/** Numbers of the corners, just outside them. */
export const numbers = ({ corners }: SheetScene, { at }: Painter, sheet: Sheet): string[] =>
  corners.map((c) => {
    const away = (3 * sheet.scale) / 1000;
    const p = at({ x: c.at.x - c.inward.x * away, y: c.at.y - c.inward.y * away });
    return text(p.x, p.y + 1, String(c.number), { 'text-anchor': 'middle', 'font-weight': 700 });
  });

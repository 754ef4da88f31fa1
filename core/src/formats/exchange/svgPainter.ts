import { type Colour } from '../../scenes/ink';
import { type InkKind, attributesOf, inkOf } from '../../drawing/scene/inks';
import type { Primitive } from '../../drawing/scene/scene';
import type { Vector } from '../../ground/vector';
import { element } from './markup';
import type { Sheet } from './paper';

/** The colours as they are on paper. */
const PAPER: Readonly<Record<Colour, string>> = {
  ink: '#1c2a22',
  bark: '#7a5b3a',
  edge: '#7b7663',
  yolk: '#e3a51c',
  moss: '#66794f',
  run: '#f1f3e6',
  live: '#2a5f87',
  sheet: '#ffffff',
  stone: '#e2dcc8',
  contour: '#9aa688',
};
export const onPaper = (kind: InkKind) => attributesOf(inkOf(kind).paper ?? {}, (name) => PAPER[name]);
const LEAST_POST = 1.3;

export const round = (n: number) => Math.round(n * 1000) / 1000;

/** Draws the scene of a plan in millimetres of paper. */
export function painter(sheet: Sheet, origin: Vector) {
  const mm = (metres: number) => (metres * 1000) / sheet.scale;
  const at = (p: Vector) => ({ x: round(origin.x + mm(p.x)), y: round(origin.y - mm(p.y)) });
  const path = (points: readonly Vector[], closed: 'Z' | '') =>
    `M${points
      .map(at)
      .map((p) => `${p.x} ${p.y}`)
      .join('L')}${closed}`;
  const draw = (p: Primitive, ink: InkKind): string => {
    const style = onPaper(ink);
    const marked = { ...style, 'data-part': p.part };
    switch (p.shape) {
      case 'polygon':
        return element('path', { ...marked, d: path(p.points, 'Z') });
      case 'line':
        return element('path', { ...marked, d: path(p.points, '') });
      case 'circle': {
        const c = at(p.at);
        return element('circle', { ...marked, cx: c.x, cy: c.y, r: round(mm(p.radius)) });
      }
      case 'square': {
        const half = Math.max(LEAST_POST, mm(p.size)) / 2;
        const c = at(p.at);
        const turn = round((-Math.atan2(p.along.y, p.along.x) * 180) / Math.PI);
        return element('rect', {
          ...marked,
          x: round(c.x - half),
          y: round(c.y - half),
          width: round(2 * half),
          height: round(2 * half),
          transform: `rotate(${turn} ${c.x} ${c.y})`,
        });
      }
      case 'swing': {
        const [hinge, tip, latch] = [at(p.hinge), at(p.tip), at(p.latch)];
        const r = round(Math.hypot(tip.x - hinge.x, tip.y - hinge.y));
        const turn = (tip.x - hinge.x) * (latch.y - hinge.y) - (tip.y - hinge.y) * (latch.x - hinge.x);
        const d = `M${hinge.x} ${hinge.y}L${tip.x} ${tip.y}A${r} ${r} 0 0 ${turn > 0 ? 1 : 0} ${latch.x} ${latch.y}`;
        return element('path', { ...marked, d });
      }
    }
  };
  return { mm, at, path, draw };
}

export type Painter = ReturnType<typeof painter>;

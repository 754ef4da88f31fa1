import { type Colour } from '../../drawing/ink';
import { attributesOf, inkOf } from '../../drawing/inks';
import { relief } from '../../drawing/relief';
import type { Primitive, SheetScene } from '../../drawing/scene';
import { groundScene, sheetScene } from '../../drawing/sheet';
import type { Vector } from '../../ground/vector';
import type { Plan } from '../../plan/schema';
import type { Part } from '../../reckoning';
import { FOOT as FEET } from '../../units/factors';
import { type Reader, readerFor } from '../../saying/makeReader';
import { element, escaped } from './markup';
import { FOOT, MARGIN, type PaperName, type Sheet, fitPaper } from './paper';

export interface SvgOptions {
  readonly paper?: PaperName;
  /** 1 in so many; the largest plain scale that fits unless given. */
  readonly scale?: number;
}

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
const onPaper = (kind: string) => attributesOf(inkOf(kind).paper ?? {}, (name) => PAPER[name]);
const LEAST_POST = 1.3;

const round = (n: number) => Math.round(n * 1000) / 1000;

/** Draws the scene of a plan in millimetres of paper. */
function painter(sheet: Sheet, origin: Vector) {
  const mm = (metres: number) => (metres * 1000) / sheet.scale;
  const at = (p: Vector) => ({ x: round(origin.x + mm(p.x)), y: round(origin.y - mm(p.y)) });
  const path = (points: readonly Vector[], closed: 'Z' | '') =>
    `M${points
      .map(at)
      .map((p) => `${p.x} ${p.y}`)
      .join('L')}${closed}`;
  const draw = (p: Primitive, ink: string): string => {
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

/** Words over lines stay readable: a rim of the paper's white about each letter. */
const HALO = {
  'paint-order': 'stroke',
  stroke: '#ffffff',
  'stroke-width': 0.9,
  'stroke-linejoin': 'round',
};
const text = (x: number, y: number, words: string, more: Readonly<Record<string, string | number>> = {}) =>
  element('text', { x: round(x), y: round(y), ...more }, escaped(words));

type Painter = ReturnType<typeof painter>;
type Ground = ReturnType<typeof groundScene>;

/** Names of what is on the ground: in the middle of a building, beside a tree, on a line where it is in the picture. */
function labels(ground: Ground, { at }: Painter, sheet: Sheet): string[] {
  const inside = (p: Vector) =>
    p.x > MARGIN && p.x < sheet.wide - MARGIN && p.y > MARGIN && p.y < sheet.high - FOOT - MARGIN;
  const named = [...ground.building, ...ground.tree, ...ground.service, ...ground.boundary];
  return named.flatMap((p) => {
    if (!('label' in p)) return [];
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
function dimensions(scene: SheetScene, { mm, at }: Painter, sheet: Sheet, reader: Reader): string[] {
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
const numbers = ({ corners }: SheetScene, { at }: Painter, sheet: Sheet): string[] =>
  corners.map((c) => {
    const away = (3 * sheet.scale) / 1000;
    const p = at({ x: c.at.x - c.inward.x * away, y: c.at.y - c.inward.y * away });
    return text(p.x, p.y + 1, String(c.number), { 'text-anchor': 'middle', 'font-weight': 700 });
  });

/** Everything drawn, the lowest first. */
function body(plan: Plan, scene: SheetScene, paint: Painter, sheet: Sheet): string {
  const ground = groundScene(plan.ground);
  const { run, foot, side, gate, post, marks } = scene.layers;
  const inked = (list: readonly Primitive[], ink: (p: Primitive) => string) =>
    list.map((p) => paint.draw(p, ink(p))).join('');
  const asItIs = (list: readonly Primitive[]) => inked(list, (p) => p.kind);
  const contours = relief(plan.ground.spotHeights, scene.extent).contours.flatMap((c) =>
    c.lines.map((l) => element('path', { ...onPaper('contour'), d: paint.path(l, '') })),
  );
  const words = [
    ...labels(ground, paint, sheet),
    ...dimensions(scene, paint, sheet, readerFor(plan)),
    ...numbers(scene, paint, sheet),
  ];
  return [
    inked(run, () => 'run'),
    contours.join(''),
    asItIs(foot),
    asItIs(ground.tree),
    asItIs(side),
    inked(ground.service, () => 'service'),
    inked(ground.boundary, () => 'boundary'),
    inked(ground.building, () => 'building'),
    asItIs(gate),
    inked(post, (p) => (p.kind === 'line' ? 'line' : 'post')),
    asItIs(marks),
    element('g', HALO, words.join('')),
  ].join('\n');
}

/**
 * The plan to a stated scale on one sheet of paper: millimetres of the picture are millimetres on paper.
 *
 * The scene is the one that the screen shows; here it is only inked.
 */
export function writeSvg(plan: Plan, parts: readonly Part[], options: SvgOptions = {}): string {
  const scene = sheetScene(plan, parts);
  const { extent } = scene;
  const sheet = fitPaper(extent, plan.units, options.paper ?? 'A4', options.scale ?? 'fits');
  const origin = {
    x: sheet.wide / 2 - (((extent.left + extent.right) / 2) * 1000) / sheet.scale,
    y: (sheet.high - FOOT) / 2 + (((extent.low + extent.high) / 2) * 1000) / sheet.scale,
  };
  const picture = body(plan, scene, painter(sheet, origin), sheet);
  return element(
    'svg',
    {
      xmlns: 'http://www.w3.org/2000/svg',
      width: `${sheet.wide}mm`,
      height: `${sheet.high}mm`,
      viewBox: `0 0 ${sheet.wide} ${sheet.high}`,
      'font-family': "'Atkinson Hyperlegible Next Variable', sans-serif",
      'font-size': 3,
      fill: '#1c2a22',
    },
    `<title>${escaped(`${plan.name}, 1 : ${sheet.scale}`)}</title>${PATTERNS}${clip(sheet)}${element('g', { 'clip-path': 'url(#picture)' }, picture)}${caption(plan, sheet)}`,
  );
}

const PATTERNS =
  '<defs><pattern id="apron" width="1.8" height="1.8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">' +
  '<path d="M0 0V1.8" stroke="#7a5b3a" stroke-width="0.18"/></pattern>' +
  '<pattern id="boards" width="2" height="2" patternUnits="userSpaceOnUse"><rect width="2" height="2" fill="#ece7d8"/>' +
  '<path d="M0 1.9H2" stroke="#cfc8b2" stroke-width="0.3"/></pattern></defs>';

/** The picture keeps off the margins and the foot. */
const clip = (sheet: Sheet) =>
  `<defs><clipPath id="picture">${element('rect', {
    x: MARGIN / 2,
    y: MARGIN / 2,
    width: sheet.wide - MARGIN,
    height: sheet.high - MARGIN / 2 - FOOT - 6,
  })}</clipPath></defs>`;

/** Name, scale, a bar to check the print by, and north. */
function caption(plan: Plan, sheet: Sheet): string {
  const y = sheet.high - MARGIN - 4;
  const unit = plan.units === 'imperial' ? FEET : 1;
  const steps = [0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500].map((n) => n * unit);
  const step = steps.find((s) => (s * 1000) / sheet.scale >= 8) ?? unit;
  const px = (step * 1000) / sheet.scale;
  const x = sheet.wide - MARGIN - 4 * px - 24;
  const bar = [0, 1, 2, 3].map((i) =>
    element('rect', {
      x: round(x + i * px),
      y: round(y - 2),
      width: round(px),
      height: 1.8,
      fill: i % 2 === 0 ? '#1c2a22' : '#ffffff',
      stroke: '#1c2a22',
      'stroke-width': 0.25,
    }),
  );
  const length = plan.units === 'imperial' ? `${Math.round((4 * step) / FEET)}′` : `${4 * step} m`;
  const turn = round((plan.ground.north * 180) / Math.PI);
  const north = element(
    'g',
    { transform: `translate(${sheet.wide - MARGIN - 5} ${MARGIN + 8}) rotate(${turn})` },
    `<path d="M0 -6L2.6 4L0 2L-2.6 4Z" fill="#1c2a22"/>${text(0, -7.2, 'N', { 'text-anchor': 'middle', 'font-weight': 700 })}`,
  );
  return [
    element('path', {
      d: `M${MARGIN} ${round(y - 7)}H${sheet.wide - MARGIN}`,
      stroke: '#1c2a22',
      'stroke-width': 0.35,
    }),
    text(MARGIN, y, plan.name, { 'font-size': 4.4, 'font-weight': 700 }),
    text(
      MARGIN,
      y + 4.4,
      `1 : ${sheet.scale} on ${sheet.paper}. Print at full size; lay a rule on the bar to check.`,
    ),
    ...bar,
    text(x + 4 * px + 2, y, length),
    north,
  ].join('');
}

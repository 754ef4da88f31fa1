import { relief } from '../../drawing/relief';
import type { InkKind } from '../../drawing/scene/inks';
import type { Primitive, SceneKind, SheetScene } from '../../drawing/scene/scene';
import { sectionScene } from '../../drawing/section';
import { groundScene, sheetScene } from '../../drawing/sheet';
import type { Plan } from '../../plan/schema';
import type { Part } from '../../reckoning';
import { FOOT as FEET } from '../../units/factors';
import { readerFor } from '../../saying/makeReader';
import { element, escaped } from './markup';
import { type Painter, onPaper, painter, round } from './svgPainter';
import { HALO, dimensions, labels, numbers, text } from './svgWords';
import { FOOT, MARGIN, type PaperName, type Sheet, fitPaper } from './paper';

export interface SvgOptions {
  readonly paper?: PaperName;
  /** 1 in so many; the largest plain scale that fits unless given. */
  readonly scale?: number;
}

/** Everything drawn, the lowest first. */
function body(plan: Plan, scene: SheetScene, paint: Painter, sheet: Sheet): string {
  const ground = groundScene(plan.ground);
  const { run, foot, side, gate, over, post, marks } = scene.layers;
  const inked = <K extends SceneKind>(list: readonly Primitive<K>[], ink: (p: Primitive<K>) => InkKind) =>
    list.map((p) => paint.draw(p, ink(p))).join('');
  const asItIs = (list: readonly Primitive<InkKind>[]) => inked(list, (p) => p.kind);
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
    asItIs(ground.obstacle),
    asItIs(ground.boundary),
    inked(ground.building, (b) => b.kind),
    asItIs(over),
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
  return pageOf(plan, sheet, plan.name, body(plan, scene, painter(sheet, origin), sheet));
}

/** The section through a plan to a stated scale, likewise. */
export function writeSectionSvg(plan: Plan, parts: readonly Part[], options: SvgOptions = {}): string {
  const { extent, shapes, measures } = sectionScene(plan, parts);
  const sheet = fitPaper(extent, plan.units, options.paper ?? 'A4', options.scale ?? 'fits');
  const origin = {
    x: sheet.wide / 2 - (((extent.left + extent.right) / 2) * 1000) / sheet.scale,
    y: (sheet.high - FOOT) / 2 + (((extent.low + extent.high) / 2) * 1000) / sheet.scale,
  };
  const paint = painter(sheet, origin);
  const reader = readerFor(plan);
  const words = measures.map(({ from, to }) => {
    const [a, b] = [paint.at(from), paint.at(to)];
    const line = element('path', { d: paint.path([from, to], ''), stroke: '#1c2a22', 'stroke-width': 0.25 });
    const said = reader.about(Math.hypot(to.x - from.x, to.y - from.y));
    return `${line}${text((a.x + b.x) / 2 + 1, (a.y + b.y) / 2 - 1, said)}`;
  });
  const names = shapes.flatMap((s) => {
    if ((s.shape !== 'line' && s.shape !== 'polygon') || s.label === undefined) return [];
    const [at] = s.points;
    if (!at) return [];
    const { x, y } = paint.at(at);
    return [text(x + 5, y + (s.shape === 'line' ? 4.5 : -1.2), s.label)];
  });
  const drawn = shapes.map((s) => paint.draw(s, s.kind)).join('');
  const picture = `${drawn}${element('g', HALO, [...names, ...words].join(''))}`;
  return pageOf(plan, sheet, `${plan.name}, section`, picture);
}

/** A page with its picture, what it is and its scale. */
function pageOf(plan: Plan, sheet: Sheet, title: string, picture: string): string {
  return element(
    'svg',
    {
      xmlns: 'http://www.w3.org/2000/svg',
      width: `${sheet.wide}mm`,
      height: `${sheet.high}mm`,
      viewBox: `0 0 ${sheet.wide} ${sheet.high}`,
      'font-family': "'Hanken Grotesk Variable', sans-serif",
      'font-size': 3,
      fill: '#1c2a22',
    },
    `<title>${escaped(`${title}, 1 : ${sheet.scale}`)}</title>${PATTERNS}${clip(sheet)}${element('g', { 'clip-path': 'url(#picture)' }, picture)}${caption(plan, sheet, title)}`,
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
function caption(plan: Plan, sheet: Sheet, title: string): string {
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
  const north =
    title !== plan.name
      ? ''
      : element(
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
    text(MARGIN, y, title, { 'font-size': 4.4, 'font-weight': 700 }),
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

import { INKS, type InkKind, inkOf } from '../../drawing/scene/inks';
import Drawing from 'dxf-writer';
import Handle from 'dxf-writer/src/Handle.js';
import { relief } from '../../drawing/relief';
import type { Primitive, SheetScene } from '../../drawing/scene/scene';
import { sectionScene } from '../../drawing/section';
import { groundScene, sheetScene } from '../../drawing/sheet';
import type { Vector } from '../../ground/vector';
import type { Plan } from '../../plan/schema';
import type { Part } from '../../reckoning';

const { ACI } = Drawing;

/** Layers of what is written beside the drawing. */
const BESIDE = {
  HEIGHTS: ['CYAN', 'CONTINUOUS'],
  DIMENSIONS: ['WHITE', 'CONTINUOUS'],
} as const;
/** Layers by what things are, with a colour of the format's own index and a kind of line. */
const LAYERS = new Map<string, readonly [colour: keyof typeof ACI, line: string]>([
  ...Object.values(INKS).flatMap(({ file }) => (file ? [[file[0], [file[1], file[2]]] as const] : [])),
  ...Object.entries(BESIDE),
]);

const layerOf = (kind: InkKind): string => inkOf(kind).file?.[0] ?? 'RUN';

const TEXT_HIGH = 0.15;
const plain = (text: string) => text.replace(/[\r\n]+/g, ' ');

/** Draws in one file, layer by layer. */
function pen(drawing: Drawing) {
  const line = (points: readonly Vector[], closed: boolean) =>
    drawing.drawPolyline(
      points.map(({ x, y }): [number, number] => [x, y]),
      closed,
    );
  const words = (x: number, y: number, text: string) => drawing.drawText(x, y, TEXT_HIGH, 0, plain(text));
  return { on: (layer: string) => drawing.setActiveLayer(layer), line, words };
}

/** Corners of a square that is turned along a side. */
function squareOf({ at, along, size }: Extract<Primitive, { shape: 'square' }>): Vector[] {
  const [ax, ay] = [(along.x * size) / 2, (along.y * size) / 2];
  return [
    { x: at.x - ax + ay, y: at.y - ay - ax },
    { x: at.x + ax + ay, y: at.y + ay - ax },
    { x: at.x + ax - ay, y: at.y + ay + ax },
    { x: at.x - ax - ay, y: at.y - ay + ax },
  ];
}

function drawOne(drawing: Drawing, p: Primitive): void {
  const { line, words } = pen(drawing);
  switch (p.shape) {
    case 'polygon':
      line(p.points, true);
      break;
    case 'line':
      line(p.points, false);
      break;
    case 'circle':
      if (p.radius > 0) drawing.drawCircle(p.at.x, p.at.y, p.radius);
      break;
    case 'square':
      line(squareOf(p), true);
      break;
    case 'swing':
      line([p.latch, p.hinge, p.tip], false);
      break;
  }
  if (p.shape === 'square' || p.shape === 'swing' || p.label === undefined) return;
  const at = p.shape === 'circle' ? p.at : p.points[0];
  if (at) words(at.x + 0.1, at.y + 0.1, p.label);
}

/** Everything of the two scenes with the layer that it is drawn on, in the order in which it is drawn. */
function layered(
  sheet: SheetScene,
  ground: ReturnType<typeof groundScene>,
): readonly (readonly [string, readonly Primitive[]])[] {
  const { run, foot, side, gate, over, post, marks } = sheet.layers;
  const sides = (...kinds: readonly string[]) => side.filter((s) => kinds.includes(s.kind));
  const byKind = (list: readonly Primitive<InkKind>[]) => list.map((p) => [layerOf(p.kind), [p]] as const);
  return [
    ['RUN', run],
    ['FENCE', sides('fence')],
    ['STANDING', sides('standing')],
    ['WALL', sides('wall', 'building')],
    ['OPEN', sides('open')],
    ['ARCH', sides('arch-foot', 'arch-end')],
    ...byKind(foot),
    ['POSTS', post],
    ['GATES', gate],
    ...byKind(over),
    ...byKind(marks),
    ['BUILDINGS', ground.building],
    ['TREES', ground.tree.filter((t) => t.kind !== 'roots')],
    ['ROOTS', ground.tree.filter((t) => t.kind === 'roots')],
    ['SERVICES', ground.service],
    ...byKind(ground.obstacle),
    ...byKind(ground.boundary),
  ];
}

/** A file with its layers, and nothing drawn yet. */
function begun(): Drawing {
  // Handles count from one in every file: the same plan makes the same file.
  Handle.seed = 0;
  const drawing = new Drawing();
  drawing.setUnits('Meters');
  drawing.addLineType('DASHED', '_ _ _ ', [0.3, -0.15]);
  drawing.addLineType('DOTTED', '. . . ', [0.03, -0.1]);
  for (const [name, [colour, line]] of LAYERS) drawing.addLayer(name, ACI[colour], line);
  return drawing;
}

/** The section through a plan in metres as DXF: x along its line, y a height. */
export function writeSectionDxf(plan: Plan, parts: readonly Part[]): string {
  const drawing = begun();
  const { on, line, words } = pen(drawing);
  const { shapes, measures } = sectionScene(plan, parts);
  for (const shape of shapes) {
    if (!inkOf(shape.kind).file) continue;
    on(layerOf(shape.kind));
    drawOne(drawing, shape);
  }
  on('DIMENSIONS');
  for (const { from, to } of measures) {
    line([from, to], false);
    const length = Math.hypot(to.x - from.x, to.y - from.y);
    words((from.x + to.x) / 2 + 0.05, (from.y + to.y) / 2 + 0.05, length.toFixed(2));
  }
  return drawing.toDxfString();
}

/** The plan in metres as DXF, y up the sheet, each kind of thing on a layer of its own. */
export function writeDxf(plan: Plan, parts: readonly Part[]): string {
  const drawing = begun();
  const { on, line, words } = pen(drawing);

  const sheet = sheetScene(plan, parts);
  for (const [layer, list] of layered(sheet, groundScene(plan.ground))) {
    on(layer);
    for (const p of list) drawOne(drawing, p);
  }
  on('CONTOURS');
  for (const { lines } of relief(plan.ground.spotHeights, sheet.extent).contours)
    for (const points of lines) line(points, false);
  on('HEIGHTS');
  for (const { at, height } of plan.ground.spotHeights) {
    drawing.drawPoint(at.x, at.y);
    words(at.x + 0.1, at.y - 0.2, height.toFixed(2));
  }
  on('DIMENSIONS');
  for (const s of sheet.sides) {
    const at = {
      x: (s.start.x + s.end.x) / 2 + s.outward.x * 0.3,
      y: (s.start.y + s.end.y) / 2 + s.outward.y * 0.3,
    };
    drawing.drawText(at.x, at.y, TEXT_HIGH, 0, s.length.toFixed(2), 'center', 'middle');
  }
  return drawing.toDxfString();
}

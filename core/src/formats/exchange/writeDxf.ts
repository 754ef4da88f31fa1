import { INKS, inkOf } from '../../drawing/inks';
import Drawing from 'dxf-writer';
import Handle from 'dxf-writer/src/Handle.js';
import { relief } from '../../drawing/relief';
import type { Primitive } from '../../drawing/scene';
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

const layerOf = (kind: string): string => inkOf(kind).file?.[0] ?? 'RUN';

const TEXT_HIGH = 0.15;
const plain = (text: string) => text.replace(/[\r\n]+/g, ' ');

/** The plan in metres as DXF, y up the sheet, each kind of thing on a layer of its own. */
export function writeDxf(plan: Plan, parts: readonly Part[]): string {
  // Handles count from one in every file: the same plan makes the same file.
  Handle.seed = 0;
  const drawing = new Drawing();
  drawing.setUnits('Meters');
  drawing.addLineType('DASHED', '_ _ _ ', [0.3, -0.15]);
  drawing.addLineType('DOTTED', '. . . ', [0.03, -0.1]);
  for (const [name, [colour, line]] of LAYERS) drawing.addLayer(name, ACI[colour], line);
  const on = (layer: string) => drawing.setActiveLayer(layer);
  const line = (points: readonly Vector[], closed: boolean) =>
    drawing.drawPolyline(
      points.map(({ x, y }): [number, number] => [x, y]),
      closed,
    );

  const draw = (layer: string, list: readonly Primitive[]) => {
    on(layer);
    for (const p of list) {
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
        case 'square': {
          const half = p.size / 2;
          const [ax, ay] = [p.along.x * half, p.along.y * half];
          const { x, y } = p.at;
          line(
            [
              { x: x - ax + ay, y: y - ay - ax },
              { x: x + ax + ay, y: y + ay - ax },
              { x: x + ax - ay, y: y + ay + ax },
              { x: x - ax - ay, y: y - ay + ax },
            ],
            true,
          );
          break;
        }
        case 'swing':
          line([p.latch, p.hinge, p.tip], false);
          break;
      }
      if ('label' in p) {
        const at = p.shape === 'circle' ? p.at : p.points[0];
        if (at) drawing.drawText(at.x + 0.1, at.y + 0.1, TEXT_HIGH, 0, plain(p.label));
      }
    }
  };

  const sheet = sheetScene(plan, parts);
  const ground = groundScene(plan.ground);
  const { run, foot, side, gate, post, marks } = sheet.layers;
  draw('RUN', run);
  draw(
    'FENCE',
    side.filter((s) => s.kind === 'fence'),
  );
  draw(
    'WALL',
    side.filter((s) => s.kind === 'wall' || s.kind === 'building'),
  );
  draw(
    'OPEN',
    side.filter((s) => s.kind === 'open'),
  );
  for (const p of foot) draw(layerOf(p.kind), [p]);
  draw('POSTS', post);
  draw('GATES', gate);
  for (const p of marks) draw(layerOf(p.kind), [p]);
  draw('BUILDINGS', ground.building);
  draw(
    'TREES',
    ground.tree.filter((t) => t.kind !== 'roots'),
  );
  draw(
    'ROOTS',
    ground.tree.filter((t) => t.kind === 'roots'),
  );
  draw('SERVICES', ground.service);
  draw('BOUNDARIES', ground.boundary);
  on('CONTOURS');
  for (const { lines } of relief(plan.ground.spotHeights, sheet.extent).contours)
    for (const points of lines) line(points, false);
  on('HEIGHTS');
  for (const { at, height } of plan.ground.spotHeights) {
    drawing.drawPoint(at.x, at.y);
    drawing.drawText(at.x + 0.1, at.y - 0.2, TEXT_HIGH, 0, height.toFixed(2));
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

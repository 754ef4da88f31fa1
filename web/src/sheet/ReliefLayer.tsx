import { inked } from '../look/inked';
import {
  type GroundScene,
  type Relief,
  type SheetScene,
  type SlopeTint,
  type Vector,
  roomiest,
} from '@aviarum/core';
import { memo } from 'react';
import { useReader } from '../state/reckoningStore';
import { fallArrows } from './fallArrows';
import { polygon, polyline } from './layers';

const STEEP: readonly SlopeTint['steepness'][] = ['steps-welded', 'steps-hexagonal', 'too-steep'];
/** A contour with fewer points is too short to be named. */
const LEAST_POINTS = 10;
/** Half an arrow's length, px. */
const HALF = 17;

/** Where a contour is named: well to the left of the run, or else where it first is outside it. */
function besideRun(line: readonly Vector[], { extent }: SheetScene): Vector | undefined {
  const wanted = extent.left - (extent.right - extent.left) * 0.22;
  const outside = line.filter(
    (p) => p.x < extent.left - 1 || p.x > extent.right + 1 || p.y < extent.low - 1 || p.y > extent.high + 1,
  );
  return outside.reduce<Vector | undefined>(
    (a, p) => (!a || Math.abs(p.x - wanted) < Math.abs(a.x - wanted) ? p : a),
    undefined,
  );
}

/** A contour's height, once: on its longest line. */
function ContourWord({
  lines,
  height,
  scene,
  scale,
}: {
  lines: readonly (readonly Vector[])[];
  height: number;
  scene: SheetScene;
  scale: number;
}) {
  const reader = useReader();
  const longest = lines.reduce<readonly Vector[]>((a, line) => (line.length > a.length ? line : a), []);
  const at = besideRun(longest, scene);
  if (!at || longest.length < LEAST_POINTS) return null;
  return (
    <text className="d-contour-word figure" x={at.x * scale} y={-at.y * scale - 3}>
      {reader.length(height)}
    </text>
  );
}

/** The lie of the land: tints where mesh has to step, contours with their heights, arrows down the slope. */
export const ReliefLayer = memo(function ReliefLayer({
  relief,
  scene,
  ground,
  scale,
  words,
}: {
  relief: Relief;
  scene: SheetScene;
  ground: GroundScene;
  scale: number;
  words: boolean;
}) {
  const reader = useReader();
  const { run } = scene.layers;
  const written = [
    ...scene.sides.map((s) => ({ x: (s.start.x + s.end.x) / 2, y: (s.start.y + s.end.y) / 2 })),
    ...scene.corners.map((c) => c.at),
    ...run.flatMap((r) => (r.shape === 'polygon' ? [roomiest(r.points)] : [])),
  ];
  const lines = [...ground.service, ...ground.boundary, ...ground.building].flatMap((p) =>
    p.shape === 'line' ? [p.points] : p.shape === 'polygon' ? [[...p.points, ...p.points.slice(0, 1)]] : [],
  );
  const arrows = fallArrows(relief.arrows, scale, written, lines);
  return (
    <g pointerEvents="none" aria-hidden="true">
      {STEEP.map((kind) => (
        <path
          key={kind}
          fill={`url(#${kind})`}
          d={relief.tints
            .filter((t) => t.steepness === kind)
            .map((t) => polygon(t.points, scale))
            .join('')}
        />
      ))}
      {relief.contours.map((c) => (
        <g key={c.height}>
          <path
            className="d-contour"
            {...inked('contour')}
            d={c.lines.map((l) => polyline(l, scale)).join('')}
          />
          {words && <ContourWord lines={c.lines} height={c.height} scene={scene} scale={scale} />}
        </g>
      ))}
      {words &&
        arrows.map(({ at, way, grade }) => (
          <g key={`${at.x} ${at.y}`} transform={`translate(${at.x * scale} ${-at.y * scale})`}>
            <path
              className="d-fall"
              d={`M0 ${-HALF}V${HALF}M-5 ${HALF - 8}L0 ${HALF}L5 ${HALF - 8}`}
              transform={`rotate(${(Math.atan2(-way.y, way.x) * 180) / Math.PI - 90})`}
            />
            <text className="d-fall-word" x={10} y={5}>
              {reader.grade(grade)}
            </text>
          </g>
        ))}
    </g>
  );
});

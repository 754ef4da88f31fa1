import type { Primitive, SectionScene } from '@aviarum/core';
import { type ReactNode, useRef } from 'react';
import { inked } from '../look/inked';
import { useReader } from '../state/reckoningStore';
import { ScaleBar } from './Frame';
import { SheetPatterns, polygon, polyline } from './layers';
import { useSize } from './useSize';
import { type View, fit } from './view';

/** One thing of the section, inked as it is everywhere. */
function Shape({ shape, scale }: { shape: Primitive; scale: number }) {
  const ink = inked(shape.kind as Parameters<typeof inked>[0]);
  if (shape.shape === 'polygon')
    return <path {...ink} data-kind={shape.kind} d={polygon(shape.points, scale)} />;
  if (shape.shape === 'line')
    return (
      <path
        {...ink}
        fill="none"
        data-kind={shape.kind}
        strokeLinecap="round"
        d={polyline(shape.points, scale)}
      />
    );
  return shape.shape === 'circle' ? (
    <circle
      {...ink}
      strokeWidth="0"
      data-kind={shape.kind}
      cx={shape.at.x * scale}
      cy={-shape.at.y * scale}
      r={shape.radius * scale}
    />
  ) : null;
}

interface Lettered {
  readonly at: Point;
  readonly anchor: 'start' | 'middle' | 'end';
  /** From its place, px. */
  readonly off: Point;
}

/** Where what a thing is called stands: over its outline; under a cover near its beginning; beside a curve, its film on the other hand. */
function placeOfLabel(kind: Primitive['kind'], points: readonly Point[]): Lettered {
  const xs = points.map((p) => p.x);
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const nearest = (x: number) => points.reduce((a, b) => (Math.abs(b.x - x) < Math.abs(a.x - x) ? b : a));
  if (kind === 'cut-curve') return { at: nearest(right), anchor: 'start', off: { x: 20, y: -26 } };
  if (kind === 'cut-film') {
    const at = nearest(left + (right - left) * 0.14);
    return { at: { x: at.x, y: lineAt(points, at.x) ?? at.y }, anchor: 'end', off: { x: -10, y: -6 } };
  }
  const under = kind === 'cut-cover';
  const x = left + (right - left) * (under ? 0.06 : 0.12);
  return {
    at: { x, y: lineAt(points, x) ?? nearest(x).y },
    anchor: under ? 'start' : 'middle',
    off: { x: 0, y: under ? 20 : -8 },
  };
}

/** How wide an arch is where the keeper's head is: beside it, with its figure. */
function Wide({ points, scale }: { points: readonly Point[]; scale: number }) {
  const reader = useReader();
  const [a, b] = points;
  if (!a || !b) return null;
  const right = a.x > b.x ? a : b;
  return (
    <text className="d-onground" x={right.x * scale + 34} y={-right.y * scale + 4}>
      <tspan className="figure">{reader.about(Math.abs(b.x - a.x))}</tspan> wide at your height
    </text>
  );
}

/** What a thing is called. */
function Label({ shape, scale }: { shape: Primitive; scale: number }) {
  if ((shape.shape !== 'line' && shape.shape !== 'polygon') || shape.label === undefined) return null;
  const { at, anchor, off } = placeOfLabel(shape.kind, shape.points);
  return (
    <text className="d-onground" x={at.x * scale + off.x} y={-at.y * scale + off.y} textAnchor={anchor}>
      {shape.label}
    </text>
  );
}

/** The highest of an outline at a place along it. */
function lineAt(points: readonly Point[], x: number): number | null {
  let high: number | null = null;
  points.forEach((b, i) => {
    const a = points[i - 1];
    if (!a || a.x === b.x || x < Math.min(a.x, b.x) || x > Math.max(a.x, b.x)) return;
    const y = a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x);
    high = high === null ? y : Math.max(high, y);
  });
  return high;
}

/** A height or width with its figure, on the paper’s own ground. */
function Measure({ from, to, scale }: { from: Point; to: Point; scale: number }) {
  const reader = useReader();
  const [a, b] = [from, to].map((p) => ({ x: p.x * scale, y: -p.y * scale })) as [Point, Point];
  const text = reader.about(Math.hypot(to.x - from.x, to.y - from.y));
  const upright = Math.abs(a.x - b.x) < 1;
  const wide = text.length * 7.6 + 10;
  const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
  return (
    <g className="d-measure">
      <path d={`M${a.x} ${a.y}L${b.x} ${b.y}`} />
      {[a, b].map((p, i) => (
        <path key={i} d={upright ? `M${p.x - 5} ${p.y}h10` : `M${p.x} ${p.y - 5}v10`} />
      ))}
      <rect x={middle.x - wide / 2} y={middle.y - 10} width={wide} height="20" />
      <text x={middle.x} y={middle.y + 4.5} textAnchor="middle" className="figure">
        {text}
      </text>
    </g>
  );
}
type Point = { readonly x: number; readonly y: number };

/** A section to scale. What can be taken hold of on it is drawn over it. */
export function SectionPicture({
  scene,
  name,
  over,
}: {
  scene: SectionScene;
  name: string;
  over?: (view: View) => ReactNode;
}) {
  const { system } = useReader();
  const box = useRef<SVGSVGElement>(null);
  const size = useSize(box);
  const view: View = fit(scene.extent, size, 48);
  const { scale } = view;
  return (
    <svg
      ref={box}
      className="drawing section"
      role={over ? 'group' : 'img'}
      aria-label={`Section through ${name}`}
    >
      <SheetPatterns />
      <g transform={`translate(${view.x} ${view.y})`}>
        {scene.shapes.map((shape, i) => (
          <Shape key={i} shape={shape} scale={scale} />
        ))}
        {scene.shapes.map((shape, i) =>
          shape.kind === 'wide' && shape.shape === 'line' ? (
            <Wide key={i} points={shape.points} scale={scale} />
          ) : null,
        )}
        {scene.shapes.map((shape, i) => (
          <Label key={i} shape={shape} scale={scale} />
        ))}
        {scene.measures.map(({ from, to }, i) => (
          <Measure key={i} from={from} to={to} scale={scale} />
        ))}
        {over?.(view)}
      </g>
      <ScaleBar view={view} height={size.height} system={system} least={34} />
    </svg>
  );
}

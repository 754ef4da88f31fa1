import type { Primitive, SheetScene } from '@aviarum/core';
import { memo } from 'react';

interface LayerProps {
  readonly scene: SheetScene;
  readonly scale: number;
}

const to = (p: { x: number; y: number }, scale: number) =>
  `${(p.x * scale).toFixed(1)},${(-p.y * scale).toFixed(1)}`;
const polygon = (points: readonly { x: number; y: number }[], scale: number) =>
  `M${points.map((p) => to(p, scale)).join('L')}Z`;
const polyline = (points: readonly { x: number; y: number }[], scale: number) =>
  `M${points.map((p) => to(p, scale)).join('L')}`;

const only = <S extends Primitive['shape']>(list: readonly Primitive[], shape: S) =>
  list.filter((p): p is Extract<Primitive, { shape: S }> => p.shape === shape);

/** Lines and ground that nobody drags: trees, services, buildings. */
export const GroundLayer = memo(function GroundLayer({
  scene,
  scale,
  words,
}: LayerProps & { words: 'yes' | 'no' }) {
  const { building, tree, service } = scene.layers;
  return (
    <g>
      {only(tree, 'circle').map((c) => (
        <g key={c.part + c.kind}>
          <circle className={`d-${c.kind}`} cx={c.at.x * scale} cy={-c.at.y * scale} r={c.radius * scale} />
          {c.label !== undefined && words === 'yes' && (
            <text x={c.at.x * scale + c.radius * scale + 8} y={-c.at.y * scale + 4}>
              {c.label}
            </text>
          )}
        </g>
      ))}
      {only(service, 'line').map((s) => {
        const [a, b] = s.points;
        const angle = a && b ? (-Math.atan2(b.y - a.y, b.x - a.x) * 180) / Math.PI : 0;
        return (
          <g key={s.part}>
            <path className="d-service" d={polyline(s.points, scale)} />
            {a && words === 'yes' && (
              <text
                className="d-service-word"
                transform={`translate(${to(a, scale)}) rotate(${angle}) translate(10 16)`}
              >
                {s.label}
              </text>
            )}
          </g>
        );
      })}
      {only(building, 'polygon').map((b) => {
        const x = (b.points.reduce((t, p) => t + p.x, 0) / b.points.length) * scale;
        const y = (b.points.reduce((t, p) => t + p.y, 0) / b.points.length) * scale;
        return (
          <g key={b.part}>
            <path className="d-building" d={polygon(b.points, scale)} />
            <text x={x} y={-y + 4} textAnchor="middle" fontWeight="700">
              {words === 'yes' ? b.label : ''}
            </text>
          </g>
        );
      })}
    </g>
  );
});

/** The run and everything of the fence, each kind as one path. */
export const FenceLayer = memo(function FenceLayer({ scene, scale }: LayerProps) {
  const { run, skirt, side, gate, post } = scene.layers;
  const squares = only(post, 'square');
  const square = (p: Extract<Primitive, { shape: 'square' }>, least: number) => {
    const half = Math.max(least, p.size * scale) / 2;
    const [ax, ay] = [p.along.x * half, -p.along.y * half];
    const [x, y] = [p.at.x * scale, -p.at.y * scale];
    return `M${x - ax - ay},${y - ay + ax}L${x + ax - ay},${y + ay + ax}L${x + ax + ay},${y + ay - ax}L${x - ax + ay},${y - ay - ax}Z`;
  };
  const sides = only(side, 'line');
  return (
    <g>
      <path
        className="d-run"
        d={only(run, 'polygon')
          .map((r) => polygon(r.points, scale))
          .join('')}
      />
      <path
        className="d-apron"
        d={only(skirt, 'polygon')
          .map((s) => polygon(s.points, scale))
          .join('')}
      />
      <path
        className="d-buried"
        d={only(skirt, 'line')
          .map((s) => polyline(s.points, scale))
          .join('')}
      />
      {(['fence', 'wall', 'open'] as const).map((kind) => (
        <path
          key={kind}
          className={`d-${kind}`}
          d={sides
            .filter((s) => s.kind === kind)
            .map((s) => polyline(s.points, scale))
            .join('')}
        />
      ))}
      {only(gate, 'swing').map((g) => (
        <g key={g.part} data-part={g.part}>
          <path className="d-gap" d={polyline([g.hinge, g.latch], scale)} />
          <path
            className="d-swing"
            d={`${polyline([g.hinge, g.tip], scale)}M${to(g.tip, scale)}A${Math.hypot(g.tip.x - g.hinge.x, g.tip.y - g.hinge.y) * scale},${Math.hypot(g.tip.x - g.hinge.x, g.tip.y - g.hinge.y) * scale} 0 0 ${sweep(g)} ${to(g.latch, scale)}`}
          />
        </g>
      ))}
      <path
        className="d-post-line"
        data-layer="posts"
        d={squares
          .filter((p) => p.kind === 'line')
          .map((p) => square(p, 7))
          .join('')}
      />
      <path
        className="d-post"
        data-layer="posts"
        d={squares
          .filter((p) => p.kind !== 'line')
          .map((p) => square(p, 10))
          .join('')}
      />
    </g>
  );
});

/** Which way round the leaf swings from open to shut, on a screen whose y goes down. */
function sweep({ hinge, tip, latch }: Extract<Primitive, { shape: 'swing' }>): 0 | 1 {
  const cross = (tip.x - hinge.x) * (latch.y - hinge.y) - (tip.y - hinge.y) * (latch.x - hinge.x);
  return cross > 0 ? 0 : 1;
}

/** Patterns that carry meaning: boards for buildings, hatching for the apron. */
export function SheetPatterns() {
  return (
    <defs>
      <pattern id="boards" width="8" height="8" patternUnits="userSpaceOnUse">
        <rect width="8" height="8" fill="var(--ground)" />
        <path d="M0 7.5H8" stroke="var(--rule)" strokeWidth="1.4" />
      </pattern>
      <pattern id="apron" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V7" stroke="var(--bark)" strokeWidth="1" opacity="0.65" />
      </pattern>
    </defs>
  );
}

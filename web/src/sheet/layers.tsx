import {
  FOOT_KINDS,
  type GroundScene,
  type InkKind,
  MARK_KINDS,
  OVER_KINDS,
  type Primitive,
  type SceneKind,
  type SheetScene,
} from '@aviarum/core';
import { inked } from '../look/inked';
import { memo } from 'react';

interface Point {
  readonly x: number;
  readonly y: number;
}

/** To a tenth of a pixel; printing with a fixed count of decimals costs a drag its frame. */
const px = (n: number) => Math.round(n * 10) / 10;
const to = (p: Point, scale: number) => `${px(p.x * scale)},${px(-p.y * scale)}`;
export const polyline = (points: readonly Point[], scale: number) =>
  `M${points.map((p) => to(p, scale)).join('L')}`;
export const polygon = (points: readonly Point[], scale: number) => `${polyline(points, scale)}Z`;

const only = <K extends SceneKind, S extends Primitive['shape']>(list: readonly Primitive<K>[], shape: S) =>
  list.filter((p): p is Extract<Primitive<K>, { shape: S }> => p.shape === shape);

/** Words along a line, from its end that is further left, so that they never stand on their head. */
function LineWords({
  points,
  scale,
  words,
  kind,
}: {
  points: readonly Point[];
  scale: number;
  words: string;
  kind: string;
}) {
  const [first, second] = points;
  const [last, before] = [points[points.length - 1], points[points.length - 2]];
  if (!first || !second || !last || !before) return null;
  const [from, next] = last.x < first.x ? [last, before] : [first, second];
  const angle = (-Math.atan2(next.y - from.y, next.x - from.x) * 180) / Math.PI;
  return (
    <text
      className={`d-${kind}-word`}
      transform={`translate(${to(from, scale)}) rotate(${angle}) translate(14 16)`}
    >
      {words}
    </text>
  );
}

/** What was there before the fence: trees, services, boundaries, buildings. */
export const GroundLayer = memo(function GroundLayer({
  scene,
  scale,
  words,
  named,
}: {
  scene: GroundScene;
  scale: number;
  words: boolean;
  /** Where a handle stands in the middle of a thing, its name goes under it. */
  named: 'middle' | 'under';
}) {
  const under = named === 'under' ? 21 : 0;
  const { building, tree, obstacle, service, boundary } = scene;
  return (
    <g>
      {only(boundary, 'line').map((b) => (
        <g key={b.part}>
          <path {...inked(b.kind)} d={polyline(b.points, scale)} />
          {words && <LineWords points={b.points} scale={scale} words={b.label ?? ''} kind="boundary" />}
        </g>
      ))}
      {only(tree, 'circle').map((c) => (
        <g key={c.part + c.kind}>
          <circle {...inked(c.kind)} cx={c.at.x * scale} cy={-c.at.y * scale} r={c.radius * scale} />
          {c.label !== undefined && words && (
            <text
              className="d-onground"
              x={c.at.x * scale + c.radius * scale + 8}
              y={-c.at.y * scale + 4 + under}
            >
              {c.label}
            </text>
          )}
        </g>
      ))}
      {only(obstacle, 'circle').map((o) => (
        <g key={o.part}>
          <circle
            {...inked('obstacle')}
            cx={o.at.x * scale}
            cy={-o.at.y * scale}
            r={Math.max(4, o.radius * scale)}
          />
          {words && (
            <text className="d-onground" x={o.at.x * scale + 9} y={-o.at.y * scale + 4 + under}>
              {o.label ?? ''}
            </text>
          )}
        </g>
      ))}
      {only(service, 'line').map((s) => (
        <g key={s.part}>
          <path {...inked('service')} d={polyline(s.points, scale)} />
          {words && <LineWords points={s.points} scale={scale} words={s.label ?? ''} kind="service" />}
        </g>
      ))}
      {only(building, 'polygon').map((b) => {
        const x = (b.points.reduce((t, p) => t + p.x, 0) / b.points.length) * scale;
        // The run under a roof is named in its middle: the roof along its edge.
        const y =
          b.kind === 'roof'
            ? Math.max(...b.points.map((p) => p.y)) * scale - 18
            : (b.points.reduce((t, p) => t + p.y, 0) / b.points.length) * scale;
        const xs = b.points.map((p) => p.x * scale);
        const wide = Math.max(...xs) - Math.min(...xs);
        const name = b.label ?? '';
        // A name wider than its house is cut rather than laid over the fence.
        const fits = Math.max(3, Math.floor((wide + 24) / 7.6));
        return (
          <g key={b.part}>
            <path {...inked(b.kind)} d={polygon(b.points, scale)} />
            <text className="d-onbuilding" x={x} y={-y + 4 + under} textAnchor="middle" fontWeight="700">
              {words ? (name.length > fits ? `${name.slice(0, fits - 1)}…` : name) : ''}
            </text>
          </g>
        );
      })}
    </g>
  );
});

/** A prop is no smaller than this on the screen, px. */
const LEAST_DISC = 5;

function disc(at: Point, r: number, scale: number): string {
  const [x, y] = [px(at.x * scale), px(-at.y * scale)];
  return `M${px(x - r)},${y}a${r},${r} 0 1 0 ${2 * r},0a${r},${r} 0 1 0 ${-2 * r},0Z`;
}

/** What stages draw, each kind as one path. */
function Inked({
  list,
  kinds,
  scale,
}: {
  list: readonly Primitive[];
  kinds: readonly InkKind[];
  scale: number;
}) {
  const drawn = (p: Primitive) => {
    if (p.shape === 'polygon') return polygon(p.points, scale);
    if (p.shape === 'line') return polyline(p.points, scale);
    return p.shape === 'circle' ? disc(p.at, Math.max(LEAST_DISC, p.radius * scale), scale) : '';
  };
  return kinds.map((kind) => (
    <path
      key={kind}
      className={`d-${kind}`}
      {...inked(kind)}
      d={list
        .filter((p) => p.kind === kind)
        .map(drawn)
        .join('')}
    />
  ));
}

/** Covers themselves, without their seams and what holds them up. */
const OUTLINES = OVER_KINDS.filter((kind) => kind.startsWith('cover-') && kind !== 'cover-seam');

type Square = Extract<Primitive, { shape: 'square' }>;

const POST_INKS = [
  ['line', 7, (kind: string) => kind === 'line'],
  ['post-standing', 10, (kind: string) => kind === 'post-standing'],
  ['post', 10, (kind: string) => kind !== 'line' && kind !== 'post-standing'],
] as const;

/** Posts, those alike in one path: line posts, those that stand already, and all others. */
function Posts({
  squares,
  square,
}: {
  squares: readonly Square[];
  square: (post: Square, least: number) => string;
}) {
  return POST_INKS.map(([ink, least, is]) => (
    <path
      key={ink}
      {...inked(ink)}
      data-layer="posts"
      d={squares
        .filter((p) => is(p.kind))
        .map((p) => square(p, least))
        .join('')}
    />
  ));
}

/** The run and everything of the fence, each kind as one path. */
export const FenceLayer = memo(function FenceLayer({
  scene,
  scale,
  over: shown,
}: {
  scene: SheetScene;
  scale: number;
  /** What lies over the run: with all that holds it up, its outline alone, or hidden. */
  over: 'all' | 'outline' | 'hidden';
}) {
  const { run, foot, side, gate, over, post, marks } = scene.layers;
  const overhead = shown === 'hidden' ? [] : shown === 'all' ? OVER_KINDS : OUTLINES;
  const squares = only(post, 'square');
  const square = (p: Square, least: number) => {
    const half = Math.max(least, p.size * scale) / 2;
    const [ax, ay] = [p.along.x * half, -p.along.y * half];
    const [x, y] = [p.at.x * scale, -p.at.y * scale];
    const at = (left: number, top: number) => `${px(left)},${px(top)}`;
    return `M${at(x - ax - ay, y - ay + ax)}L${at(x + ax - ay, y + ay + ax)}L${at(x + ax + ay, y + ay - ax)}L${at(x - ax + ay, y - ay - ax)}Z`;
  };
  const sides = only(side, 'line');
  return (
    <g>
      <path
        className="d-run"
        {...inked('run')}
        d={only(run, 'polygon')
          .map((r) => polygon(r.points, scale))
          .join('')}
      />
      <Inked list={foot} kinds={FOOT_KINDS} scale={scale} />
      {(['fence', 'standing', 'wall', 'open', 'arch-foot', 'arch-end'] as const).map((kind) => (
        <path
          key={kind}
          className={`d-${kind}`}
          {...inked(kind)}
          d={sides
            .filter((s) => s.kind === kind)
            .map((s) => polyline(s.points, scale))
            .join('')}
        />
      ))}
      <g data-layer="over">
        <Inked list={over} kinds={overhead} scale={scale} />
      </g>
      {only(gate, 'swing').map((g) => (
        <g key={g.part} data-part={g.part}>
          <path className="d-gap" d={polyline([g.hinge, g.latch], scale)} />
          <path
            className="d-swing"
            {...inked(g.kind)}
            d={`${polyline([g.hinge, g.tip], scale)}M${to(g.tip, scale)}A${Math.hypot(g.tip.x - g.hinge.x, g.tip.y - g.hinge.y) * scale},${Math.hypot(g.tip.x - g.hinge.x, g.tip.y - g.hinge.y) * scale} 0 0 ${sweep(g)} ${to(g.latch, scale)}`}
          />
        </g>
      ))}
      {only(gate, 'line').map((g) => (
        <g key={g.part} data-part={g.part}>
          <path {...inked(g.kind)} data-way={g.kind} d={polyline(g.points, scale)} />
        </g>
      ))}
      <Posts squares={squares} square={square} />
      <Inked list={marks} kinds={MARK_KINDS} scale={scale} />
    </g>
  );
});

/** Which way round the leaf swings from open to shut, on a screen whose y goes down. */
function sweep({ hinge, tip, latch }: Extract<Primitive, { shape: 'swing' }>): 0 | 1 {
  const cross = (tip.x - hinge.x) * (latch.y - hinge.y) - (tip.y - hinge.y) * (latch.x - hinge.x);
  return cross > 0 ? 0 : 1;
}

/** Patterns that carry meaning: boards for buildings, hatching for the apron, closer hatching for steeper ground. */
export function SheetPatterns() {
  const slope = (id: string, pitch: number) => (
    <pattern
      id={id}
      width={pitch}
      height={pitch}
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(-28)"
    >
      <path d={`M0 ${pitch / 2}H${pitch}`} stroke="var(--bark)" strokeWidth="0.9" opacity="0.32" />
    </pattern>
  );
  return (
    <defs>
      <pattern id="boards" width="8" height="8" patternUnits="userSpaceOnUse">
        <rect width="8" height="8" fill="var(--ground)" />
        <path d="M0 7.5H8" stroke="var(--rule)" strokeWidth="1.4" />
      </pattern>
      <pattern id="cobbles" width="11" height="8" patternUnits="userSpaceOnUse">
        <ellipse cx="4" cy="4" rx="3.4" ry="2.8" fill="none" stroke="var(--ink)" strokeWidth="0.8" />
        <ellipse cx="9" cy="2.5" rx="2" ry="1.7" fill="none" stroke="var(--ink)" strokeWidth="0.8" />
      </pattern>
      <pattern id="soil" width="9" height="9" patternUnits="userSpaceOnUse">
        <rect width="9" height="9" fill="var(--ground)" />
        <circle cx="2" cy="2" r="0.8" fill="var(--bark)" opacity="0.55" />
        <circle cx="6.5" cy="6.5" r="0.8" fill="var(--bark)" opacity="0.55" />
      </pattern>
      <pattern id="apron" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V7" stroke="var(--bark)" strokeWidth="1" opacity="0.65" />
      </pattern>
      {slope('steps-welded', 16)}
      {slope('steps-hexagonal', 9)}
      {slope('too-steep', 5)}
    </defs>
  );
}

import { type StripScale } from './scale';
import { type StripScene, groundUnder, formatPart } from '@aviarum/core';
import { memo } from 'react';
import { inked } from '../look/inked';
import { drawnAs } from '../sheet/stopId';
import { useMarket } from '../state/market';
import { useReader } from '../state/reckoningStore';
import { hoverPart, useHover, useSelection } from '../state/selection';
import { MeshPattern } from './meshPattern';
import { StripLetters } from './StripLetters';

const TOP = 24;
const FOOT = 27;
/** What the drawing takes above and below the fence itself, px. */
export const AROUND = TOP + FOOT;
/** A grade is said where a bay has room for it, px. */
const GRADE_ROOM = 56;
/** Ground that falls less than this is level to the eye. */
const FLAT = 0.005;

interface DrawingProps {
  readonly scene: StripScene;
  /** Pixels a metre along and upwards. */
  readonly px: number;
  readonly up: number;
  /** Left and right of the fence, px. */
  readonly margin: number;
  readonly lettered: boolean;
}

export const StripDrawing = memo(function StripDrawing({ scene, px, up, margin, lettered }: DrawingProps) {
  const market = useMarket();
  const x = (metres: number) => margin + metres * px;
  const y = (height: number) => TOP + (scene.high - height) * up;
  const wide = scene.length * px + 2 * margin;
  const high = y(scene.low) + FOOT;
  const path = (points: readonly { readonly x: number; readonly y: number }[]) =>
    points.map((p) => `${x(p.x).toFixed(1)} ${y(p.y).toFixed(1)}`).join('L');
  const first = scene.ground[0];
  const last = scene.ground[scene.ground.length - 1];
  const ground = `M0 ${y(first?.y ?? 0)}L${path(scene.ground)}L${wide} ${y(last?.y ?? 0)}`;
  const meshes = [...new Set(scene.panels.map((p) => p.mesh))];
  return (
    <svg
      className="stripsvg"
      width={wide}
      height={high}
      role="group"
      aria-label={`${scene.sides.length} sides, ${scene.posts.length} posts drawn`}
    >
      <defs>
        {market &&
          meshes.map((id) => (
            <MeshPattern key={id} id={`strip-${id}`} mesh={market.mesh(id)} pxPerMetre={px} />
          ))}
        <pattern id="earth" width="9" height="7" patternUnits="userSpaceOnUse">
          <circle cx="2" cy="2" r="0.8" fill="var(--edge)" opacity="0.5" />
          <circle cx="6.5" cy="5.2" r="0.8" fill="var(--edge)" opacity="0.5" />
        </pattern>
      </defs>
      <path className="s-earth" d={`${ground}V${high}H0Z`} />
      {scene.panels.map((p) => (
        <g key={`${p.part} ${p.from}`} className="s-panel" data-origin={p.origin}>
          <path d={`M${path(p.points)}Z`} fill={`url(#strip-${p.mesh})`} />
          <path className="s-mesh-line" d={`M${path(p.points.slice(0, p.points.length / 2))}`} />
        </g>
      ))}
      {scene.boards.map((b) => (
        <path key={b.part} className="s-board" d={`M${path(b.points)}Z`} />
      ))}
      <Buildings scene={scene} x={x} y={y} px={px} />
      {scene.lines.map((l) =>
        l.lower.map((by) => (
          <path
            key={`${l.part} ${l.points[0]?.x ?? 0} ${by}`}
            {...inked(l.kind)}
            d={`M${path(l.points.map((p) => ({ x: p.x, y: p.y - by / up })))}`}
          />
        )),
      )}
      <path className="s-ground" d={ground} />
      <Gates scene={scene} x={x} y={y} />
      <Posts scene={scene} x={x} y={y} up={up} />
      <GateWords scene={scene} x={x} y={y} up={up} lettered={lettered} />
      <Marks scene={scene} x={x} y={y} px={px} high={high} />
      <StripLetters scene={scene} x={x} y={y} up={up} lettered={lettered} />
    </svg>
  );
});

function Buildings({ scene, x, y, px }: StripScale & { scene: StripScene; px: number }) {
  return scene.sides.map((s) => {
    if (s.kind !== 'building' && s.kind !== 'wall') return null;
    const foot = groundUnder(scene.ground, s.begins + s.length / 2);
    const ground = Math.min(
      groundUnder(scene.ground, s.begins + 1e-7),
      groundUnder(scene.ground, s.begins + s.length - 1e-7),
    );
    return (
      <g key={s.id}>
        <rect
          className={`s-${s.kind}`}
          x={x(s.begins)}
          y={y(scene.high)}
          width={s.length * px}
          height={y(ground) - y(scene.high)}
        />
        <text
          x={x(s.begins + s.length / 2)}
          y={(y(scene.high) + y(foot)) / 2 + 4}
          textAnchor="middle"
          fontWeight="700"
        >
          {s.length * px > 40 ? (s.kind === 'wall' ? 'wall' : s.label) : ''}
        </text>
      </g>
    );
  });
}

interface GateProps extends StripScale {
  readonly scene: StripScene;
}

function Gates({ scene, x, y }: GateProps) {
  return scene.gates.map((g) => {
    const [a, b] = g.feet;
    const top = Math.max(a, b) + g.top;
    const wide = g.hangs === 'posts';
    const faceOf = (stroke: (typeof g.face)[number]) =>
      stroke
        .map(([across, up]) => `${x(g.from + across * (g.to - g.from))} ${y(a + up * (top - a))}`)
        .join('L');
    return (
      <g key={g.part} data-part={g.part}>
        <path
          className="s-gate"
          data-way={g.way}
          style={wide ? {} : { fill: inked(g.way).stroke, fillOpacity: 1 }}
          d={`M${x(g.from)} ${y(a + g.bottom)}V${y(top)}H${x(g.to)}V${y(b + g.bottom)}Z`}
        />
        {g.face.length > 0 && (
          <path {...inked('gate')} d={g.face.map((stroke) => `M${faceOf(stroke)}`).join('')} />
        )}
      </g>
    );
  });
}

/** What gates and doors are called, over the posts beside them. Among letters the names of small doors would crowd: their shapes say enough. */
function GateWords({ scene, x, y, up, lettered }: GateProps & { up: number; lettered: boolean }) {
  const reader = useReader();
  return scene.gates.map((g) => {
    const posted = g.hangs === 'posts';
    if (!posted && (lettered || g.top * up <= 8)) return null;
    return (
      <text
        key={g.part}
        className="s-gate-word"
        x={x((g.from + g.to) / 2)}
        y={y(Math.max(...g.feet) + g.top) - 6}
        textAnchor="middle"
      >
        {posted ? `${g.name} ${reader.length(g.to - g.from)}` : g.name}
      </text>
    );
  });
}

function Posts({ scene, x, y, up }: StripScale & { scene: StripScene; up: number }) {
  const reader = useReader();
  const { part: lit } = useHover();
  const { at } = useSelection();
  return scene.posts.map((p) => {
    const wide = p.role === 'line' ? 5 : 7;
    const bright = lit === p.part || (at !== null && drawnAs(at) === p.part);
    return (
      <rect
        key={`${p.part} ${p.x}`}
        className="s-post"
        data-steel={p.size < 0.06 ? 'yes' : 'no'}
        data-origin={p.origin}
        data-lit={bright ? 'yes' : 'no'}
        data-part={p.part}
        x={x(p.x) - wide / 2}
        y={y(p.foot + p.above) - 3}
        width={wide}
        height={(p.above + p.depth) * up + 3}
        onPointerEnter={() => hoverPart(p.part)}
        onPointerLeave={() => hoverPart(null)}
      >
        <title>{`${p.role} post ${p.number}${p.origin === 'standing' ? ', here already' : ''}, ${reader.length(p.above)} above ground, ${reader.length(p.depth)} in it`}</title>
      </rect>
    );
  });
}

/** Corner numbers, the side that is lit, and the grade of each bay where there is room. */
function Marks({ scene, x, y, px, high }: StripScale & { scene: StripScene; px: number; high: number }) {
  const reader = useReader();
  const { part: lit } = useHover();
  const { at } = useSelection();
  const sloping = scene.bays.some((b) => Math.abs(b.grade) >= FLAT);
  return (
    <g>
      {scene.sides.map((s) => (
        <g key={s.id}>
          {[lit, at].includes(formatPart({ on: 'side', side: s.id })) && (
            <rect className="s-lit" x={x(s.begins)} y={high - FOOT} width={s.length * px} height={FOOT} />
          )}
          <path
            className="s-corner"
            d={`M${x(s.begins)} ${y(groundUnder(scene.ground, s.begins + 1e-7))}V${high}`}
          />
          {s.length * px > 18 && (
            <text x={x(s.begins) + 5} y={high - 10}>
              {s.number === 1 && s.length * px > 64 && !sloping ? `corner ${s.corner}` : s.corner}
            </text>
          )}
        </g>
      ))}
      {scene.bays.map((b) =>
        Math.abs(b.grade) >= FLAT && (b.to - b.from) * px > GRADE_ROOM ? (
          <text
            key={b.from}
            className="s-grade"
            x={x((b.from + b.to) / 2) + 7}
            y={high - 10}
            textAnchor="middle"
            aria-label={`${b.grade > 0 ? 'rises' : 'falls'} ${reader.grade(Math.abs(b.grade))}`}
          >
            {b.grade > 0 ? '↗' : '↘'} {reader.grade(Math.abs(b.grade))}
          </text>
        ) : null,
      )}
    </g>
  );
}

import { type StageId, type StripScene, stripScene } from '@aviarum/core';
import { memo, useMemo, useRef, useState } from 'react';
import { useSize } from '../sheet/useSize';
import { usePlan } from '../state/planStore';
import { useMarket, useReader, useReckoning } from '../state/reckoningStore';
import { hoverLetter, useSelection } from '../state/selection';
import { MeshPattern } from './meshPattern';

const LEAST_PX = 24;
const TOP = 24;
const FOOT = 22;
const SIDE = 22;

/** The whole fence unrolled, left to right from the first corner, posts with their depth below ground. */
export function FenceStrip({ stage }: { stage: StageId }) {
  const plan = usePlan((s) => s.plan);
  const draft = usePlan((s) => s.draft);
  const reckoning = useReckoning((s) => s.reckoning);
  const frame = useRef<HTMLDivElement>(null);
  const { width } = useSize(frame);
  const [seen, setSeen] = useState({ from: 0, to: 1 });
  const scene = useMemo(
    () => (plan && reckoning ? stripScene(plan, reckoning.parts, reckoning.cutting) : null),
    [plan, reckoning],
  );
  const px = scene ? Math.max(LEAST_PX, (width - 2 * SIDE) / Math.max(1, scene.length)) : LEAST_PX;
  const scrolls = scene !== null && scene.length * px + 2 * SIDE > width + 2;
  return (
    <section className="stripplace" aria-label="The fence, unrolled">
      <header>
        <b>The fence, unrolled</b>
        <span className="soft small">
          {draft
            ? 'as it last stood; the draft above cannot be built yet'
            : 'from corner 1, true heights. Letters are pieces on the cut list.'}
        </span>
      </header>
      <div
        className="stripscroll"
        ref={frame}
        tabIndex={scrolls ? 0 : -1}
        role="group"
        aria-label="Fence strip"
        onScroll={(event) => {
          const el = event.currentTarget;
          setSeen({
            from: el.scrollLeft / el.scrollWidth,
            to: (el.scrollLeft + el.clientWidth) / el.scrollWidth,
          });
        }}
      >
        {scene && (
          <StripDrawing
            scene={scene}
            px={px}
            compact={stage === 'docket' ? 'yes' : 'no'}
            lettered={stage === 'walls' || stage === 'skirt' || stage === 'docket' ? 'yes' : 'no'}
          />
        )}
      </div>
      {scrolls && (
        <div className="overview" aria-hidden="true">
          <i
            style={{
              left: `${seen.from * 100}%`,
              right: `${(1 - Math.min(1, seen.to === 1 && seen.from === 0 ? width / (scene.length * px + 2 * SIDE) : seen.to)) * 100}%`,
            }}
          />
        </div>
      )}
    </section>
  );
}

interface DrawingProps {
  readonly scene: StripScene;
  readonly px: number;
  readonly lettered: 'yes' | 'no';
  /** Lower, where the docket needs the room. */
  readonly compact: 'yes' | 'no';
}

/** Tall enough to read, never taller than its share of the screen, px a metre upwards. */
const upwards = (scene: StripScene, share: number) =>
  Math.min(64, share / (scene.top + Math.min(0.8, scene.depth)));

const StripDrawing = memo(function StripDrawing({ scene, px, lettered, compact }: DrawingProps) {
  const market = useMarket();
  const reader = useReader();
  const { lit, togglePiece } = useSelection();
  const up = upwards(scene, compact === 'yes' ? 74 : 120);
  const ground = TOP + scene.top * up;
  const high = ground + scene.depth * up + FOOT;
  const x = (metres: number) => SIDE + metres * px;
  const y = (height: number) => ground - height * up;
  const meshes = [...new Set(scene.panels.map((p) => p.mesh))];
  const room: { readonly row: string; readonly x: number }[] = [];
  return (
    <svg
      className="stripsvg"
      width={scene.length * px + 2 * SIDE}
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
      <rect
        className="s-earth"
        x={0}
        y={ground}
        width={scene.length * px + 2 * SIDE}
        height={high - ground}
      />
      {scene.panels.map((p) => (
        <g key={`${p.part} ${p.from}`}>
          <rect
            x={x(p.from)}
            y={y(p.top)}
            width={(p.to - p.from) * px}
            height={(p.top - p.bottom) * up}
            fill={`url(#strip-${p.mesh})`}
          />
          <path className="s-mesh-line" d={`M${x(p.from)} ${y(p.top)}H${x(p.to)}`} />
        </g>
      ))}
      {scene.sides.map((s) =>
        s.kind === 'building' || s.kind === 'wall' ? (
          <g key={s.id}>
            <rect
              className={`s-${s.kind}`}
              x={x(s.begins)}
              y={y(scene.top)}
              width={s.length * px}
              height={scene.top * up}
            />
            <text
              x={x(s.begins + s.length / 2)}
              y={y(scene.top / 2) + 4}
              textAnchor="middle"
              fontWeight="700"
            >
              {s.length * px > 40 ? (s.kind === 'wall' ? 'wall' : s.label) : ''}
            </text>
          </g>
        ) : null,
      )}
      {scene.skirts.map((s) => (
        <path
          key={`${s.part} ${s.from}`}
          className="s-skirt"
          d={s.flat ? `M${x(s.from)} ${ground + 5}H${x(s.to)}` : `M${x(s.from)} ${y(s.bottom)}H${x(s.to)}`}
        />
      ))}
      <path className="s-ground" d={`M0 ${ground}H${scene.length * px + 2 * SIDE}`} />
      {scene.gates.map((g) => (
        <g key={g.part}>
          <rect
            className="s-gate"
            x={x(g.from)}
            y={y(g.top)}
            width={(g.to - g.from) * px}
            height={g.top * up}
          />
          <path className="d-swing" d={`M${x(g.from)} ${ground}L${x(g.to)} ${y(g.top)}`} />
          <text x={x((g.from + g.to) / 2)} y={y(g.top) - 6} textAnchor="middle">
            gate {reader.length(g.to - g.from)}
          </text>
        </g>
      ))}
      {scene.posts.map((p) => {
        const wide = p.role === 'line' ? 5 : 7;
        return (
          <rect
            key={`${p.part} ${p.x}`}
            className="s-post"
            data-steel={p.size < 0.06 ? 'yes' : 'no'}
            data-part={p.part}
            x={x(p.x) - wide / 2}
            y={y(p.above) - 3}
            width={wide}
            height={(p.above + p.depth) * up + 3}
          >
            <title>{`${p.role} post ${p.number}, ${reader.length(p.above)} above ground, ${reader.length(p.depth)} in it`}</title>
          </rect>
        );
      })}
      {scene.sides.map((s) => (
        <g key={s.id}>
          <path className="s-corner" d={`M${x(s.begins)} ${ground}V${high}`} />
          {s.length * px > 18 && (
            <text x={x(s.begins) + 5} y={high - 6}>
              {s.number === 1 && s.length * px > 64 ? 'corner 1' : s.number}
            </text>
          )}
        </g>
      ))}
      {scene.pieces.map((p) => (
        <g key={`${p.letter} ${p.from}`}>
          {p.letter === lit && (
            <rect
              className="s-lit"
              data-lit={p.letter}
              x={x(p.from)}
              y={p.use === 'skirt' ? ground : y(scene.top)}
              width={(p.to - p.from) * px}
              height={p.use === 'skirt' ? scene.depth * up : scene.top * up}
            />
          )}
          {p.joint !== null && p.use === 'band' && (
            <g>
              <path className="s-joint" d={`M${x(p.joint)} ${y(scene.top)}V${ground}`} />
              <text x={x(p.joint)} y={y(scene.top) - 6} textAnchor="middle">
                joint
              </text>
            </g>
          )}
        </g>
      ))}
      {lettered === 'yes' &&
        scene.pieces.map((p) => {
          const row = p.use === 'skirt' ? 'skirt' : p.height.toFixed(2);
          // Beside the middle post, not on it; further along where another letter is there already.
          const at = [0.5, 0.35, 0.65, 0.2, 0.8]
            .map((part) => x(p.from + (p.to - p.from) * part) + (p.use === 'leaf' ? 0 : 12))
            .find((place) => !room.some((r) => r.row === row && Math.abs(r.x - place) < 23));
          if (at === undefined) return null;
          room.push({ row, x: at });
          const level = p.use === 'skirt' ? ground + 15 : y(p.height);
          return (
            <g
              key={`${p.letter} ${p.from} disc`}
              className="letterbtn"
              role="button"
              tabIndex={0}
              aria-label={`Piece ${p.letter}, ${p.use === 'leaf' ? 'gate leaf' : p.use === 'skirt' ? 'skirt' : 'wall'}`}
              aria-pressed={p.letter === lit}
              transform={`translate(${at} ${level})`}
              onPointerEnter={() => hoverLetter(p.letter)}
              onPointerLeave={() => hoverLetter(null)}
              onFocus={() => hoverLetter(p.letter)}
              onBlur={() => hoverLetter(null)}
              onClick={() => togglePiece(p.letter)}
              onKeyDown={(event) => (event.key === 'Enter' || event.key === ' ') && togglePiece(p.letter)}
            >
              <circle className="d-letter" r="10" />
              <text className="d-letter-word" textAnchor="middle" y="4.5">
                {p.letter}
              </text>
            </g>
          );
        })}
    </svg>
  );
});

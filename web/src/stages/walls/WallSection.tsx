import { type Choices, MESH_TYPES, type Market, type MeshProduct, meshName, wireName } from '@aviarum/core';
import { useReader } from '../../state/reckoningStore';
import { MeshPattern } from '../../strip/meshPattern';

const HIGH = 118;
/** A longer name stands on two lines, its opening on the second in the place of its wire, which the list says. */
const ROOM = 22;

/** Least between two heights, and between two names with their wires, px. */
const FIGURE_ROOM = 14;
const NAME_ROOM = 34;

/** Which of these heights have room to be written, the top one always. */
function written(ys: readonly number[], room: number): ReadonlySet<number> {
  const kept: number[] = [];
  for (let i = ys.length - 1; i >= 0; i--) {
    const y = ys[i] ?? 0;
    if (kept.every((other) => Math.abs(other - y) >= room)) kept.push(y);
  }
  return new Set(kept);
}

interface BandProps {
  readonly band: Choices['bands'][number];
  readonly mesh: MeshProduct;
  /** Of the drawing, px. */
  readonly top: number;
  readonly high: number;
  /** What there is room to write. */
  readonly says: { readonly height: boolean; readonly name: boolean };
}

/** One band with its pattern, its height and its mesh. */
function BandDrawn({ band: b, mesh, top, high, says }: BandProps) {
  const reader = useReader();
  const name = meshName(mesh, reader);
  const middle = top + high / 2;
  return (
    <g>
      <rect x="66" y={top} width="96" height={high} fill={`url(#section-${b.id})`} stroke="var(--ink)" />
      <path d={`M56 ${top}H66`} stroke="var(--ink)" />
      {says.height && (
        <text className="figure" x="52" y={top + 5} textAnchor="end" style={{ fontSize: 13 }}>
          {reader.length(b.top).replace(' m', '')}
        </text>
      )}
      {says.name && (
        <>
          <text x="176" y={middle} fontWeight="700">
            {name.length > ROOM ? MESH_TYPES[mesh.type].name : name}
          </text>
          <text x="176" y={middle + 16} style={{ fill: 'var(--soft)' }}>
            {name.length > ROOM ? name.slice(MESH_TYPES[mesh.type].name.length + 1) : wireName(mesh, reader)}
          </text>
        </>
      )}
    </g>
  );
}

/** The wall from the side: bands from the ground up, with their heights and wires, boards and overhang. */
export function WallSection({ choices, market }: { choices: Choices; market: Market }) {
  const { bands, boards, overhang } = choices;
  const top = Math.max(0.5, ...bands.map((b) => b.top + (overhang > 0 ? overhang / 2 : 0)));
  const up = HIGH / top;
  const wall = bands[bands.length - 1]?.top ?? 0;
  const boardsAt = (['ground', 'top'] as const).flatMap((at) => {
    const id = boards[at];
    return id === null ? [] : [{ id, at }];
  });
  const y = (height: number) => 10 + HIGH - height * up;
  const middleOf = (i: number) =>
    y(((bands[i]?.bottom ?? bands[i - 1]?.top ?? 0) + (bands[i]?.top ?? 0)) / 2);
  const figures = written(
    bands.map((b) => y(b.top)),
    FIGURE_ROOM,
  );
  const names = written(
    bands.map((_, i) => middleOf(i)),
    NAME_ROOM,
  );
  return (
    <svg className="stripsvg" width="338" height={HIGH + 34} role="img" aria-label="Wall from the side">
      <defs>
        {bands.map((b) => (
          <MeshPattern key={b.id} id={`section-${b.id}`} mesh={market.mesh(b.mesh)} pxPerMetre={70} />
        ))}
      </defs>
      <rect x="0" y={y(0)} width="338" height="24" fill="var(--ground)" />
      {bands.map((b, i) => (
        <BandDrawn
          key={b.id}
          band={b}
          mesh={market.mesh(b.mesh)}
          top={y(b.top)}
          high={(b.top - (b.bottom ?? bands[i - 1]?.top ?? 0)) * up}
          says={{ height: figures.has(y(b.top)), name: names.has(middleOf(i)) }}
        />
      ))}
      {[60, 162].map((x) => (
        <rect key={x} x={x} y={y(wall) - 6} width="7" height={wall * up + 34} fill="var(--bark)" />
      ))}
      {boardsAt.map(({ id, at }) => {
        const high = market.timber(id).width * up;
        return (
          <rect
            key={at}
            x="60"
            y={at === 'ground' ? y(0) - high : y(wall)}
            width="109"
            height={high}
            fill="var(--bark)"
            stroke="var(--paper)"
          />
        );
      })}
      {overhang > 0 && (
        <path
          // Short of the height that is written beside it.
          d={`M60 ${y(wall)}L50 ${y(wall) - 12}`}
          stroke="var(--ink)"
          strokeWidth="2.5"
          strokeDasharray="4 2"
        />
      )}
      <path d={`M0 ${y(0)}H338`} stroke="var(--ink)" strokeWidth="2" />
    </svg>
  );
}

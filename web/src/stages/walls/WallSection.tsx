import { type Choices, MESH_TYPES, type Market, meshName, wireName } from '@aviarum/core';
import { useReader } from '../../state/reckoningStore';
import { MeshPattern } from '../../strip/meshPattern';

const HIGH = 118;
/** A longer name stands on two lines, its opening on the second in the place of its wire, which the list says. */
const ROOM = 22;

/** The wall from the side: bands from the ground up, with their heights and wires, boards and overhang. */
export function WallSection({ choices, market }: { choices: Choices; market: Market }) {
  const { bands, boards, overhang } = choices;
  const reader = useReader();
  const top = Math.max(0.5, ...bands.map((b) => b.top + (overhang > 0 ? overhang / 2 : 0)));
  const up = HIGH / top;
  const wall = bands[bands.length - 1]?.top ?? 0;
  const boardsAt = (['ground', 'top'] as const).flatMap((at) => {
    const id = boards[at];
    return id === null ? [] : [{ id, at }];
  });
  const y = (height: number) => 10 + HIGH - height * up;
  return (
    <svg className="stripsvg" width="338" height={HIGH + 34} role="img" aria-label="Wall from the side">
      <defs>
        {bands.map((b) => (
          <MeshPattern key={b.id} id={`section-${b.id}`} mesh={market.mesh(b.mesh)} pxPerMetre={70} />
        ))}
      </defs>
      <rect x="0" y={y(0)} width="338" height="24" fill="var(--ground)" />
      {bands.map((b, i) => {
        const from = b.bottom ?? bands[i - 1]?.top ?? 0;
        const middle = y((from + b.top) / 2);
        const mesh = market.mesh(b.mesh);
        const name = meshName(mesh, reader);
        return (
          <g key={b.id}>
            <rect
              x="66"
              y={y(b.top)}
              width="96"
              height={(b.top - from) * up}
              fill={`url(#section-${b.id})`}
              stroke="var(--ink)"
            />
            <path d={`M56 ${y(b.top)}H66`} stroke="var(--ink)" />
            <text className="figure" x="52" y={y(b.top) + 5} textAnchor="end" style={{ fontSize: 13 }}>
              {reader.length(b.top).replace(' m', '')}
            </text>
            <text x="176" y={middle} fontWeight="700">
              {name.length > ROOM ? MESH_TYPES[mesh.type].name : name}
            </text>
            <text x="176" y={middle + 16} style={{ fill: 'var(--soft)' }}>
              {name.length > ROOM ? name.slice(MESH_TYPES[mesh.type].name.length + 1) : wireName(mesh)}
            </text>
          </g>
        );
      })}
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

import { type Band, type Market, meshName, wireName } from '@aviarum/core';
import { useReader } from '../state/reckoningStore';
import { MeshPattern } from '../strip/meshPattern';

const HIGH = 118;

/** The wall from the side: bands from the ground up, with their heights and wires. */
export function WallSection({ bands, market }: { bands: readonly Band[]; market: Market }) {
  const reader = useReader();
  const top = Math.max(0.5, ...bands.map((b) => b.top));
  const up = HIGH / top;
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
        const from = bands[i - 1]?.top ?? 0;
        const middle = y((from + b.top) / 2);
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
              {meshName(market.mesh(b.mesh), reader)}
            </text>
            <text x="176" y={middle + 16} style={{ fill: 'var(--soft)' }}>
              {wireName(market.mesh(b.mesh))}
            </text>
          </g>
        );
      })}
      {[60, 162].map((x) => (
        <rect key={x} x={x} y={y(top) - 6} width="7" height={HIGH + 28} fill="var(--bark)" />
      ))}
      <path d={`M0 ${y(0)}H338`} stroke="var(--ink)" strokeWidth="2" />
    </svg>
  );
}

import { type Skirt, shapeOf } from '@aviarum/core';
import { useReader } from '../../state/reckoningStore';

const WIDE = 338;
const FENCE = 118;
const GROUND = 62;

/** A measure between two ends, with its figure beside or under it. */
function Measure({
  from,
  to,
  text,
  below,
}: {
  from: [number, number];
  to: [number, number];
  text: string;
  below?: true;
}) {
  const level = from[1] === to[1];
  const tick = level ? 'M0 -4V4' : 'M-4 0H4';
  const x = (from[0] + to[0]) / 2;
  const y = (from[1] + to[1]) / 2;
  return (
    <g>
      <path d={`M${from.join(' ')}L${to.join(' ')}`} stroke="var(--soft)" />
      {[from, to].map(([a, b]) => (
        <path key={`${a} ${b}`} d={tick} transform={`translate(${a} ${b})`} stroke="var(--soft)" />
      ))}
      <text
        className="figure"
        x={level ? x : x - 7}
        y={level ? y + (below ? 15 : -6) : y + 4}
        textAnchor={level ? 'middle' : 'end'}
        style={{ fontSize: 13 }}
      >
        {text}
      </text>
    </g>
  );
}

/** Corners of a trench, `[out, down]` in m: a little behind the fence, its bottom further out where it leans. */
function trenchSection({ width, depth, lean }: { width: number; depth: number; lean: number }) {
  const behind = 0.05;
  const top = width + lean / 2;
  return [
    [-behind, 0],
    [top - behind, 0],
    [top - behind, depth],
    [lean - behind, depth],
  ] as const;
}

/** The skirt from its end: the fence on the left, the outside on the right. */
export function SkirtSection({ skirt }: { skirt: Exclude<Skirt, { kind: 'none' }> }) {
  const reader = useReader();
  const { mesh, up, depth, out, path, laid, trench, fill } = shapeOf(skirt);
  // To scale as long as it fits: down as far as out.
  const scale = Math.min(180, 74 / Math.max(0.3, depth), 196 / Math.max(0.4, out), 50 / Math.max(0.2, up));
  const px = (metres: number) => metres * scale;
  const foot = GROUND + px(depth);
  const high = Math.max(GROUND + 46, foot + 34);
  const end = FENCE + px(out);
  const fillTop = GROUND - px(fill?.above ?? 0);
  return (
    <svg className="stripsvg" width={WIDE} height={high} role="img" aria-label="Skirt from its end">
      <defs>
        <pattern id="section-stones" width="13" height="9" patternUnits="userSpaceOnUse">
          <ellipse cx="4" cy="4.5" rx="4" ry="3.4" fill="none" stroke="var(--ink)" />
          <ellipse cx="10.5" cy="3" rx="2.4" ry="2" fill="none" stroke="var(--ink)" />
        </pattern>
      </defs>
      <rect x="0" y={GROUND} width={WIDE} height={high - GROUND} fill="var(--ground)" />
      {trench && (
        <polygon
          points={trenchSection(trench)
            .map(([x, down]) => `${FENCE + px(x)},${GROUND + px(down)}`)
            .join(' ')}
          fill="none"
          stroke="var(--soft)"
          strokeDasharray="2 4"
        />
      )}
      {fill && (
        <rect
          x={FENCE}
          y={fillTop}
          width={px(fill.width)}
          height={px(fill.height)}
          fill={fill.above > 0 ? 'url(#section-stones)' : 'var(--rule)'}
          stroke="var(--ink)"
        />
      )}
      <rect x={FENCE - 9} y="6" width="8" height={high - 20} fill="var(--bark)" />
      <path d={`M${FENCE} 6V${GROUND}`} stroke="var(--ink)" strokeDasharray="1 3" />
      <path d={`M0 ${GROUND}H${WIDE}`} stroke="var(--ink)" strokeWidth="2" />
      {mesh !== null && (
        <path
          d={`M${FENCE + 3} ${GROUND - px(up)}L${path
            .map(([x, down]) => `${FENCE + (x > 0 ? px(x) : 3)} ${down > 0 ? GROUND + px(down) : GROUND - 2}`)
            .join('L')}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="3.5"
          strokeDasharray="5 2"
        />
      )}
      {laid === 'flat' && <path d={`M${end - 4} ${GROUND - 8}v18`} stroke="var(--ink)" strokeWidth="2" />}
      {up > 0 && (
        <Measure
          from={[FENCE - 20, GROUND - px(up)]}
          to={[FENCE - 20, GROUND]}
          text={`${reader.length(up)} up`}
        />
      )}
      {depth > 0 && (
        <Measure from={[FENCE - 20, GROUND]} to={[FENCE - 20, foot]} text={`${reader.length(depth)} down`} />
      )}
      {out > 0 && (
        <Measure from={[FENCE, foot + 12]} to={[end, foot + 12]} text={`${reader.length(out)} out`} below />
      )}
      {fill && out === 0 && (
        <text className="figure" x={FENCE + px(fill.width) + 8} y={foot - 4} style={{ fontSize: 13 }}>
          {reader.length(fill.width)} wide
        </text>
      )}
      <text x={WIDE - 8} y={GROUND - 10} textAnchor="end" style={{ fill: 'var(--soft)' }}>
        outside
      </text>
    </svg>
  );
}

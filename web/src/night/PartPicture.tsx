import { type Part, THREATS, type ToldVerdict, footLaid } from '@aviarum/core';
import { useReader, useReckoning } from '../state/reckoningStore';
import { AnimalAt } from './Animal';

const WIDE = 356;
const HIGH = 214;
/** The wall stands here, px from the left; what comes, comes from the left. */
const WALL = 226;
const GROUND = 166;
/** So much height is drawn above the ground at most, m. */
const SHOWN = 2.5;

/** As near as the animal allows: what is small is looked at closely, unless it goes over the top. */
const shownOf = ({ entry, threat }: ToldVerdict, from: number): number =>
  entry === 'over' || entry === 'above'
    ? SHOWN
    : Math.min(SHOWN, Math.max(1.1, from + 0.75, THREATS[threat].long * 1.5));

type OfKind<K extends Part['kind']> = Extract<Part, { kind: K }>;
const ofKind = <K extends Part['kind']>(parts: readonly Part[], kind: K, side: string | null) =>
  parts.filter((p): p is OfKind<K> => p.kind === kind && (p as { side?: string }).side === side);

/** Where the animal is, m: out from the wall, and above the ground. */
function placeOf(
  { entry }: ToldVerdict,
  from: number,
  top: number,
  long: number,
): { out: number; up: number } {
  const places = {
    through: { out: 0.12, up: Math.max(0, from) },
    reach: { out: 0.14, up: Math.max(0, from) },
    tear: { out: 0.12, up: Math.max(0, from) },
    under: { out: 0.12, up: -0.34 },
    over: { out: -long * 0.4, up: top },
    above: { out: -long * 0.9, up: top + 0.2 },
    door: { out: 0.12, up: 0 },
  } as const;
  return places[entry];
}

/** The part as it is cut there, to scale, with the animal in its own size and the way it takes. */
export function PartPicture({ verdict }: { verdict: ToldVerdict }) {
  const parts = useReckoning((s) => s.reckoning?.parts ?? []);
  const reader = useReader();
  const { threat, side, part } = verdict;
  const rows = new Map(
    ofKind(parts, 'mesh', side).map((p) => [
      `${p.bottom} ${p.top}`,
      { bottom: Math.max(0, p.bottom), top: p.top },
    ]),
  );
  const bands = [...rows.values()].sort((a, b) => a.bottom - b.bottom);
  const top = Math.max(0.6, ...bands.map((b) => b.top));
  const foot = footLaid(parts, side);
  const band = part.on === 'side-band' ? part.band : null;
  const from =
    bands.find(
      (b, i) => band !== null && i > 0 && b.bottom > 0.05 && verdict.entry !== 'under' && band !== 'low',
    )?.bottom ?? 0;
  const scale = (GROUND - 14) / shownOf(verdict, from);
  const y = (height: number) => GROUND - height * scale;
  const { long, shape } = THREATS[threat];
  const { out, up } = placeOf(verdict, from > 0 ? from + 0.1 : 0, top, long);
  const ax = WALL - out * scale;
  const heights = [...new Set([...bands.map((b) => b.bottom), top])].filter((h) => h > 0.05 && y(h) > 8);
  const path =
    shape === 'bird'
      ? `M${ax - 60} ${y(top + 0.6)}Q${WALL} ${y(top + 0.9)} ${WALL + 40} ${y(0.3)}`
      : `M20 ${GROUND - 4}Q${ax - 50} ${GROUND - 6} ${ax - 18} ${y(up + 0.1)}`;
  return (
    <svg
      className="partpicture"
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      role="img"
      aria-label="The part to scale, with the animal"
    >
      <rect className="pp-earth" x="0" y={GROUND} width={WIDE} height={HIGH - GROUND} />
      {foot && foot.out > 0 && (
        <path className="pp-foot" d={`M${WALL} ${y(-Math.max(0.03, foot.depth))}h${-foot.out * scale}`} />
      )}
      {foot && foot.depth > 0 && <path className="pp-foot" d={`M${WALL} ${GROUND}V${y(-foot.depth)}`} />}
      {bands.map((b, i) => (
        <path key={i} className="pp-band" data-nth={i} d={`M${WALL} ${y(b.bottom)}V${y(b.top)}`} />
      ))}
      <rect className="pp-post" x={WALL + 4} y={y(top) - 4} width="9" height={top * scale + 22} />
      <path className="pp-ground" d={`M0 ${GROUND}H${WIDE}`} />
      {heights.map((h) => (
        <g key={h}>
          <path className="pp-tick" d={`M${WALL + 18} ${y(h)}h18`} />
          <text x={WALL + 42} y={y(h) + 5} className="figure">
            {reader.length(h)}
          </text>
        </g>
      ))}
      <path className="pp-way" d={path} />
      <g className="pp-animal" transform={`translate(${ax} ${y(up)})`}>
        <AnimalAt threat={threat} scale={scale} />
      </g>
    </svg>
  );
}

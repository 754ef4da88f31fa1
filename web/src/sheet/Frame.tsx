import { type SlopeTint, lengthText, type UnitSystem } from '@aviarum/core';
import { type View, stepFor } from './view';

interface FrameProps {
  readonly view: View;
  readonly height: number;
  readonly system: UnitSystem;
}

export function Grid({ view, width, height, system }: FrameProps & { width: number }) {
  const step = stepFor(view.scale, system, 26);
  const bold = system === 'metric' ? 5 : 10;
  const lines = (origin: number, extent: number) => {
    const px = step * view.scale;
    const first = Math.ceil(-origin / px);
    return Array.from({ length: Math.max(0, Math.floor((extent - origin) / px) - first + 1) }, (_, i) => ({
      n: first + i,
      at: origin + (first + i) * px,
    }));
  };
  const path = (which: 'fine' | 'bold') => {
    const wanted = (n: number) => (n % bold === 0) === (which === 'bold');
    const down = lines(view.x, width)
      .filter((l) => wanted(l.n))
      .map((l) => `M${l.at.toFixed(1)} 0V${height}`);
    const across = lines(view.y, height)
      .filter((l) => wanted(l.n))
      .map((l) => `M0 ${l.at.toFixed(1)}H${width}`);
    return [...down, ...across].join('');
  };
  return (
    <g aria-hidden="true">
      <path className="d-grid" d={path('fine')} />
      <path className="d-grid-bold" d={path('bold')} />
    </g>
  );
}

export function ScaleBar({ view, height, system, least }: FrameProps & { least: number }) {
  const step = stepFor(view.scale, system, least);
  const px = step * view.scale;
  const { figure, unit } = lengthText(step * 4, system);
  return (
    <g
      transform={`translate(18 ${height - 22})`}
      className="scalebar"
      role="img"
      aria-label={`Scale: the bar is ${figure} ${unit}`}
    >
      {[0, 1, 2, 3].map((i) => (
        <rect
          key={i}
          x={i * px}
          width={px}
          height="6"
          fill={i % 2 === 0 ? 'var(--ink)' : 'var(--sheet)'}
          stroke="var(--ink)"
        />
      ))}
      <text
        x={4 * px + 8}
        y="8"
        className="figure"
        stroke="none"
        data-scale-px={4 * px}
        data-scale-m={step * 4}
      >
        {figure.replace(/\.00$/, '')} {unit}
      </text>
    </g>
  );
}

/** @param turn  of true north from straight up, clockwise, radians */
export function NorthArrow({ x, turn }: { x: number; turn: number }) {
  const degrees = Math.round((turn * 180) / Math.PI);
  return (
    <g
      transform={`translate(${x} 44) rotate(${degrees})`}
      role="img"
      aria-label={
        degrees === 0
          ? 'North is up'
          : `North is ${Math.abs(degrees)}° ${degrees > 0 ? 'clockwise' : 'counter-clockwise'} from up`
      }
    >
      <path d="M0 -18L9 14L0 7L-9 14Z" fill="var(--ink)" />
      <text textAnchor="middle" y="-22" fontWeight="800" transform={`rotate(${-degrees} 0 -26)`}>
        N
      </text>
    </g>
  );
}

/** What the hatching of a slope means, beside the scale. */
export function SlopeLegend({ steep, height }: { steep: readonly SlopeTint['steepness'][]; height: number }) {
  const WORDS: Readonly<Record<SlopeTint['steepness'], string>> = {
    gentle: '',
    'steps-welded': 'over 5 %: welded mesh steps',
    'steps-hexagonal': 'over 12 %: hexagonal steps',
    'too-steep': 'over 25 %: every mesh steps',
  };
  return (
    <g transform={`translate(18 ${height - 46})`} aria-hidden="true">
      {steep.map((kind, i) => (
        <g key={kind} transform={`translate(0 ${-20 * i})`}>
          <rect width="26" height="14" y="-11" fill={`url(#${kind})`} stroke="var(--rule)" />
          <text x="34" className="d-legend">
            {WORDS[kind]}
          </text>
        </g>
      ))}
    </g>
  );
}

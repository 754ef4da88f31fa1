import type { Guide, Plan, Reader } from '@aviarum/core';
import { useReader } from '../state/reckoningStore';
import type { Held } from './drag';
import { Knob } from './Stops';
import type { Stop } from './stop';

const WORDS: Readonly<Record<Guide['kind'], string>> = {
  'right-angle': '90°',
  'in-line': 'straight on',
  'level-with': 'in line',
  'round-length': '',
  'on-wall': 'on the wall',
  'on-corner': 'on its corner',
  step: '',
};

const said = (guide: Guide, reader: Reader) =>
  [WORDS[guide.kind], guide.length === undefined ? '' : reader.length(guide.length)]
    .filter((w) => w !== '')
    .join(', ');

/** The thing in hand, and why it fell where it did. */
export function Guides({
  held,
  stop,
  scale,
  plan,
}: {
  held: Held;
  stop: Stop;
  scale: number;
  /** As it is while it is held. */
  plan: Plan;
}) {
  const reader = useReader();
  const words = [...held.guides.map((g) => said(g, reader)), stop.says?.(plan) ?? ''].filter((w) => w !== '');
  const x = held.at.x * scale;
  const y = -held.at.y * scale;
  return (
    <g pointerEvents="none">
      {held.guides.map((g) => (
        <path
          key={`${g.kind} ${g.from.x} ${g.from.y}`}
          className="d-guide"
          d={`M${g.from.x * scale} ${-g.from.y * scale}L${g.to.x * scale} ${-g.to.y * scale}`}
        />
      ))}
      <g className="handle" data-state="moving" data-look={stop.look} transform={`translate(${x} ${y})`}>
        <Knob look={stop.look} size={14} />
      </g>
      {words.length > 0 && (
        <g transform={`translate(${x + 16} ${y - 18})`}>
          <rect
            className="d-guide-label"
            x="-5"
            y="-14"
            width={words.join(' · ').length * 7.4 + 12}
            height="20"
          />
          <text className="d-guide-word">{words.join(' · ')}</text>
        </g>
      )}
    </g>
  );
}

import {
  type NightMark,
  type NightRow,
  type Rating,
  THREATS,
  WAY_SAID,
  capital,
  formatPart,
  printNumber,
  sayBecause,
} from '@aviarum/core';
import { useReader } from '../state/reckoningStore';
import { Animal } from './Animal';
import { isOpen, openVerdict, useNight } from './nightState';

/** Half of a mark’s width, and where its words begin, px. */
const R = 8;
const BESIDE = 20;

const hoursSaid = (hours: number): string => `${printNumber(hours, 1)} h`;

/** What is written beside a mark. */
export const markSaid = ({
  rating,
  hours,
  verdicts,
}: Pick<NightMark, 'rating' | 'hours' | 'verdicts'>): string => {
  const way = verdicts[0] ? WAY_SAID[verdicts[0].entry] : '';
  if (rating === 'holds') return `holds ${way}`;
  return rating === 'delays' ? `${hoursSaid(hours ?? 0)} ${way}` : `open ${way}`;
};

/** Told apart without colour: a full diamond, a half one, a dash. */
export function Sign({ rating }: { rating: Rating }) {
  if (rating === 'holds') return <path className="n-sign" data-rating="holds" d={`M${-R} 0H${R}`} />;
  const diamond = `M0 ${-R - 1}L${R - 1} 0L0 ${R + 1}L${-R + 1} 0Z`;
  return (
    <g className="n-sign" data-rating={rating}>
      <path d={diamond} />
      {rating === 'delays' && <path className="half" d={`M0 ${-R - 1}L${R - 1} 0L0 ${R + 1}Z`} />}
    </g>
  );
}

interface RowProps {
  readonly row: NightRow;
  readonly x: (metres: number) => number;
  readonly y: number;
  /** Where the fence begins below, px. */
  readonly fence: number;
  readonly left: number;
  readonly right: number;
}

/** Where words are written so that none runs into the next: the first of each kind that has room. */
function worded(row: NightRow, x: RowProps['x'], right: number): ReadonlyMap<string, string> {
  const words = new Map<string, string>();
  let free = 0;
  for (const mark of row.marks) {
    const text = markSaid(mark);
    const at = x(mark.x) + BESIDE;
    const wide = text.length * (mark.rating === 'holds' ? 6.4 : 7.2);
    if (!mark.says || at < free || at + wide > right + 4) continue;
    words.set(mark.key, text);
    free = at + wide + 8;
  }
  return words;
}

/** One threat over the fence: its body, whether it was seen, and a mark above every place where it comes in. */
export function Row({ row, x, y, fence, left, right }: RowProps) {
  const { threat, presence, marks, counts } = row;
  const { open } = useNight();
  const reader = useReader();
  const name = capital(THREATS[threat].name);
  const words = worded(row, x, right);
  const shown = counts ? presence : `${presence}, small prey`;
  return (
    <g className="n-row" data-counts={counts} role="list" aria-label={name}>
      <svg x={16} y={y - 19} width={64} height={38}>
        <Animal threat={threat} width={64} />
      </svg>
      <text className="n-name" x={90} y={y - 2}>
        {name.length > 16 ? `${name.slice(0, 15)}…` : name}
        <title>{name}</title>
      </text>
      <text className="n-soft" x={90} y={y + 15}>
        {shown}
      </text>
      {marks.length === 0 && (
        <text className="n-soft" x={left + 22} y={y - 7}>
          shut in: of vents and floor of the house nothing was said
        </text>
      )}
      <path className="n-thread" d={`M${left} ${y}H${right}`} />
      {marks.map((mark) => {
        const at = x(mark.x);
        const [first] = mark.verdicts;
        if (!first) return null;
        const keys = mark.verdicts.map((v) => `${v.entry} ${formatPart(v.part)}`);
        const chosen = isOpen(open, threat, keys);
        const choose = () => openVerdict({ threat, entry: first.entry, part: formatPart(first.part) });
        return (
          <g
            key={mark.key}
            className="n-mark"
            data-rating={mark.rating}
            role="listitem"
            transform={`translate(${at} 0)`}
          >
            {mark.rating !== 'holds' && <path className="n-drop" d={`M0 ${y}V${fence}`} />}
            <g
              role="button"
              tabIndex={0}
              aria-pressed={chosen}
              aria-label={`${name}, ${markSaid(mark)}: ${sayBecause(first.reason, reader)}`}
              transform={`translate(0 ${y})`}
              onClick={choose}
              onKeyDown={(e) => {
                if (e.key !== 'Enter' && e.key !== ' ') return;
                e.preventDefault();
                choose();
              }}
            >
              <rect className="n-touch" x={-16} y={-18} width={32} height={36} />
              <Sign rating={mark.rating} />
              {words.has(mark.key) && (
                <text x={BESIDE} y={-7}>
                  {words.get(mark.key)}
                </text>
              )}
            </g>
          </g>
        );
      })}
    </g>
  );
}

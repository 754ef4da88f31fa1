import { type NightRow, type Rating, hasHouse, standingsOf } from '@aviarum/core';
import { useRef } from 'react';
import { useSize } from '../sheet/useSize';
import { NightFence } from './NightFence';
import { NightList } from './NightList';
import { Row, Sign } from './NightRows';
import { usePlan } from '../state/planStore';
import { isAnswered } from './answered';
import { birdsAre, useNight } from './nightState';
import { useTonight } from './useTonight';

/** Names and bodies stand left of the fence, px. */
const LEFT = 226;
const RIGHT = 34;
const HEAD = 92;
/** The fence takes so much at the foot of the sheet, px. */
const FENCE = 172;
const EARTH = 40;
const ROW = { least: 40, most: 80 } as const;
/** Narrower than this the sheet is a list, px. */
const NARROW = 620;

const RATINGS: readonly Rating[] = ['open', 'delays', 'holds'];

/** `16 h 39`: as a clock says it. */
const asClock = (hours: number): string => {
  const minutes = Math.round(hours * 60);
  return `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
};

/** What is said over it all: nothing open, and what gives way before the longest night is over. */
function Standing({ rows, night }: { rows: readonly NightRow[]; night: number }) {
  const worst = Object.fromEntries(rows.flatMap((row) => (row.worst ? [[row.threat, row.worst]] : [])));
  const { open, within, later } = standingsOf(worst, night);
  // What nobody has said is not taken for an answer.
  const answered = usePlan((s) => s.plan !== null && isAnswered(s.plan));
  const none = answered ? 'Nothing open' : 'Nothing open to those named: what else is about was not said yet';
  const animals = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;
  const said = [
    open > 0 ? `${animals(open, 'gets in', 'get in')} at once` : '',
    within > 0 ? `${animals(within, 'gets', 'get')} in before morning` : '',
    later > 0 ? `${animals(later, 'takes', 'take')} longer than any night` : '',
  ].filter((s) => s !== '');
  return (
    <b className="n-standing" data-open={open + within > 0}>
      {rows.length === 0 ? 'Nobody is named yet' : said.length > 0 ? said.join(', ') : none}
    </b>
  );
}

/** What would come of it tonight: everybody who is about, over the fence as it is unrolled, each mark above its own place. */
export function NightSheet() {
  const box = useRef<HTMLDivElement>(null);
  const size = useSize(box);
  const tonight = useTonight();
  const birds = useNight((s) => s.birds);
  const narrow = size.width < NARROW;
  return (
    <div className="night" ref={box} role="group" aria-label="The fence at night">
      {tonight && (
        <>
          <header className="nighthead">
            <h2>Tonight at {tonight.plan.name}</h2>
            <Standing rows={tonight.rows} night={tonight.night} />
            <p className="soft small">
              The longest night here is {asClock(tonight.night)}.{' '}
              {birds === 'shut in'
                ? 'Of the house, vents and floor are judged.'
                : 'Birds are out in the run.'}
            </p>
            {hasHouse(tonight.plan) && (
              <div className="choices small nightbirds" role="group" aria-label="Birds by night">
                {(['left out', 'shut in'] as const).map((one) => (
                  <button key={one} type="button" aria-pressed={birds === one} onClick={() => birdsAre(one)}>
                    {one}
                  </button>
                ))}
              </div>
            )}
            <ul className="nightkey" aria-label="Signs">
              {RATINGS.map((rating) => (
                <li key={rating}>
                  <svg width="20" height="20" viewBox="-10 -10 20 20" aria-hidden>
                    <Sign rating={rating} />
                  </svg>
                  {rating}
                </li>
              ))}
            </ul>
          </header>
          {narrow ? <NightList rows={tonight.rows} /> : <Picture tonight={tonight} size={size} />}
        </>
      )}
    </div>
  );
}

/** The fence at the foot, and over it a row for each that is about. */
function Picture({
  tonight: { scene, rows },
  size,
}: {
  tonight: NonNullable<ReturnType<typeof useTonight>>;
  size: { readonly width: number; readonly height: number };
}) {
  const room = size.height - HEAD - FENCE;
  const row = Math.max(ROW.least, Math.min(ROW.most, room / Math.max(1, rows.length)));
  const high = Math.max(size.height, HEAD + rows.length * row + FENCE) - HEAD;
  const wide = size.width;
  const right = wide - RIGHT;
  const x = (metres: number) => LEFT + (metres / Math.max(0.1, scene.length)) * (right - LEFT);
  const low = high - EARTH;
  const tall = FENCE - EARTH - 26;
  const up = tall / Math.max(0.5, scene.high - Math.min(0, scene.low));
  const y = (height: number) => low - height * up;
  return (
    <svg className="nightsvg" width={wide} height={high} role="group" aria-label="Who comes, and where">
      <NightFence scene={scene} x={x} y={y} wide={wide} low={high} />
      {rows.map((one, i) => (
        <Row
          key={one.threat}
          row={one}
          x={x}
          y={(i + 0.5) * row}
          fence={y(scene.high * 0.5)}
          left={LEFT - 14}
          right={right}
        />
      ))}
    </svg>
  );
}

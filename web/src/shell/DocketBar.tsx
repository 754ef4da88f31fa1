import {
  type Part,
  type ToldFinding,
  type ToldVerdict,
  aboutLength,
  areaText,
  lengthText,
  printNumber,
  worseFirst,
} from '@aviarum/core';
import { Suspense, useEffect, useState } from 'react';
import { Link } from '../pages/Link';
import { fetched } from '../pages/fetched';
import { usePlan } from '../state/planStore';
import type { ReckoningView } from '../workers/view';
import { useBehind, useOutOfDate, useReader, useReckoning } from '../state/reckoningStore';

/** Fetched while the figures are worked out. */
const WorstSentence = fetched(async () => (await import('./WorstSentence')).WorstSentence);
const WorstVerdict = fetched(async () => (await import('./WorstSentence')).WorstVerdict);

interface CellProps {
  readonly name: string;
  readonly figure: string;
  readonly unit?: string;
  /** The higher, the sooner it gives way where the bar is narrow; without it it always stays. */
  readonly rank?: 1 | 2 | 3;
}

function Cell({ name, figure, unit, rank }: CellProps) {
  return (
    <div data-rank={rank}>
      <dt>{name}</dt>
      <dd className="figure">
        {figure}
        {unit !== undefined && unit !== '' && <span className="unit">{unit}</span>}
      </dd>
    </div>
  );
}

/** How long the longest live net is, m; null without any. */
const longestNet = (parts: readonly Part[]): number | null =>
  parts.reduce<number | null>(
    (most, p) => (p.kind === 'live-net' ? Math.max(most ?? 0, p.length) : most),
    null,
  );

/** Always in reach: what it comes to, and the worst matter. */
export function DocketBar({ base }: { base: string }) {
  const reckoning = useReckoning((s) => s.reckoning);
  const draft = usePlan((s) => s.draft);
  const plan = usePlan((s) => s.plan);
  const reader = useReader();
  const behind = useBehind();
  const outOfDate = useOutOfDate();
  const [open, setOpen] = useState(false);
  useEffect(() => {
    void WorstSentence.fetch().catch(() => undefined);
    void WorstVerdict.fetch().catch(() => undefined);
  }, []);
  if (!reckoning) return <div className="docketbar noprint" />;
  const { figures, docket, findings } = reckoning;
  const built = figures.fenceLength ?? 0;
  const stands = figures.standing ?? 0;
  const long = (metres: number) => lengthText(aboutLength(metres, reader.system), reader.system);
  const fence = long(built);
  const found = long(stands);
  const net = longestNet(reckoning.parts);
  // Of nets alone: how long they are takes the place of fence and run.
  const netsOnly = net !== null && plan?.enclosures.length === 0;
  const runs = (plan?.enclosures.length ?? 0) > 0;
  // Under arches alone there is neither, nor round a house by itself.
  const onPosts = runs && (plan?.arches.length === 0 || built + stands > 0);
  const round = lengthText(aboutLength(net ?? 0, reader.system), reader.system);
  const area = areaText(figures.area ?? 0, reader.system);
  const each = figures.areaPerBird === undefined ? undefined : areaText(figures.areaPerBird, reader.system);
  const left = areaText(figures.leftOver ?? 0, reader.system);
  const worst = draft?.findings[0] ?? findings[0];
  const asks = worst !== undefined && worst.severity !== 'know';
  // What cannot be built comes before who comes in, and that before everything else.
  const verdict = worst?.severity === 'blocks' || draft ? undefined : firstIn(reckoning);
  return (
    <div
      className="docketbar noprint"
      data-stale={draft || outOfDate ? 'yes' : 'no'}
      aria-label="Docket summary"
      aria-busy={behind}
      role="region"
      data-open={open ? 'yes' : 'no'}
    >
      <button
        type="button"
        className="barmore"
        aria-expanded={open}
        aria-label={open ? 'Fewer figures' : 'All figures'}
        onClick={() => setOpen(!open)}
      >
        {open ? '▾' : '▴'}
      </button>
      <dl>
        {onPosts && stands > 0 && <Cell name="Stands" figure={found.figure} unit={found.unit} rank={2} />}
        {onPosts && (built > 0 || stands === 0) && (
          <Cell name={stands > 0 ? 'New fence' : 'Fence'} figure={fence.figure} unit={fence.unit} rank={2} />
        )}
        {netsOnly ? (
          <Cell name="Longest net" figure={round.figure} unit={round.unit} rank={2} />
        ) : (
          runs && <Cell name="Run" figure={area.figure} unit={area.unit} rank={2} />
        )}
        {each && runs && <Cell name="A bird" figure={each.figure} unit={each.unit} rank={1} />}
        {onPosts && <Cell name="Posts" figure={String(figures['posts.total'] ?? 0)} rank={3} />}
        {!netsOnly && <Cell name="Rolls" figure={String(figures.rolls ?? 0)} />}
        <Cell
          name={plan?.crew === 'two' ? 'Work, two' : 'Work'}
          figure={printNumber(figures.elapsed ?? 0, 1)}
          unit="h"
          rank={1}
        />
        <Cell name={docket.complete ? 'To buy' : 'To buy, at least'} figure={reader.money(docket.total)} />
        {!netsOnly && <Cell name="Mesh left over" figure={left.figure} unit={left.unit} rank={3} />}
        {(draft || outOfDate) && <Cell name="Figures" figure="out of date" />}
      </dl>
      {verdict ? (
        <OpenTonight verdict={verdict} base={base} />
      ) : (
        <Worst worst={worst} asks={asks} draft={draft !== null} base={base} />
      )}
    </div>
  );
}

/** The first that comes in, at once or before the longest night is over; undefined where nobody does. */
function firstIn({ worst, night }: Pick<ReckoningView, 'worst' | 'night'>): ToldVerdict | undefined {
  const coming = Object.values(worst).filter(
    (v) => v.counts && v.rating !== 'holds' && (v.hours ?? 0) <= night,
  );
  return coming.sort(worseFirst)[0];
}

/** Who comes in tonight, and the way to where it is shown. */
function OpenTonight({ verdict, base }: { verdict: ToldVerdict; base: string }) {
  return (
    <Link className="worst" data-open="yes" to={`${base}/threats`}>
      <span>{verdict.rating === 'open' ? '▲ open tonight' : '▲ gives way tonight'}</span>
      <Suspense fallback={<b>…</b>}>
        <WorstVerdict verdict={verdict} />
      </Suspense>
    </Link>
  );
}

/** The worst matter, or that there is none, and the way to it. */
function Worst({
  worst,
  asks,
  draft,
  base,
}: {
  worst: ToldFinding | undefined;
  asks: boolean;
  draft: boolean;
  base: string;
}) {
  return (
    <Link
      className="worst"
      data-open={asks ? 'yes' : 'no'}
      to={worst ? `${base}/${worst.stage}` : `${base}/docket`}
    >
      {worst ? (
        <>
          <span>{draft ? '▲ cannot be built' : asks ? '▲ to mend first' : 'good to know'}</span>
          <Suspense fallback={<b>…</b>}>
            <WorstSentence worst={worst} />
          </Suspense>
        </>
      ) : (
        <b>Nothing to mend</b>
      )}
    </Link>
  );
}

import { type NightRow, THREATS, capital, formatPart, sayBecause, worseFirst } from '@aviarum/core';
import { useReader } from '../state/reckoningStore';
import { Animal } from './Animal';
import { markSaid } from './NightRows';
import { isOpen, openVerdict, useNight } from './nightState';

const SIGNS = { open: '◆', delays: '◐', holds: '–' } as const;

/** The same on a narrow screen: everybody who is about, the worst first, each with what lets it in. */
export function NightList({ rows }: { rows: readonly NightRow[] }) {
  const reader = useReader();
  const { open } = useNight();
  const sorted = rows
    .map((row) => ({ row, worst: row.worst }))
    .sort(
      (a, b) =>
        Number(b.row.counts) - Number(a.row.counts) ||
        (a.worst && b.worst ? worseFirst(a.worst, b.worst) : 0),
    );
  return (
    <ol className="nightlist" aria-label="Who comes, the worst first">
      {sorted.map(({ row, worst }) => {
        const name = capital(THREATS[row.threat].name);
        return (
          <li key={row.threat} data-rating={worst?.rating ?? 'holds'} data-counts={row.counts}>
            <button
              type="button"
              aria-pressed={
                worst ? isOpen(open, row.threat, [`${worst.entry} ${formatPart(worst.part)}`]) : false
              }
              onClick={() =>
                worst && openVerdict({ threat: row.threat, entry: worst.entry, part: formatPart(worst.part) })
              }
            >
              <Animal threat={row.threat} width={56} />
              <span>
                <b>{name}</b> <span className="soft small">{row.presence}</span>
                <span className="said" data-rating={worst?.rating ?? 'holds'}>
                  <span aria-hidden>{SIGNS[worst?.rating ?? 'holds']}</span>{' '}
                  {worst
                    ? markSaid({ rating: worst.rating, hours: worst.hours, verdicts: [worst] })
                    : 'shut in'}
                </span>
                {worst && worst.rating !== 'holds' && (
                  <span className="small soft">{capital(sayBecause(worst.reason, reader))}.</span>
                )}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}

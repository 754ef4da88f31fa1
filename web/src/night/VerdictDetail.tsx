import {
  THREATS,
  type ToldVerdict,
  WAY_SAID,
  capital,
  formatPart,
  listed,
  printNumber,
  sayBecause,
} from '@aviarum/core';
import { useEffect, useRef } from 'react';
import { usePlan } from '../state/planStore';
import { useReader, useVerdictMends, useVerdicts } from '../state/reckoningStore';
import { MendButton } from '../stages/MendButton';
import { PartPicture } from './PartPicture';
import { openVerdict, useNight } from './nightState';

/** On how many parts the same is true. */
const alike = (all: readonly ToldVerdict[], one: ToldVerdict): number =>
  new Set(
    all
      .filter((v) => v.threat === one.threat && v.entry === one.entry && v.rating === one.rating)
      .map((v) => formatPart(v.part)),
  ).size;

const RATED = { open: 'Open', delays: 'Gives way', holds: 'Holds' } as const;

/** The mark that is open: how the animal comes there, why it is let in, and what mends it. */
export function VerdictDetail() {
  const { open } = useNight();
  const verdicts = useVerdicts();
  const plan = usePlan((s) => s.plan);
  const reader = useReader();
  const found = open
    ? verdicts.find(
        (v) => v.threat === open.threat && v.entry === open.entry && formatPart(v.part) === open.part,
      )
    : undefined;
  const mends = useVerdictMends(found && found.rating !== 'holds' ? open : null);
  const top = useRef<HTMLElement>(null);
  useEffect(() => {
    top.current?.scrollIntoView({ block: 'nearest' });
  }, [open]);
  if (!open || !found || !plan) return null;
  const { name, sign } = THREATS[found.threat];
  const parts = alike(verdicts, found);
  const hours = found.hours === null ? '' : ` in ${printNumber(found.hours, 1)} h`;
  return (
    <section ref={top} className="verdictdetail" aria-label="What is open" aria-live="polite">
      <header>
        <h3>
          {capital(name)}, {WAY_SAID[found.entry]}
        </h3>
        <button type="button" className="btn btn-sm" onClick={() => openVerdict(null)}>
          Close
        </button>
      </header>
      <p className="soft small">
        {RATED[found.rating]}
        {hours}
        {parts > 1 ? `, at ${parts} places alike` : ''}
      </p>
      <PartPicture verdict={found} />
      <p>
        {capital(sayBecause(found.reason, reader))}. {found.rating === 'holds' ? '' : `It leaves ${sign}.`}
      </p>
      {found.behind !== null && found.line === 'live' && (
        <p className="small">
          The live net stops it. Without it, with a flat battery or a gate left open, this is{' '}
          {found.behind === 'delays' ? 'only delayed' : found.behind}.
        </p>
      )}
      {!found.counts && (
        <p className="small soft">It takes nothing that is kept here: worth knowing, no more.</p>
      )}
      {found.rating !== 'holds' && mends === null && <p className="small soft">Trying what mends it …</p>}
      {mends?.length === 0 && (
        <p className="small soft">
          No single change mends this.{' '}
          {THREATS[found.threat].squeeze === null ? 'A live line does, once it was read at 6.0 kV.' : ''}
        </p>
      )}
      {mends && mends.length > 0 && (
        <div className="mends">
          {mends.map(({ change, effect, betters }) => {
            const others = betters.filter((id) => id !== found.threat);
            return (
              <div key={JSON.stringify(change)}>
                <MendButton mend={change} effect={effect} />
                {others.length > 0 && (
                  <span className="small soft">
                    also against {listed(others.map((id) => THREATS[id].name))}
                  </span>
                )}
              </div>
            );
          })}
        </div>
      )}
      <p className="small soft">
        Judged by figures that you can change: bad workmanship, young animals and deep snow are in none of
        them.
      </p>
    </section>
  );
}

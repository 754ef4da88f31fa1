import { WHOLE_PLAN, asking, openingOptions, openingRow, partsFence } from '@aviarum/core';
import { OptionGroups } from '../../fields/OptionGroups';
import { usePlan } from '../../state/planStore';
import { useMarket, useReader, useReckoning } from '../../state/reckoningStore';
import { Panel } from '../Panel';
import { SchoolNote } from '../SchoolNote';
import { OpeningFields } from './OpeningFields';
import { openingTitle } from './openingTitle';
import { NEW_OPENINGS, type NewOpening, fencedSides } from './places';

/** The kit width at this yard that is nearest to what the way wants. */
function useKitWidth() {
  const market = useMarket();
  return ({ product, clear }: NewOpening): number =>
    (product === null ? [] : (market?.kits(product) ?? []))
      .map((u) => u.size)
      .reduce<number | undefined>(
        (best, w) => (best === undefined || Math.abs(w - clear) < Math.abs(best - clear) ? w : best),
        undefined,
      ) ?? clear;
}

export function WaysPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.draft?.plan ?? s.plan);
  const take = usePlan((s) => s.take);
  const market = useMarket();
  const reader = useReader();
  const figures = useReckoning((s) => s.reckoning?.figures);
  const widthOf = useKitWidth();
  if (!plan || !market) return null;
  const sides = fencedSides(plan);
  const asked = asking(plan, market, reader, WHOLE_PLAN);
  const offered = NEW_OPENINGS.filter(
    (way, i) =>
      way.product === null ||
      NEW_OPENINGS.findIndex((w) => w.product === way.product && widthOf(w) === widthOf(way)) === i,
  );
  return (
    <Panel
      stage="ways"
      base={base}
      lead="Slide a gate or door along its side on the sheet, or give its distance from the corner."
    >
      {plan.openings.length === 0 && <p>No gate yet. A barrow needs 0.95 clear, a person 0.80.</p>}
      {plan.openings.map((opening) => {
        const side = sides.find((s) => s.side.id === opening.side);
        const title = openingTitle(opening, side?.number);
        const leaf = figures?.[`leaf.${opening.id}.width`];
        const high = figures?.[`leaf.${opening.id}.height`];
        return (
          <section key={opening.id} aria-label={title} className="ruled">
            <h2 className="subhead">{title}</h2>
            {partsFence(opening) && leaf !== undefined && high !== undefined && (
              <p className="small soft leafline">
                Leaf {reader.length(leaf)} × {reader.length(high)}, overlap at both edges counted.
              </p>
            )}
            {openingRow(opening).kit === null && (
              <p className="small soft">Built of {openingRow(opening).built}.</p>
            )}
            <OpeningFields opening={opening} sides={sides} />
            <OptionGroups
              groups={openingOptions(asked, opening)}
              open={plan.openings.length === 1 ? ['make'] : []}
              above={openingRow(opening).school === null ? {} : { make: <SchoolNote id="door" /> }}
            />
          </section>
        );
      })}
      <div className="mends">
        {offered.map((way) => (
          <button
            key={way.words}
            type="button"
            className="btn"
            onClick={() => {
              const opening = way.make(plan, widthOf(way));
              if (opening) take({ verb: 'add-opening', opening });
            }}
          >
            {way.words}
          </button>
        ))}
      </div>
      <p className="small soft">
        Measure leaves after the mesh is on. Pop doors and hatches hang in the mesh, between two posts. A
        cleaning door in the house itself wants a barrow’s way to it.
      </p>
    </Panel>
  );
}

import {
  type Opening,
  type Plan,
  WHOLE_PLAN,
  asking,
  openingOptions,
  openingRow,
  partsFence,
  openingMake,
} from '@aviarum/core';
import { useState } from 'react';
import { OptionGroups } from '../../fields/OptionGroups';
import { partOfStop } from '../../sheet/stopId';
import { usePlan } from '../../state/planStore';
import { useMarket } from '../../state/market';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { useSelection } from '../../state/selection';
import { Decision, Decisions } from '../Decision';
import { Panel } from '../Panel';
import { SchoolNote } from '../SchoolNote';
import { HouseDoors } from './HouseDoors';
import { HouseVents } from './HouseVents';
import { OpeningFields } from './OpeningFields';
import { openingTitle } from './openingTitle';
import { NEW_OPENINGS, type NewOpening, fencedSides, hasPlaceFor } from './places';

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

/** One gate or door: what it is in its heading, its place and its questions below. */
function OneOpening({ opening, plan, fresh }: { opening: Opening; plan: Plan; fresh: boolean }) {
  const market = useMarket();
  const reader = useReader();
  const figures = useReckoning((s) => s.reckoning?.figures);
  if (!market) return null;
  const sides = fencedSides(plan);
  const row = openingRow(opening);
  const side = sides.find((s) => s.side.id === opening.side);
  const leaf = figures?.[`leaf.${opening.id}.width`];
  const high = figures?.[`leaf.${opening.id}.height`];
  const isKit = row.kit !== null && openingMake(opening) === 'kit';
  const alone = plan.openings.length === 1;
  return (
    <Decision
      name={openingTitle(opening, side?.number)}
      answer={[
        `${reader.length(opening.width)} clear`,
        isKit ? 'kit' : 'built',
        ...(partsFence(opening) && leaf !== undefined && high !== undefined
          ? [`leaf ${reader.length(leaf)} × ${reader.length(high)}`]
          : []),
      ].join(', ')}
      begins={alone}
      fresh={fresh}
    >
      {row.kit === null && <p className="small soft">Built of {row.built}.</p>}
      <OpeningFields opening={opening} sides={sides} />
      <Decisions>
        <OptionGroups
          groups={openingOptions(asking(plan, market, reader, WHOLE_PLAN), opening)}
          open={alone ? ['make'] : []}
          above={row.school === null ? {} : { make: <SchoolNote id="door" /> }}
        />
      </Decisions>
    </Decision>
  );
}

export function WaysPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.draft?.plan ?? s.plan);
  const take = usePlan((s) => s.take);
  const market = useMarket();
  const widthOf = useKitWidth();
  const [made, setMade] = useState<string | null>(null);
  const touched = partOfStop(useSelection().at);
  if (!plan || !market) return null;
  const offered = NEW_OPENINGS.filter(
    (way, i) =>
      plan.enclosures.length > 0 &&
      hasPlaceFor(plan, way) &&
      (way.product === null ||
        NEW_OPENINGS.findIndex((w) => w.product === way.product && widthOf(w) === widthOf(way)) === i),
  );
  return (
    <Panel
      stage="ways"
      base={base}
      lead="Slide a gate or door along its side on the sheet, or give its distance from the corner."
    >
      {plan.enclosures.length > 0 && plan.openings.length === 0 && (
        <p>No gate yet. A barrow needs 0.95 clear, a person 0.80.</p>
      )}
      {plan.openings.map((opening) => (
        <OneOpening
          key={opening.id}
          opening={opening}
          plan={plan}
          fresh={made === opening.id || (touched?.on === 'opening' && touched.opening === opening.id)}
        />
      ))}
      <div className="mends">
        {offered.map((way) => (
          <button
            key={way.words}
            type="button"
            className="btn"
            onClick={() => {
              const opening = way.make(plan, widthOf(way));
              if (!opening) return;
              setMade(opening.id);
              take({ verb: 'add-opening', opening });
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
      <HouseDoors plan={plan} />
      <HouseVents plan={plan} />
    </Panel>
  );
}

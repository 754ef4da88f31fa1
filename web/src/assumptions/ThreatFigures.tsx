import {
  type Plan,
  THREATS,
  THREAT_FIGURES,
  THREAT_IDS,
  type ThreatFigure,
  type ThreatId,
  boundsAt,
  capital,
  isPresent,
  threatIn,
} from '@aviarum/core';
import { useState } from 'react';
import { Pick } from '../fields/Choice';
import { LengthField } from '../fields/LengthField';
import { usePlan } from '../state/planStore';
import { useReader } from '../state/reckoningStore';
import { FigureRow, FigureTable } from './FigureRow';

const NAMES: Readonly<Record<ThreatFigure, string>> = {
  squeeze: 'Smallest gap it gets through',
  reach: 'Smallest opening it takes a bird through',
  dig: 'Depth it digs',
  apron: 'Apron that stops it',
  wire: 'Thinnest welded wire it does not break',
};
const SMALL: ReadonlySet<ThreatFigure> = new Set(['squeeze', 'reach', 'wire']);

/** What one threat can do, ours and the keeper’s. */
function OfThreat({ plan, id }: { plan: Plan; id: ThreatId }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const figures = THREAT_FIGURES.filter((figure) => THREATS[id][figure] !== null);
  if (figures.length === 0) return <p>There is no figure for {THREATS[id].name}.</p>;
  return (
    <FigureTable of={THREATS[id].name}>
      {figures.map((figure) => {
        const ours = THREATS[id][figure] ?? 0;
        const isOwn = plan.threatFigures[id]?.[figure] !== undefined;
        const { least, most } = boundsAt(`threatFigures.${figure}`);
        return (
          <FigureRow
            key={figure}
            name={NAMES[figure]}
            ours={SMALL.has(figure) ? reader.opening(ours) : reader.length(ours)}
            touches="findings"
            back={isOwn ? { verb: 'set-threat-figure', threat: id, figure, value: null } : null}
          >
            <LengthField
              name={`${capital(THREATS[id].name)}: ${NAMES[figure].toLowerCase()}`}
              hideName
              kind={SMALL.has(figure) ? 'opening' : 'length'}
              value={threatIn(plan, id)[figure]}
              least={least}
              most={most}
              onCommit={(value) => take({ verb: 'set-threat-figure', threat: id, figure, value })}
            />
          </FigureRow>
        );
      })}
    </FigureTable>
  );
}

/** What the threats can do: those that are about first, any of them when it is asked for. */
export function ThreatFigures({ plan }: { plan: Plan }) {
  const about = THREAT_IDS.filter((id) => isPresent(plan, id));
  const own = THREAT_IDS.filter((id) => plan.threatFigures[id] !== undefined);
  const [chosen, setChosen] = useState<ThreatId | null>(null);
  const id = chosen ?? own[0] ?? about[0] ?? 'fox';
  const mark = (of: ThreatId) =>
    [about.includes(of) ? 'about' : '', own.includes(of) ? 'your figures' : ''].filter((m) => m !== '');
  return (
    <section aria-labelledby="threatfigures">
      <h2 id="threatfigures">What they can do</h2>
      <p className="soft">
        Openings must be smaller than the gap a threat gets through. What is laid at the foot of the fence
        must be at least as wide or deep as it digs.
      </p>
      <Pick
        name="Animal"
        value={id}
        options={[...about, ...THREAT_IDS.filter((t) => !about.includes(t))].map((value) => ({
          value,
          label: [capital(THREATS[value].name), ...mark(value)].join(', '),
        }))}
        onChoose={setChosen}
      />
      <OfThreat key={id} plan={plan} id={id} />
    </section>
  );
}

import { type Plan, STAGE_IDS, STAGE_NAMES, massOf } from '@aviarum/core';
import { longDay } from '../fields/dates';
import { usePlan } from '../state/planStore';
import { useMarket } from '../state/market';
import { useReader, useReckoning } from '../state/reckoningStore';
import { CutLists } from './CutLists';
import { Files } from './Files';
import { LineRows } from './LineRows';
import { Totals } from './Totals';

/** The full list, with the working of the line that is open, what it comes to, and what is cut from what. */
export function DocketPaper() {
  const plan = usePlan((s) => s.plan);
  const docket = useReckoning((s) => s.reckoning?.docket);
  const market = useMarket();
  if (!plan || !docket || !market) return null;
  const names = docket.yards.map((y) => market.yard(y.yard).name);
  return (
    <article className="docketpaper">
      <header>
        <h2>Docket</h2>
        <span className="soft">
          {names.length > 0 ? `${names.join(' and ')}, ` : ''}prices of {longDay(docket.pricesAsOf)}
        </span>
      </header>
      <p className="soft small" style={{ margin: '4px 0 0' }}>
        {plan.name}. Press a line for its working.
      </p>
      <Lines plan={plan} />
      <Files plan={plan} />
      <CutLists />
    </article>
  );
}

function Lines({ plan }: { plan: Plan }) {
  const docket = useReckoning((s) => s.reckoning?.docket);
  const reader = useReader();
  if (!docket) return null;
  const taxed = docket.taxes.length > 0;
  return (
    <table className="lines" data-taxed={taxed ? 'yes' : 'no'}>
      <thead>
        <tr>
          <th scope="col">item</th>
          <th scope="col">need</th>
          <th scope="col">buy</th>
          <th scope="col">left</th>
          <th scope="col">weight</th>
          <th scope="col">each</th>
          {taxed && <th scope="col">tax</th>}
          <th scope="col">price</th>
        </tr>
      </thead>
      {STAGE_IDS.map((stage) => {
        const lines = docket.lines.filter((l) => l.stage === stage);
        if (lines.length === 0) return null;
        const known = lines.every((l) => l.price !== null);
        const subtotal = lines.reduce((total, l) => total + (l.price ?? 0), 0);
        return (
          <tbody key={stage}>
            <tr className="group">
              <th scope="rowgroup" colSpan={taxed ? 6 : 5}>
                {STAGE_NAMES[stage]}
                <span className="soft small groupweight">
                  {massOf(
                    lines.reduce((total, l) => total + l.weight, 0),
                    reader,
                  )}
                </span>
              </th>
              <td colSpan={2}>
                {known ? '' : 'at least '}
                {reader.money(subtotal)}
              </td>
            </tr>
            {lines.map((line) => (
              <LineRows key={line.id} line={line} plan={plan} taxed={taxed} />
            ))}
          </tbody>
        );
      })}
      <Totals docket={docket} columns={taxed ? 8 : 7} />
    </table>
  );
}

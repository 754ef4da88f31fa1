import {
  type DocketLine,
  type Plan,
  STAGE_IDS,
  STAGE_NAMES,
  lengthText,
  printNumber,
  sayLine,
  sayReason,
} from '@aviarum/core';
import { Fragment } from 'react';
import { usePlan } from '../state/planStore';
import { useMarket, useReader, useReckoning, useWorking } from '../state/reckoningStore';
import { useSelection } from '../state/selection';
import type { ReckoningView } from '../workers/reckon.worker';
import { Files } from './Files';
import { WorkingTable } from './WorkingTable';

type Line = ReckoningView['docket']['lines'][number];

/** The full list, with the working of the line that is open. */
export function DocketPaper() {
  const plan = usePlan((s) => s.plan);
  const docket = useReckoning((s) => s.reckoning?.docket);
  const reader = useReader();
  const market = useMarket();
  if (!plan || !docket || !market) return null;
  return (
    <article className="docketpaper">
      <header>
        <h2>Docket</h2>
        <span className="soft">
          {market.yard.name}, prices of{' '}
          {new Date(docket.pricesAsOf).toLocaleDateString(undefined, {
            day: 'numeric',
            month: 'long',
            year: 'numeric',
          })}
        </span>
      </header>
      <p className="soft small" style={{ margin: '4px 0 0' }}>
        {plan.name}. Press a line for its working.
      </p>
      <table className="lines">
        <thead>
          <tr>
            <th scope="col">item</th>
            <th scope="col">need</th>
            <th scope="col">buy</th>
            <th scope="col">left</th>
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
                <th scope="rowgroup" colSpan={4}>
                  {STAGE_NAMES[stage]}
                </th>
                <td>
                  {known ? '' : 'at least '}
                  {reader.money(subtotal)}
                </td>
              </tr>
              {lines.map((line) => (
                <LineRows key={line.id} line={line} plan={plan} />
              ))}
            </tbody>
          );
        })}
        <tbody>
          <tr className="totalrow">
            <th scope="row" colSpan={3}>
              {docket.complete ? 'To buy' : 'To buy, at least'}
            </th>
            <td colSpan={2}>{reader.money(docket.total)}</td>
          </tr>
        </tbody>
      </table>
      <Files plan={plan} />
    </article>
  );
}

/** An opened working is brought into view, also when a link led to it. */
const showRow = (row: HTMLTableRowElement | null) => row?.scrollIntoView({ block: 'nearest' });

function LineRows({ line, plan }: { line: Line; plan: Plan }) {
  const reader = useReader();
  const market = useMarket();
  const { line: openLine, toggleLine } = useSelection();
  const open = openLine === line.id;
  const working = useWorking(open ? line.id : null);
  if (!market) return null;
  const { name, note } = sayLine(line as DocketLine, reader, market);
  const amount = (value: number) => {
    if (line.unit === 'piece') return printNumber(value, 0);
    const { figure, unit } = lengthText(Math.round(value * 1000) / 1000, plan.units);
    return (
      <>
        {figure}
        <span className="unit">{unit}</span>
      </>
    );
  };
  return (
    <Fragment>
      <tr className="line" data-open={open ? 'yes' : 'no'} data-line={line.id}>
        <th scope="row">
          <button type="button" className="linebtn" aria-expanded={open} onClick={() => toggleLine(line.id)}>
            {name}
            <span className="note">{note}</span>
          </button>
        </th>
        <td data-name="need">{amount(line.need)}</td>
        <td data-name="buy">{amount(line.buy)}</td>
        <td data-name="left">{amount(line.left)}</td>
        <td data-name="">{line.price === null ? 'no price' : reader.money(line.price)}</td>
      </tr>
      {open && (
        <tr className="workingrow" ref={working ? showRow : null}>
          <td colSpan={5}>
            {working && <WorkingTable term={working} />}
            <p style={{ margin: '8px 0 0' }}>{sayReason(line as DocketLine, reader)}</p>
          </td>
        </tr>
      )}
    </Fragment>
  );
}

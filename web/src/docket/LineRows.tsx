import {
  type Plan,
  aboutLength,
  lengthText,
  printNumber,
  sayLine,
  sayReason,
  sayWeightAndTax,
  massText,
} from '@aviarum/core';
import { Fragment } from 'react';
import { Choice } from '../fields/Choice';
import { usePlan } from '../state/planStore';
import { useMarket } from '../state/market';
import { useReader, useWorking } from '../state/reckoningStore';
import { useSelection } from '../state/selection';
import type { ReckoningView } from '../workers/view';
import { WorkingTable } from './WorkingTable';

type Line = ReckoningView['docket']['lines'][number];

/** An opened working is brought into view, also when a link led to it. */
const showRow = (row: HTMLTableRowElement | null) => row?.scrollIntoView({ block: 'nearest' });

/** Whether a line comes from the shed, all of it or a part. */
const fromShed = ({ owned, buy }: { readonly owned: number; readonly buy: number }): string => {
  if (owned <= 0.0005) return '';
  return buy > 0.0005 ? 'from the shed in part' : 'from the shed';
};

/** One line and, when it is open, its working, why it is bought so, and where. */
export function LineRows({ line, plan, taxed }: { line: Line; plan: Plan; taxed: boolean }) {
  const reader = useReader();
  const market = useMarket();
  const { line: openLine, toggleLine } = useSelection();
  const open = openLine === line.id;
  const working = useWorking(open ? line.id : null);
  if (!market) return null;
  const { name, note } = sayLine(line, reader, market);
  const amount = (value: number) => {
    if (line.unit === 'piece') return printNumber(value, 0);
    const { figure, unit } = lengthText(aboutLength(value, plan.units), plan.units);
    return (
      <>
        {figure}
        <span className="unit">{unit}</span>
      </>
    );
  };
  const yards = [...new Set(line.units.map((u) => u.yard))].filter((y) => y !== '');
  const at = plan.buying.yards.length > 1 ? yards.map((y) => market.yard(y).name).join(', ') : '';
  const mass = massText(line.weight, reader.system);
  return (
    <Fragment>
      <tr className="line" data-open={open ? 'yes' : 'no'} data-line={line.id}>
        <th scope="row">
          <button type="button" className="linebtn" aria-expanded={open} onClick={() => toggleLine(line.id)}>
            {name}
            <span className="note">{[note, at, fromShed(line)].filter((n) => n !== '').join(', ')}</span>
          </button>
        </th>
        <td data-name="need">{amount(line.need)}</td>
        <td data-name="buy">{amount(line.buy)}</td>
        <td data-name="left">{amount(line.left)}</td>
        <td data-name="weight" className="weight">
          {mass.figure}
          <span className="unit">{mass.unit}</span>
        </td>
        <td data-name="each" className="each">
          {line.units.map((u, i) => (
            <span key={i}>{u.price === null ? '–' : reader.money(u.price)}</span>
          ))}
        </td>
        {taxed && (
          <td data-name="tax" className="tax">
            {line.tax === null ? '–' : reader.money(Math.round(line.tax))}
          </td>
        )}
        <td data-name="">{line.price === null ? 'no price' : reader.money(line.price)}</td>
      </tr>
      {open && (
        <tr className="workingrow" ref={working ? showRow : null}>
          <td colSpan={taxed ? 8 : 7}>
            {working && <WorkingTable term={working} />}
            <p style={{ margin: '8px 0 0' }}>{sayReason(line, reader)}</p>
            <p className="small" style={{ margin: '2px 0 0' }}>
              {sayWeightAndTax(line, reader, market)}
            </p>
            <BuyAt line={line} plan={plan} />
          </td>
        </tr>
      )}
    </Fragment>
  );
}

const goodsOf = (line: Line): string => `${line.detail.kind}:${line.product}`;

/** Where two yards are bought at, one line can be kept to one of them. */
function BuyAt({ line, plan }: { line: Line; plan: Plan }) {
  const market = useMarket();
  const take = usePlan((s) => s.take);
  const { yards, from } = plan.buying;
  if (!market || yards.length < 2) return null;
  const goods = goodsOf(line);
  return (
    <div style={{ marginTop: 8 }}>
      <Choice
        name="Buy it at"
        value={from[goods] ?? ''}
        options={[
          { value: '', label: 'wherever the whole is cheapest' },
          ...yards.map((id) => ({ value: id, label: market.yard(id).name })),
        ]}
        onChoose={(yard) => {
          take({ verb: 'buy-from', goods, yard: yard === '' ? null : yard });
        }}
      />
    </div>
  );
}

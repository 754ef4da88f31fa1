import { printNumber, massOf } from '@aviarum/core';
import { useMarket } from '../state/market';
import { useReader } from '../state/reckoningStore';
import type { ReckoningView } from '../workers/view';

/** What all lines come to: deliveries, tax that is added, and what is to pay. */
export function Totals({ docket, columns }: { docket: ReckoningView['docket']; columns: number }) {
  const reader = useReader();
  const market = useMarket();
  if (!market) return null;
  const held = docket.taxes.filter((t) => t.stated === 'with');
  const added = docket.taxes.filter((t) => t.stated === 'without');
  const row = (key: string, name: string, money: number) => (
    <tr className="sumrow" key={key}>
      <th scope="row" colSpan={columns - 2}>
        {name}
      </th>
      <td colSpan={2}>{reader.money(money)}</td>
    </tr>
  );
  const rate = (share: number) =>
    `${printNumber(share * 100, share * 100 === Math.round(share * 100) ? 0 : 1)} %`;
  return (
    <tbody className="sums">
      {docket.yards.map(({ yard, delivery }) =>
        delivery > 0 ? row(`d ${yard}`, `Delivery by ${market.yard(yard).name}, once`, delivery) : null,
      )}
      {added.map((t) => row(`t ${t.rate}`, `Tax to add, ${rate(t.rate)} of prices stated without it`, t.tax))}
      <tr className="totalrow">
        <th scope="row" colSpan={columns - 2}>
          {docket.complete ? 'To pay' : 'To pay, at least'}
          <span className="soft small groupweight">about {massOf(docket.weight, reader)} to carry home</span>
        </th>
        <td colSpan={2}>{reader.money(docket.total)}</td>
      </tr>
      {held.map((t) => (
        <tr className="sumrow" key={`h ${t.rate}`}>
          <th scope="row" colSpan={columns - 2} className="soft">
            of which tax held in the prices, {rate(t.rate)}
          </th>
          <td colSpan={2} className="soft">
            {reader.money(t.tax)}
          </td>
        </tr>
      ))}
    </tbody>
  );
}

import { type Energy, monthName, printNumber } from '@aviarum/core';

/** Sun and battery month by month. */
export function Months({ energy }: { energy: Energy }) {
  return (
    <table className="months">
      <caption>Each day of the month, Ah</caption>
      <thead>
        <tr>
          <th scope="col">Month</th>
          <th scope="col">Sun, h</th>
          <th scope="col">Gained</th>
          <th scope="col">Used</th>
          <th scope="col">Left over</th>
        </tr>
      </thead>
      <tbody>
        {energy.sun.map((hours, month) => {
          const gain = energy.gain[month] ?? 0;
          const over = gain - energy.use;
          return (
            <tr key={month} data-short={over < 0 ? 'yes' : 'no'}>
              <th scope="row">{monthName(month)}</th>
              <td>{printNumber(hours, 1)}</td>
              <td>{printNumber(gain, 1)}</td>
              <td>{printNumber(energy.use, 1)}</td>
              <td>{over < 0 ? `−${printNumber(-over, 1)}` : printNumber(over, 1)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

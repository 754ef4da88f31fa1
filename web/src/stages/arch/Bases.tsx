import { type OnBase } from '@aviarum/core';
import { Suspense, lazy, useState } from 'react';
import { useReader } from '../../state/reckoningStore';

const ArchChart = lazy(() => import('./ArchChart'));

/** What the arch would be on other bases: a chart, and its figures as a table. */
export function Bases({
  rows,
  base,
  onTake,
}: {
  rows: readonly OnBase[];
  base: number;
  onTake: (base: number) => void;
}) {
  const reader = useReader();
  const [open, setOpen] = useState(false);
  if (rows.length < 2) return null;
  return (
    <>
      <Suspense fallback={<div className="archchart tocome" />}>
        <ArchChart rows={rows} base={base} />
      </Suspense>
      <button type="button" className="linebtn" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Hide the table' : 'As a table'}
      </button>
      {open && (
        <table className="bases">
          <caption className="sr-only">The arch on other bases</caption>
          <thead>
            <tr>
              <th scope="col">base</th>
              <th scope="col">height</th>
              <th scope="col">wide</th>
              <th scope="col">floor</th>
              <th scope="col">birds</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.base} data-own={Math.abs(row.base - base) < 1e-4 ? 'yes' : 'no'}>
                <th scope="row">
                  <button
                    type="button"
                    className="linebtn"
                    aria-label={`Make the base ${reader.length(row.base)}`}
                    onClick={() => onTake(row.base)}
                  >
                    {reader.length(row.base)}
                  </button>
                </th>
                <td>{reader.about(row.top)}</td>
                <td>{row.wide > 0 ? reader.about(row.wide) : '–'}</td>
                <td>{reader.area(row.floor)}</td>
                <td>{row.birds ?? '–'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}

import { useState } from 'react';
import { WorkingTable } from '../docket/WorkingTable';
import { useWorking } from '../state/reckoningStore';

/** A headline figure that shows its working when asked. */
export function HeadlineWorking({
  name,
  figure,
  working,
}: {
  name: string;
  figure: string;
  working: string;
}) {
  const [open, setOpen] = useState(false);
  const term = useWorking(open ? `headline:${working}` : null);
  return (
    <>
      <dt>
        <button type="button" className="linebtn" aria-expanded={open} onClick={() => setOpen(!open)}>
          {name}
        </button>
      </dt>
      <dd className="figure">{figure}</dd>
      {open && term && (
        <dd
          style={{
            gridColumn: '1 / -1',
            textAlign: 'left',
            background: 'var(--yolk-wash)',
            padding: '6px 10px',
          }}
        >
          <WorkingTable term={term} />
        </dd>
      )}
    </>
  );
}

import { type Plan, reckon, writePlan } from '@aviarum/core';

function download(name: string, type: string, text: string) {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

const slug = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '') || 'plan';

/** The plan taken away as files. */
export function Files({ plan }: { plan: Plan }) {
  const name = slug(plan.name);
  const csv = async (which: 'docketCsv' | 'cutListCsv') => {
    const sheets = await import('@aviarum/core/csv');
    download(
      `${name}-${which === 'docketCsv' ? 'docket' : 'cut-list'}.csv`,
      'text/csv;charset=utf-8',
      sheets[which](plan, reckon(plan)),
    );
  };
  return (
    <div className="noprint" style={{ display: 'flex', gap: 8, flexWrap: 'wrap', marginTop: 22 }}>
      <button type="button" className="btn" onClick={() => void csv('docketCsv')}>
        Docket as CSV
      </button>
      <button type="button" className="btn" onClick={() => void csv('cutListCsv')}>
        Cut list as CSV
      </button>
      <button
        type="button"
        className="btn"
        onClick={() => download(`${name}.json`, 'application/json', writePlan(plan))}
      >
        Plan as a file
      </button>
      <button type="button" className="btn" onClick={() => window.print()}>
        Print
      </button>
    </div>
  );
}

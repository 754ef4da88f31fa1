import type { Problem } from '@aviarum/core';

/** What was refused and how to mend it. */
export function Problems({ title, problems }: { title: string; problems: readonly Problem[] }) {
  if (problems.length === 0) return null;
  return (
    <div className="finding" data-severity="blocks" role="alert">
      <p>
        <b>{title}</b>
      </p>
      <ul style={{ margin: 0, paddingLeft: 18, listStyle: 'square' }}>
        {problems.slice(0, 12).map((p) => (
          <li key={p.pointer + p.code}>{p.message}</li>
        ))}
      </ul>
      {problems.length > 12 && <p>and {problems.length - 12} more</p>}
    </div>
  );
}

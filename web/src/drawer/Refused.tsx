import type { Problem } from '@aviarum/core';

/** Why a file was not taken, field by field. */
export function Refused({ problems }: { problems: readonly Problem[] | null }) {
  if (!problems) return null;
  return (
    <div className="finding" data-severity="blocks" role="alert" style={{ flexBasis: '100%' }}>
      <p>
        <b>The file was not taken.</b>
      </p>
      <ul style={{ margin: 0, paddingLeft: 18, listStyle: 'square' }}>
        {problems.slice(0, 12).map((p) => (
          <li key={p.pointer + p.code}>
            {p.pointer !== '' && <code>{p.pointer}</code>} {p.message}
          </li>
        ))}
      </ul>
      {problems.length > 12 && <p>and {problems.length - 12} more</p>}
    </div>
  );
}

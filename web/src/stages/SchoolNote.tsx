import { SCHOOLS, type School } from '@aviarum/core';

/** Where keepers disagree: the schools side by side, and ours with its reason. */
export function SchoolNote({ id }: { id: keyof typeof SCHOOLS }) {
  const school: School = SCHOOLS[id];
  return (
    <div className="school" role="note" aria-label={school.question}>
      <b>{school.question}</b>
      <ul>
        {school.schools.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
      <p>
        <b>Ours:</b> {school.ours}
      </p>
    </div>
  );
}

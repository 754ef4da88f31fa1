import { SCHOOLS, type School, inUnits } from '@aviarum/core';
import { useReader } from '../state/reckoningStore';

/** Where keepers disagree: the schools side by side, and ours with its reason. */
export function SchoolNote({ id }: { id: keyof typeof SCHOOLS }) {
  const school: School = SCHOOLS[id];
  const { system } = useReader();
  return (
    <div className="school" role="note" aria-label={school.question}>
      <b>{school.question}</b>
      <ul>
        {school.schools.map((text) => (
          <li key={text}>{inUnits(text, system)}</li>
        ))}
      </ul>
      <p>
        <b>Ours:</b> {inUnits(school.ours, system)}
      </p>
    </div>
  );
}

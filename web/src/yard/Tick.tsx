import type { Plan } from '@aviarum/core';
import type { ReactNode } from 'react';
import { usePlan } from '../state/planStore';

/** A row of the sheet with its box: done is kept with the plan. */
export function Tick({
  plan,
  part,
  name,
  children,
}: {
  plan: Plan;
  part: string;
  name: string;
  children: ReactNode;
}) {
  const take = usePlan((s) => s.take);
  const done = plan.stakedOut.includes(part);
  return (
    <label className="tick" data-done={done ? 'yes' : 'no'}>
      <input
        type="checkbox"
        checked={done}
        aria-label={`${name}, done`}
        onChange={() => take({ verb: 'tick-off', stake: part, done: done ? 'no' : 'yes' })}
      />
      <span>{children}</span>
    </label>
  );
}

import type { Plan } from '@aviarum/core';
import type { ReactNode } from 'react';
import { usePlan } from '../state/planStore';

/** A row with its box, to be hit with a thumb in gloves. */
export function TickBox({
  done,
  name,
  onTick,
  children,
}: {
  done: boolean;
  name: string;
  onTick: () => void;
  children: ReactNode;
}) {
  return (
    <label className="tick" data-done={done ? 'yes' : 'no'}>
      <input type="checkbox" checked={done} aria-label={name} onChange={onTick} />
      <span>{children}</span>
    </label>
  );
}

/** A row of the stake-out sheet: done is kept with the plan. */
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
    <TickBox
      done={done}
      name={`${name}, done`}
      onTick={() => take({ verb: 'tick-off', stake: part, done: done ? 'no' : 'yes' })}
    >
      {children}
    </TickBox>
  );
}

import { newId } from '@aviarum/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { createPlan } from '../api/client';
import { cardOfPlan } from '../state/cards';
import { device } from '../state/device';
import { usePlan } from '../state/planStore';
import { adoptPlan } from '../state/saving';
import { type Asked, FIRST_ASKED, answerOf, readAsked } from './asked';

const keyOf = (holding: string) => `proposal ${holding}`;
const freshId = () => newId('p', [], Math.random) + newId('', [], Math.random);

/** What was asked before on this device, read once; what is typed now is kept there until the plan is saved. */
function useAsked(holding: string) {
  const [asked, setAsked] = useState<Asked>(FIRST_ASKED);
  const [id, setId] = useState(freshId);
  const typing = useRef(false);
  useEffect(() => {
    let current = true;
    void device.read(keyOf(holding)).then((kept) => {
      // What is typed meanwhile is newer than what was kept.
      if (!current || kept === undefined || typing.current) return;
      const { id: before, asked: typed } = kept as { id?: unknown; asked?: unknown };
      setAsked(readAsked(typed));
      if (typeof before === 'string' && /^[a-z0-9]{9}$/.test(before)) setId(before);
    });
    return () => {
      current = false;
    };
  }, [holding]);
  const set = (to: Partial<Asked>) => {
    typing.current = true;
    const next = { ...asked, ...to };
    setAsked(next);
    void device.write(keyOf(holding), { id, asked: next });
  };
  return { asked, id, set };
}

/**
 * The plan that is asked for, in the store and not saved: it is kept on this device through a reload, and by the server once the keeper says so.
 */
export function useProposal(holding: string) {
  const { asked, id, set } = useAsked(holding);
  const { plan, wrong } = useMemo(() => answerOf(asked, id), [asked, id]);
  useEffect(() => {
    if (plan) usePlan.getState().open(holding, plan);
  }, [holding, plan]);
  /** @throws ApiError or NoConnection where it was not saved: it is still kept here */
  const keep = async (): Promise<string | null> => {
    if (!plan) return null;
    const made = await createPlan(holding, plan, cardOfPlan(plan));
    adoptPlan(holding, plan, made);
    await device.remove(keyOf(holding));
    return plan.id;
  };
  return { asked, set, plan, wrong, keep };
}

import {
  marketOf,
  editionOf,
  makeReader,
  type Change,
  type Effect,
  type Market,
  type Plan,
  type Reader,
  type Term,
} from '@aviarum/core';
import { useEffect, useMemo, useState } from 'react';
import { create } from 'zustand';
import type { ReckoningView } from '../workers/view';
import { ReckonClient } from '../workers/reckonClient';
import { usePlan } from './planStore';

interface ReckoningState {
  readonly reckoning: ReckoningView | null;
  /** The plan that the reckoning belongs to; another than the plan in hand while the worker is at it. */
  readonly of: Plan | null;
  readonly failed: string | null;
  readonly version: number;
}

export const useReckoning = create<ReckoningState>()(() => ({
  reckoning: null,
  of: null,
  failed: null,
  version: 0,
}));

/** Whether the figures shown are those of a plan before the one in hand. */
export function useBehind(): boolean {
  const { of, failed } = useReckoning();
  const plan = usePlan((s) => s.plan);
  return plan !== of && failed === null;
}

/** Whether the sums of the plan in hand failed, so that what is shown belongs to an earlier step. */
export const useOutOfDate = (): boolean => useReckoning(({ failed }) => failed !== null);

let client: ReckonClient | undefined;

/** Starts the worker and follows the plan store: whole plans when opened or undone, changes otherwise. */
export function followPlan(): () => void {
  client ??= new ReckonClient({
    plan: () => usePlan.getState().plan,
    // Nothing newer waits when it comes: every plan is sent in the turn in which it is set.
    onReckoned: (reckoning) =>
      useReckoning.setState((s) => ({
        reckoning,
        of: usePlan.getState().plan,
        failed: null,
        version: s.version + 1,
      })),
    onFailed: (failed) => useReckoning.setState({ failed }),
    make: () => new Worker(new URL('../workers/reckon.worker.ts', import.meta.url), { type: 'module' }),
  });
  const worker = client;
  const send = (plan: Plan, changes: readonly Change[] | null) =>
    worker.send(changes && !worker.planWaits && !worker.broken ? { changes } : { plan });
  const { plan } = usePlan.getState();
  if (plan) send(plan, null);
  return usePlan.subscribe((now, before) => {
    if (now.plan && now.plan !== before.plan) send(now.plan, now.changes);
  });
}

/** The reckoning worker, once a plan was opened. */
export const reckoningWorker = () => client?.api;

/** A working by id, asked for when it is opened and again whenever the plan was reckoned anew. */
export function useWorking(id: string | null): Term | null {
  const version = useReckoning((s) => s.version);
  const [term, setTerm] = useState<{ id: string; term: Term | null } | null>(null);
  useEffect(() => {
    let current = true;
    if (id !== null) void client?.api.working(id).then((found) => current && setTerm({ id, term: found }));
    return () => {
      current = false;
    };
  }, [id, version]);
  return term && term.id === id ? term.term : null;
}

/** What each change would do to price, hours, opening and matters; empty until the worker has looked. */
export function useEffects(changes: readonly Change[]): readonly Effect[] {
  const version = useReckoning((s) => s.version);
  const [effects, setEffects] = useState<readonly Effect[]>([]);
  const key = JSON.stringify(changes);
  useEffect(() => {
    let current = true;
    const asked = JSON.parse(key) as Change[];
    // After the edit itself has been drawn: previews never delay it.
    const timer = setTimeout(() => {
      if (asked.length > 0)
        void client?.api.effects(asked).then((found) => current && found && setEffects(found));
    }, 60);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [key, version]);
  return effects;
}

export function useReader(): Reader {
  const units = usePlan((s) => s.plan?.units ?? 'metric');
  const currency = usePlan((s) => s.plan?.currency ?? 'XXX');
  return useMemo(() => makeReader(units, currency), [units, currency]);
}

export function useMarket(): Market | null {
  const plan = usePlan((s) => s.plan);
  return useMemo(() => (plan ? marketOf(editionOf(plan), plan.buying) : null), [plan]);
}

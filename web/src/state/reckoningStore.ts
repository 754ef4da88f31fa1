import {
  makeReader,
  type Change,
  type Effect,
  NO_PROOFS,
  type ProofBook,
  type StageId,
  type Plan,
  type Reader,
  type Term,
  type ToldVerdict,
  type VerdictAsked,
  type VerdictMend,
} from '@aviarum/core';
import { useEffect, useMemo, useState } from 'react';
import type { Feed } from '../workers/feed';
import type { ToldMending } from '../workers/reckon.worker';
import { PreviewClient, ReckonClient } from '../workers/reckonClient';
import { startWorker } from '../workers/start';
import { workerAhead } from './ahead';
import { usePlan } from './planStore';
import { useReckoning } from './reckoned';
import { keepProofs, openProofs, proofsInHand } from './proofs';

export { useReckoning } from './reckoned';

/** Whether the figures shown are those of a plan before the one in hand. */
export function useBehind(): boolean {
  const { of, failed } = useReckoning();
  const plan = usePlan((s) => s.plan);
  return plan !== of && failed === null;
}

/** Whether the sums of the plan in hand failed, so that what is shown belongs to an earlier step. */
export const useOutOfDate = (): boolean => useReckoning(({ failed }) => failed !== null);

/** The plan in hand, whole, with all that was found about it. */
function whole(): Feed | null {
  const { plan } = usePlan.getState();
  return plan && { plan, changes: [], proofs: proofsInHand() };
}

let client: ReckonClient | undefined;
let previews: PreviewClient | undefined;

function tell(feed: Feed): void {
  client?.send(feed);
  previews?.follow(feed);
}

/** Starts the worker and follows the plan store: whole plans when opened or undone, changes otherwise. */
export function followPlan(): () => void {
  client ??= new ReckonClient({
    whole,
    // Nothing newer waits when it comes: every plan is sent in the turn in which it is set.
    onReckoned: (reckoning, sequence) =>
      useReckoning.setState({
        reckoning,
        of: usePlan.getState().plan,
        failed: null,
        version: sequence,
      }),
    onFailed: (failed) => useReckoning.setState({ failed }),
    make: () => workerAhead() ?? startWorker(),
  });
  previews ??= new PreviewClient({ whole, make: startWorker });
  const { plan, holding } = usePlan.getState();
  if (plan) {
    void openProofs(holding, plan.id).then((found) => {
      if (found && found !== NO_PROOFS) tell({ plan: null, changes: [], proofs: found });
    });
    tell({ plan, changes: [], proofs: proofsInHand() });
  }
  return usePlan.subscribe((now, before) => {
    if (!now.plan || now.plan === before.plan) return;
    tell(
      now.changes
        ? { plan: null, changes: now.changes, proofs: null }
        : { plan: now.plan, changes: [], proofs: null },
    );
  });
}

/** Reckons the plan in hand anew with what was found about it, and keeps that. */
export function learn(plan: Plan, proofs: ProofBook): void {
  const { holding, plan: now } = usePlan.getState();
  keepProofs(holding, plan.id, proofs);
  if (now?.id === plan.id) tell({ plan: null, changes: [], proofs });
}

/**
 * What mends a stage's findings, one answer a finding in their order; null until each was tried on the plan that is shown.
 *
 * @param asks  whether the stage has any finding at all
 */
export function useMends(stage: StageId, asks: 'some' | 'none'): readonly ToldMending[] | null {
  const version = useReckoning((s) => s.version);
  const [found, setFound] = useState<{
    stage: StageId;
    version: number;
    told: readonly ToldMending[];
  } | null>(null);
  useEffect(() => {
    let current = true;
    if (asks === 'none' || useReckoning.getState().reckoning === null) return undefined;
    // After the edit itself has been drawn: trying never delays it.
    const timer = setTimeout(() => {
      void previews?.mends(stage).then((told) => current && told && setFound({ stage, version, told }));
    }, 60);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [stage, version, asks]);
  return found?.version === version && found.stage === stage ? found.told : null;
}

const NO_VERDICTS: readonly ToldVerdict[] = [];

/** How every part meets everybody who is about: asked for by what shows it, again whenever the plan was reckoned anew. */
export function useVerdicts(): readonly ToldVerdict[] {
  const version = useReckoning((s) => s.version);
  const [verdicts, setVerdicts] = useState(NO_VERDICTS);
  useEffect(() => {
    let current = true;
    if (useReckoning.getState().reckoning !== null)
      void client?.api.verdicts().then((told) => current && setVerdicts(told));
    return () => {
      current = false;
    };
  }, [version]);
  return verdicts;
}

/** What mends a verdict, tried on the plan that is shown; null until it was. */
export function useVerdictMends(asked: VerdictAsked | null): readonly VerdictMend[] | null {
  const version = useReckoning((s) => s.version);
  const [found, setFound] = useState<{ key: string; mends: readonly VerdictMend[] } | null>(null);
  const key = asked && `${version} ${JSON.stringify(asked)}`;
  useEffect(() => {
    let current = true;
    if (key === null || useReckoning.getState().reckoning === null) return undefined;
    const about = JSON.parse(key.slice(key.indexOf(' ') + 1)) as VerdictAsked;
    const timer = setTimeout(() => {
      void previews?.verdictMends(about).then((mends) => current && setFound({ key, mends }));
    }, 60);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [key]);
  return found !== null && found.key === key ? found.mends : null;
}

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

const NO_EFFECTS: readonly Effect[] = [];

/** What each change would do to price, hours, opening and matters; empty until the worker has looked. */
export function useEffects(changes: readonly Change[]): readonly Effect[] {
  const version = useReckoning((s) => s.version);
  const [known, setKnown] = useState<{ key: string; effects: readonly Effect[] } | null>(null);
  const key = JSON.stringify(changes);
  useEffect(() => {
    let current = true;
    // A plan that was just opened has its own figures worked out first.
    if (useReckoning.getState().reckoning === null) return undefined;
    const asked = JSON.parse(key) as Change[];
    // After the edit itself has been drawn: previews never delay it.
    const timer = setTimeout(() => {
      if (asked.length > 0)
        void previews?.effects(asked).then((found) => current && found && setKnown({ key, effects: found }));
    }, 60);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [key, version]);
  // Those of other changes would stand at the wrong buttons.
  return known?.key === key ? known.effects : NO_EFFECTS;
}

export function useReader(): Reader {
  const units = usePlan((s) => s.plan?.units ?? 'metric');
  const currency = usePlan((s) => s.plan?.currency ?? 'XXX');
  return useMemo(() => makeReader(units, currency), [units, currency]);
}

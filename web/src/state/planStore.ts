import { type Change, type Finding, type Plan, apply, blocking } from '@aviarum/core';
import { temporal } from 'zundo';
import { create } from 'zustand';

/** A change that cannot be built: kept and shown in red, with the last good plan behind it. */
export interface Draft {
  readonly plan: Plan;
  readonly findings: readonly Finding[];
}

interface PlanState {
  readonly holding: string;
  readonly plan: Plan | null;
  /** What the last step did, for undo to say; null where a plan was opened. */
  readonly last: Change | null;
  readonly draft: Draft | null;
  /** The plan as a drag has it, not yet let go. */
  readonly held: Plan | null;
  /** Changes that led from the plan before to this one; null where it was opened, undone or redone. */
  readonly changes: readonly Change[] | null;
  open: (holding: string, plan: Plan, draft?: Plan) => void;
  /** One undo step. A change that blocks becomes a draft instead. */
  take: (change: Change) => void;
  hold: (change: Change) => void;
  letGo: () => void;
  dropDraft: () => void;
}

type Remembered = Pick<PlanState, 'plan' | 'last'>;

/** The plan in hand. Undo keeps 200 steps a tab; a drag held until it is let go is one of them. */
export const usePlan = create<PlanState>()(
  temporal(
    (set, get) => ({
      holding: '',
      plan: null,
      last: null,
      draft: null,
      held: null,
      changes: null,
      open: (holding, plan, draft) => {
        const findings = draft ? blocking(draft) : [];
        set({
          holding,
          plan,
          last: null,
          held: null,
          changes: null,
          draft: draft && findings.length > 0 ? { plan: draft, findings } : null,
        });
        usePlan.temporal.getState().clear();
      },
      take: (change) => {
        const { plan, draft } = get();
        if (!plan) return;
        const next = apply(draft?.plan ?? plan, change);
        const findings = blocking(next);
        if (findings.length > 0) set({ draft: { plan: next, findings }, held: null });
        else set({ plan: next, last: change, draft: null, held: null, changes: draft ? null : [change] });
      },
      hold: (change) => {
        const { plan, draft } = get();
        if (plan) set({ held: apply(draft?.plan ?? plan, change) });
      },
      letGo: () => set({ held: null }),
      dropDraft: () => set({ draft: null }),
    }),
    {
      limit: 200,
      partialize: ({ plan, last }): Remembered => ({ plan, last }),
      // Only a new plan is a step: holding, drafting and reckoning are not.
      equality: (before, after) => before.plan === after.plan,
    },
  ),
);

/** The plan as the screen should draw it: held, drafted, or as it stands. */
export const shownPlan = (state: Pick<PlanState, 'plan' | 'draft' | 'held'>): Plan | null =>
  state.held ?? state.draft?.plan ?? state.plan;

function step(direction: 'undo' | 'redo') {
  usePlan.setState({ draft: null, held: null, changes: null });
  usePlan.temporal.getState()[direction]();
}
export const undo = () => step('undo');
export const redo = () => step('redo');

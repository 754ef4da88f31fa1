import { beforeEach, describe, expect, test } from '@jest/globals';
import { DEMO_PLANS, proposePlan } from '@aviarum/core';
import { redo, shownPlan, undo, usePlan } from './planStore';

const plan = proposePlan({ id: 'p1', name: 'Run', units: 'metric', flock: [], houseWidth: 2.4 });
const depth = () => Math.max(...(usePlan.getState().plan?.corners.map((c) => c.x) ?? [NaN]));
const pull = (by: number) => ({ verb: 'move-side', side: 's2', by }) as const;
const past = () => usePlan.temporal.getState().pastStates.length;

beforeEach(() => usePlan.getState().open('home', plan));

describe('the plan in hand', () => {
  test('a drag of forty moves is one undo step', () => {
    const before = depth();
    for (let i = 1; i <= 40; i++) usePlan.getState().hold(pull(i / 10));
    expect(past()).toBe(0);
    expect(shownPlan(usePlan.getState())).not.toBe(usePlan.getState().plan);
    usePlan.getState().take(pull(4));
    expect(past()).toBe(1);
    expect(depth()).toBeCloseTo(before + 4, 9);
    undo();
    expect(depth()).toBe(before);
    redo();
    expect(depth()).toBeCloseTo(before + 4, 9);
    expect(usePlan.getState().last).toEqual(pull(4));
  });

  test('letting go of a drag that went nowhere leaves no step', () => {
    usePlan.getState().hold(pull(1));
    usePlan.getState().letGo();
    expect([past(), usePlan.getState().held]).toEqual([0, null]);
  });

  test('what cannot be built is a draft; the good plan stays, and mending the draft takes it', () => {
    const good = usePlan.getState().plan;
    usePlan.getState().take({ verb: 'set-opening', id: 'g1', to: { along: 90 } });
    expect(usePlan.getState().plan).toBe(good);
    expect(usePlan.getState().draft?.findings.map((f) => f.code)).toEqual(['gate.past-end']);
    usePlan.getState().take(pull(0.5));
    expect(usePlan.getState().plan).toBe(good);
    usePlan.getState().take({ verb: 'set-opening', id: 'g1', to: { along: 0.2 } });
    expect(usePlan.getState().draft).toBeNull();
    // Both changes made to the draft are in the plan, as one step.
    expect(usePlan.getState().plan?.openings[0]?.along).toBe(0.2);
    expect(past()).toBe(1);
  });

  test('undo keeps two hundred steps', () => {
    for (let i = 0; i < 230; i++) usePlan.getState().take(pull(0.1));
    expect(past()).toBe(200);
  });

  test('opening another plan forgets the steps of the last', () => {
    usePlan.getState().take(pull(1));
    const [demo] = DEMO_PLANS;
    if (!demo) throw new Error('no demo plan');
    usePlan.getState().open('hollin-bank', demo);
    expect(past()).toBe(0);
  });
});

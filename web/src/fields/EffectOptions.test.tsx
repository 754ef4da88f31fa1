import { afterEach, expect, test } from '@jest/globals';
import { WHOLE_PLAN, emptyPlan } from '@aviarum/core';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { usePlan } from '../state/planStore';
import { EffectOptions } from './EffectOptions';

afterEach(cleanup);

function options() {
  usePlan.getState().open('home', emptyPlan('p', 'P', 'metric'));
  render(
    <EffectOptions
      name="Hanging"
      options={(['continuous', 'side-by-side'] as const).map((hanging) => ({
        key: hanging,
        title: hanging,
        note: hanging === 'continuous' ? 'fewer cuts' : '',
        chosen: hanging === 'continuous',
        change: { verb: 'set-hanging', scope: WHOLE_PLAN, hanging },
      }))}
    />,
  );
}

test('the chosen option says so, the others say what they would do once that is known', () => {
  options();
  const chosen = screen.getByRole('radio', { name: 'continuous, fewer cuts' });
  expect((chosen as HTMLInputElement).checked).toBe(true);
  const cells = (name: string) =>
    [...(screen.getByRole('radio', { name }).closest('label')?.querySelectorAll('.effect') ?? [])].map(
      (cell) => cell.textContent,
    );
  expect(cells('continuous, fewer cuts')).toEqual(['chosen']);
  // No worker answers here: price, hours and opening are still being looked at.
  expect(cells('side-by-side')).toEqual(['…', '…', '…']);
});

test('choosing takes the change, and undo knows what it was', () => {
  options();
  fireEvent.click(screen.getByRole('radio', { name: 'side-by-side' }));
  const { plan } = usePlan.getState();
  expect(plan?.choices.plan.hanging).toBe('side-by-side');
  expect(usePlan.getState().last?.verb).toBe('set-hanging');
});

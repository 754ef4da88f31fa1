import { afterEach, describe, expect, test } from '@jest/globals';
import { DEMO_PLANS, type Plan, apply } from '@aviarum/core';
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { usePlan } from '../../state/planStore';
import { inHand, shown } from '../../testing/shown';
import { ExtraFields } from './ExtraFields';
import { YardFields } from './YardFields';

afterEach(cleanup);
const [orchard] = DEMO_PLANS as [Plan, Plan];
const now = () => usePlan.getState().plan as Plan;

function Fields({ of: Part }: { of: typeof YardFields }) {
  const plan = usePlan((s) => s.plan);
  return plan && <Part plan={plan} />;
}

describe('where to buy', () => {
  test('one yard is chosen, the other and both are offered with what they state', () => {
    inHand(orchard);
    shown(<Fields of={YardFields} />);
    const radio = (name: RegExp) => screen.getByRole<HTMLInputElement>('radio', { name });
    expect(radio(/^Far Gate Supplies, sells in metres, prices with tax/).checked).toBe(true);
    expect(radio(/^Longacre Farm Store, sells in feet, prices without tax/).checked).toBe(false);
    fireEvent.click(radio(/^Either or both/));
    expect(now().buying.yards).toEqual(['far-gate', 'longacre']);
  });
  test('goods can be fetched instead of delivered, and the price of delivery is said', () => {
    inHand(orchard);
    shown(<Fields of={YardFields} />);
    expect(screen.getByRole<HTMLInputElement>('radio', { name: 'delivered, 25.00 once' }).checked).toBe(true);
    fireEvent.click(screen.getByRole('radio', { name: 'fetched' }));
    expect(now().buying.fetched).toEqual(['far-gate']);
  });
});

describe('pieces beside the fence', () => {
  test('are added as a vent, changed in place, and taken out', () => {
    inHand(orchard);
    shown(<Fields of={ExtraFields} />);
    fireEvent.click(screen.getByRole('button', { name: 'Add a vent or patch' }));
    const [extra] = now().extras;
    expect(extra).toMatchObject({ name: 'Vent', width: 0.5, height: 0.4, count: 1 });
    const width = screen.getByRole('textbox', { name: 'Width' });
    fireEvent.change(width, { target: { value: '62 cm' } });
    fireEvent.keyDown(width, { key: 'Enter' });
    expect(now().extras).toEqual([{ ...extra, width: 0.62 }]);
    fireEvent.click(screen.getByRole('button', { name: 'Remove' }));
    expect(now().extras).toEqual([]);
  });
  test('of none there are none to be cut: nought is not taken', () => {
    const extra = { id: 'v', name: 'vent', mesh: 'fine-13', width: 0.5, height: 0.4, count: 2 };
    inHand(apply(orchard, { verb: 'set-extra', extra }));
    shown(<Fields of={ExtraFields} />);
    const count = screen.getByRole('textbox', { name: 'How many' });
    fireEvent.change(count, { target: { value: '0' } });
    fireEvent.keyDown(count, { key: 'Enter' });
    expect(now().extras[0]?.count).toBe(2);
  });
});

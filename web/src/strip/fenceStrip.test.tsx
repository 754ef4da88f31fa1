import { afterEach, expect, test } from '@jest/globals';
import { type Plan, emptyPlan, newLoop } from '@aviarum/core';
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { inHand, shown } from '../testing/shown';
import { FenceStrip } from './FenceStrip';

afterEach(cleanup);

const SIDE = 12.2;
const empty = emptyPlan('p', 'Paddocks', 'metric');
const { net } = newLoop(empty);
const paddocks = (count: number): Plan => ({
  ...empty,
  nets: Array.from({ length: count }, (_, i) => ({
    ...net,
    id: `n${i}`,
    name: `Paddock ${i + 1}`,
    points: [
      { x: 18 * i, y: 0 },
      { x: 18 * i + SIDE, y: 0 },
      { x: 18 * i + SIDE, y: SIDE },
      { x: 18 * i, y: SIDE },
    ],
  })),
});

test('two nets stand beside each other in the head of the strip', () => {
  inHand(paddocks(2));
  shown(<FenceStrip stage="live" />);
  fireEvent.click(screen.getByRole('button', { name: 'Paddock 2' }));
  expect(screen.getByRole('button', { name: 'Paddock 2' }).getAttribute('aria-pressed')).toBe('true');
});

test('twelve nets are a list: their names would not fit', () => {
  inHand(paddocks(12));
  shown(<FenceStrip stage="live" />);
  const list = screen.getByRole<HTMLSelectElement>('combobox', { name: 'Run shown' });
  expect(list.options).toHaveLength(12);
  fireEvent.change(list, { target: { value: 'n6' } });
  expect(list.selectedOptions[0]?.textContent).toBe('Paddock 7');
  expect(screen.queryByRole('group', { name: 'Run shown' })).toBeNull();
});

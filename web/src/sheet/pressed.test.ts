import { expect, test } from '@jest/globals';
import { pressedOf } from './pressed';
import type { Stop } from './stop';

const stop = (id: string, x: number): Stop => ({
  id,
  name: id,
  value: '',
  at: { x, y: 0 },
  look: 'post',
  room: 1,
  axis: null,
  move: null,
});
const stops = [stop('one', 0), stop('two', 0.1)];
const handle = (id?: string) => {
  const element = document.createElement('i');
  if (id !== undefined) element.dataset.stop = id;
  return element;
};

test('of two handles that lie over each other the nearer is taken, whichever is on top', () => {
  const pressed = pressedOf(stops);
  expect(pressed(handle('two'), { x: 0.02, y: 0 }, 0.4)?.id).toBe('one');
  expect(pressed(handle('two'), { x: 0.09, y: 0 }, 0.4)?.id).toBe('two');
});
test('beside every handle nothing is taken, and at the rim of a wide one that one', () => {
  const pressed = pressedOf(stops);
  expect(pressed(handle(), { x: 0.02, y: 0 }, 0.4)).toBeUndefined();
  expect(pressed(handle('two'), { x: 3, y: 0 }, 0.4)?.id).toBe('two');
  expect(pressedOf([])(handle('gone'), { x: 0, y: 0 }, 0.4)).toBeUndefined();
});

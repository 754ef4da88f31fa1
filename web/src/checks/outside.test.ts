import { expect, jest, test } from '@jest/globals';
import { NoConnection } from '../api/wait';
import { CHECKS } from './checks';

/** Workers that were started: the first never answers. */
const made: { onerror?: (event: unknown) => void; ended: boolean }[] = [];
jest.unstable_mockModule('../checks/start', () => ({
  startChecks: () => {
    const worker = { ended: false, terminate: () => (worker.ended = true) };
    made.push(worker);
    return worker;
  },
}));
jest.unstable_mockModule('comlink', () => ({
  wrap: () => (made.length > 1 ? CHECKS : { answer: () => new Promise(() => undefined) }),
}));
const { outside } = await import('../checks/outside');

test('a checker that dies fails what it was asked, as no connection, and another is begun for the next', async () => {
  const asked = outside.answer('holding', { id: 'h', name: 'Home', example: false });
  made[0]?.onerror?.({ message: 'out of memory', preventDefault: () => undefined });
  await expect(asked).rejects.toThrow('out of memory');
  await expect(asked).rejects.toThrow(NoConnection);
  expect(made.map(({ ended }) => ended)).toEqual([true]);
  expect(await outside.answer('holding', { id: 'h' })).toEqual({ right: false });
  const home = { id: 'h', name: 'Home', example: false };
  expect(await outside.answer('holding', home)).toEqual({ right: true, answer: home });
  expect(made).toHaveLength(2);
});
test('what a device kept is completed, or null where it is damaged', () => {
  expect(CHECKS.plan({ format: 'aviarum-plan' })).toBeNull();
  expect(CHECKS.proofs('nothing of the kind')).toEqual({ method: expect.anything(), cuts: {}, ways: {} });
});

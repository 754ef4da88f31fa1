import { expect, test } from '@jest/globals';
import { proposePlan } from '@aviarum/core';
import { aLoginPage, anAnswer } from '../testing/answers';
import { type ApiError, holdings, plan, savePlan } from './client';
import { NoConnection } from './wait';

const proposed = proposePlan({ id: 'p1', name: 'Run', units: 'metric', flock: [], houseWidth: 2.4 });
const stored = { id: 'p1', name: 'Run', saveNumber: 1, savedAt: '2026-11-28T10:00:00.000Z', plan: proposed };
const answering = (answer: Response) => {
  globalThis.fetch = () => Promise.resolve(answer);
};

test('a right answer is what was asked for; what a newer server says beside it is left out', async () => {
  answering(anAnswer({ ...stored, card: 'newer' }));
  expect(await plan('home', 'p1')).toEqual(stored);
});
test.each([
  ['a plan without its corners', { ...stored, plan: { ...proposed, corners: undefined } }],
  ['a plan of another version', { ...stored, plan: { ...proposed, formatVersion: 99 } }],
  ['something else', { welcome: 'to the network' }],
  ['nothing', null],
])('%s is not taken for the plan that was asked for', async (_, body) => {
  answering(anAnswer(body));
  await expect(plan('home', 'p1')).rejects.toThrow(NoConnection);
});
test('a list with one wrong entry, or a page to sign in at, is no answer', async () => {
  answering(anAnswer([{ id: 'h', name: 'Home', example: false }, { id: 'h' }]));
  await expect(holdings()).rejects.toThrow(NoConnection);
  answering(aLoginPage());
  await expect(holdings()).rejects.toThrow(NoConnection);
});
test('an answer to another save is not taken for the answer to this one', async () => {
  answering(anAnswer({ saveNumber: 9, savedAt: '2026-11-28T10:00:00.000Z' }));
  await expect(savePlan('home', { plan: proposed, card: null, basedOn: 1, saveId: 'a' })).rejects.toThrow(
    NoConnection,
  );
});
test('what the server refuses is said with its fields, and so is a refusal without any', async () => {
  const problems = [{ code: 'too-long', pointer: '/plan/name', message: 'must be shorter' }];
  answering(anAnswer({ title: 'The plan is not right.', problems, savedAt: 'then' }, 422));
  const refused = await holdings().catch((error: unknown) => error as ApiError);
  expect(refused).toMatchObject({ title: 'The plan is not right.', problems, more: { savedAt: 'then' } });
  answering(anAnswer('what?', 500));
  await expect(holdings()).rejects.toThrow('The server answered 500.');
});

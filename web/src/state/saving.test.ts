import { describe, expect, jest, test } from '@jest/globals';
import type { Plan } from '@aviarum/core';
import { anAnswer } from '../testing/answers';
import {
  desk,
  kept,
  openedForEach,
  plan,
  pull,
  saving,
  settle,
  planStore,
  word,
} from '../testing/savingDesk';

const { followSaving, openPlan, takeTheirs, useSaving } = saving;
const { usePlan } = planStore;
const { ownKey, unsentOf } = await import('./unsent');

openedForEach();

describe('saving', () => {
  test('an edit made while a save is under way stays on the device when another plan is opened', async () => {
    let arrive: (answered: Response) => void = () => undefined;
    const server = globalThis.fetch;
    globalThis.fetch = ((url: string, init?: { method?: string }) =>
      init?.method === 'PUT'
        ? new Promise<Response>((done) => (arrive = done))
        : server(url, init)) as typeof fetch;
    pull(0.1);
    await settle(900);
    pull(0.2);
    const newer = usePlan.getState().plan;
    desk.stop();
    desk.stop = () => undefined;
    desk.stored = { plan: { ...plan, id: 'p2' }, saveNumber: 1 };
    await openPlan('home', 'p2');
    arrive(anAnswer({ saveNumber: 2, savedAt: '2026-03-03T09:42:00Z' }));
    await settle(100);
    const [left] = await unsentOf('home', 'p1');
    expect(left).toMatchObject({ plan: newer, basedOn: 2, pending: null });
  });
  test('opened again while its save is being answered, a plan is as it was saved', async () => {
    pull(0.1);
    const mine = usePlan.getState().plan ?? plan;
    desk.stop();
    desk.stop = () => undefined;
    // As the device is read, the server has the save and what was kept of it is gone.
    jest.spyOn(kept, 'keys').mockImplementationOnce(() => {
      kept.clear();
      desk.stored = { plan: mine, saveNumber: 2 };
      return new Map<string, unknown>().keys();
    });
    await openPlan('home', 'p1');
    expect(mine).not.toEqual(plan);
    expect(usePlan.getState().plan).toEqual(mine);
  });
  test('what is changed while the plan is opened once more stays, and is saved', async () => {
    desk.stop();
    const opening = openPlan('home', 'p1');
    pull(0.3);
    const mine = usePlan.getState().plan;
    await opening;
    desk.stop = followSaving();
    expect(usePlan.getState().plan).toBe(mine);
    await settle(1000);
    expect(desk.sent.map((s) => [s.basedOn, s.plan])).toEqual([[1, mine]]);
  });
  test('where it was changed elsewhere as well, that is said and what is in hand stays', async () => {
    desk.stop();
    const opening = openPlan('home', 'p1');
    pull(0.3);
    const mine = usePlan.getState().plan;
    desk.stored = { plan, saveNumber: 5 };
    await opening;
    desk.stop = followSaving();
    await settle(1000);
    expect([usePlan.getState().plan, word(), desk.sent]).toEqual([mine, 'conflict', []]);
  });
  test('waits 800 ms after the last step, and saves the last plan once', async () => {
    pull(0.1);
    await settle(500);
    pull(0.2);
    await settle(700);
    expect(desk.sent).toHaveLength(0);
    await settle(200);
    expect(desk.sent).toHaveLength(1);
    expect(desk.sent[0]).toMatchObject({ basedOn: 1, plan: usePlan.getState().plan });
    expect(word()).toBe('saved');
  });
  test('the next save is based on the last', async () => {
    pull(0.1);
    await settle(900);
    pull(0.1);
    await settle(900);
    expect(desk.sent.map((s) => s.basedOn)).toEqual([1, 2]);
  });
  test('is tried again under the same id when the connection drops, and the work is kept meanwhile', async () => {
    desk.answer = () => new Error('offline');
    pull(0.3);
    await settle(900);
    expect(word()).toBe('unsaved');
    expect([...kept.keys()]).toEqual([ownKey('home', 'p1')]);
    desk.answer = (save) => anAnswer({ saveNumber: save.basedOn + 1, savedAt: '2026-03-03T09:42:00Z' });
    await settle(5000);
    expect(word()).toBe('saved');
    expect(desk.sent.length).toBeGreaterThanOrEqual(2);
    expect(new Set(desk.sent.map((s) => s.saveId)).size).toBe(1);
    expect(kept.size).toBe(0);
  });
  test('what this device had not sent is there when the plan is opened again', async () => {
    desk.answer = () => new Error('offline');
    pull(0.7);
    await settle(900);
    const mine = usePlan.getState().plan;
    desk.stop();
    await openPlan('home', 'p1');
    desk.stop = followSaving();
    expect(usePlan.getState().plan).toEqual(mine);
  });
  test('a change made elsewhere stops saving until the keeper has chosen', async () => {
    desk.answer = () =>
      anAnswer({ title: 'changed elsewhere', saveNumber: 7, savedAt: '2026-03-03T09:42:00Z' }, 409);
    pull(0.3);
    await settle(900);
    expect(useSaving.getState().state).toEqual({ word: 'conflict', at: '2026-03-03T09:42:00Z' });
    pull(0.3);
    await settle(5000);
    expect(desk.sent).toHaveLength(1);
    desk.stored = { plan: { ...plan, name: 'Theirs' }, saveNumber: 7 };
    await takeTheirs();
    expect(usePlan.getState().plan?.name).toBe('Theirs');
    expect(word()).toBe('saved');
  });
  test('never saves inside a gesture, and never a draft', async () => {
    pull(0.1);
    usePlan.getState().hold({ verb: 'move-side', side: 's2', by: 1 });
    await settle(3000);
    expect(desk.sent).toHaveLength(0);
    usePlan.getState().letGo();
    await settle(900);
    expect(desk.sent).toHaveLength(1);
    usePlan.getState().take({ verb: 'set-opening', id: 'g1', to: { along: 90 } });
    await settle(3000);
    expect(desk.sent).toHaveLength(1);
    expect((kept.get(ownKey('home', 'p1')) as { draft: Plan }).draft.openings[0]?.along).toBe(90);
  });

  test('a reply that was lost does not conflict with itself, though the plan has moved on', async () => {
    // A server that keeps the first save, whose answer never arrives.
    let number = 1;
    const known = new Map<string, number>();
    let lost = true;
    desk.answer = (save) => {
      const before = known.get(save.saveId);
      if (before === undefined && save.basedOn !== number)
        return anAnswer({ title: 'changed elsewhere' }, 409);
      if (before === undefined) known.set(save.saveId, (number += 1));
      if (!lost) return anAnswer({ saveNumber: known.get(save.saveId), savedAt: '2026-03-03T09:42:00Z' });
      lost = false;
      return new Error('reply lost');
    };
    pull(0.1);
    await settle(900);
    pull(0.2);
    await settle(9000);
    expect(word()).toBe('saved');
    expect(number).toBe(3);
    expect(desk.sent[desk.sent.length - 1]?.plan).toEqual(usePlan.getState().plan);
    expect(kept.size).toBe(0);
  });
  test('so also when the tab was closed in between', async () => {
    desk.answer = () => new Error('reply lost');
    pull(0.1);
    await settle(900);
    const lostId = desk.sent[0]?.saveId;
    desk.stop();
    desk.stored = { plan: JSON.parse(JSON.stringify(desk.sent[0]?.plan)) as Plan, saveNumber: 2 };
    desk.answer = (save) =>
      save.saveId === lostId
        ? anAnswer({ saveNumber: 2, savedAt: '2026-03-03T09:42:00Z' })
        : anAnswer({}, 409);
    desk.sent = [];
    await openPlan('home', 'p1');
    desk.stop = followSaving();
    await settle(100);
    expect([word(), desk.sent.map((s) => s.saveId)]).toEqual(['saved', [lostId]]);
  });
  test('a save that comes back late leaves the plan opened since alone', async () => {
    let reply: (response: Response) => void = () => undefined;
    const slow = new Promise<Response>((resolve) => (reply = resolve));
    desk.answer = () => slow as unknown as Response;
    pull(0.1);
    await settle(900);
    desk.stop();
    desk.stored = { plan: { ...plan, id: 'p2', name: 'Other' }, saveNumber: 40 };
    await openPlan('home', 'p2');
    desk.stop = followSaving();
    reply(anAnswer({ saveNumber: 2, savedAt: '2026-03-03T09:42:00Z' }));
    await settle(10);
    desk.answer = (save) => anAnswer({ saveNumber: save.basedOn + 1, savedAt: '2026-03-03T09:43:00Z' });
    pull(0.2);
    await settle(900);
    expect(desk.sent[desk.sent.length - 1]).toMatchObject({ basedOn: 40, plan: { id: 'p2' } });
  });
  test('leaving a plan sends what is not sent yet', async () => {
    pull(0.4);
    desk.stop();
    await settle(10);
    expect(desk.sent).toHaveLength(1);
    desk.stop = followSaving();
  });
  test('a draft kept over a plan that is saved is no conflict when somebody else saves', async () => {
    usePlan.getState().take({ verb: 'set-opening', id: 'g1', to: { along: 90 } });
    await settle(10);
    desk.stop();
    desk.stored = { plan: { ...plan, name: 'Theirs' }, saveNumber: 5 };
    await openPlan('home', 'p1');
    desk.stop = followSaving();
    expect([word(), usePlan.getState().plan?.name]).toEqual(['saved', 'Theirs']);
    expect(usePlan.getState().draft?.plan.openings[0]?.along).toBe(90);
  });

  test('a plan that is shown and turns out to be none of the server’s is told, and nothing of it is saved', async () => {
    desk.stop();
    desk.stored = { plan: { ...plan, crew: 'three' } as unknown as Plan, saveNumber: 7 };
    const { checked } = await openPlan('home', 'p1');
    await expect(checked).rejects.toThrow('the answer is not the server’s own');
    desk.stop = followSaving();
    pull(0.3);
    await settle(5000);
    expect(desk.sent).toEqual([]);
  });
  test('what does not even look like a plan is never shown', async () => {
    desk.stored = { plan: { ...plan, formatVersion: 99 } as unknown as Plan, saveNumber: 7 };
    await expect(openPlan('home', 'p1')).rejects.toThrow('the answer is not the server’s own');
    expect(usePlan.getState().plan?.formatVersion).toBe(plan.formatVersion);
  });
});

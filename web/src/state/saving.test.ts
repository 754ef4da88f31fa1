import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { type Plan, proposePlan } from '@aviarum/core';

const kept = new Map<string, unknown>();
jest.unstable_mockModule('idb-keyval', () => ({
  get: (key: string) => Promise.resolve(kept.get(key)),
  set: (key: string, value: unknown) => Promise.resolve(kept.set(key, JSON.parse(JSON.stringify(value)))),
  del: (key: string) => Promise.resolve(kept.delete(key)),
}));
const { usePlan } = await import('./planStore');
const { followSaving, openPlan, takeTheirs, useSaving } = await import('./saving');

const plan = proposePlan({ id: 'p1', name: 'Run', units: 'metric', flock: [], houseWidth: 2.4 });
interface Sent {
  readonly saveId: string;
  readonly basedOn: number;
  readonly plan: Plan;
}
let sent: Sent[] = [];
let answer: (save: Sent) => Response | Error;
let stored = { plan, saveNumber: 1 };
let stop: () => void;

const json = (body: unknown, status = 200) =>
  ({ ok: status < 400, status, json: () => Promise.resolve(body) }) as Response;
const settle = async (ms: number) => {
  await jest.advanceTimersByTimeAsync(ms);
};
const pull = (by: number) => usePlan.getState().take({ verb: 'move-side', side: 's2', by }, 'move side 2');
const word = () => useSaving.getState().state.word;

beforeEach(async () => {
  jest.useFakeTimers();
  kept.clear();
  sent = [];
  stored = { plan, saveNumber: 1 };
  answer = (save) => json({ saveNumber: save.basedOn + 1, savedAt: '2026-03-03T09:42:00Z' });
  globalThis.fetch = ((_url: string, init?: { method?: string; body?: string }) => {
    if (init?.method !== 'PUT')
      return Promise.resolve(json({ id: 'p1', name: 'Run', savedAt: '2026-03-03T09:00:00Z', ...stored }));
    const save = JSON.parse(init.body ?? '') as Sent;
    sent.push(save);
    const given = answer(save);
    return given instanceof Error ? Promise.reject(given) : Promise.resolve(given);
  }) as typeof fetch;
  Object.defineProperty(globalThis.crypto, 'randomUUID', {
    value: () => `save-${Math.random().toString(36).slice(2, 12)}`,
    configurable: true,
  });
  await openPlan('home', 'p1');
  stop = followSaving();
});
afterEach(() => {
  stop();
  jest.useRealTimers();
});

describe('saving', () => {
  test('waits 800 ms after the last step, and saves the last plan once', async () => {
    pull(0.1);
    await settle(500);
    pull(0.2);
    await settle(700);
    expect(sent).toHaveLength(0);
    await settle(200);
    expect(sent).toHaveLength(1);
    expect(sent[0]).toMatchObject({ basedOn: 1, plan: usePlan.getState().plan });
    expect(word()).toBe('saved');
  });
  test('the next save is based on the last', async () => {
    pull(0.1);
    await settle(900);
    pull(0.1);
    await settle(900);
    expect(sent.map((s) => s.basedOn)).toEqual([1, 2]);
  });
  test('is tried again under the same id when the connection drops, and the work is kept meanwhile', async () => {
    answer = () => new Error('offline');
    pull(0.3);
    await settle(900);
    expect(word()).toBe('unsaved');
    expect([...kept.keys()]).toEqual(['unsent home p1']);
    answer = (save) => json({ saveNumber: save.basedOn + 1, savedAt: '2026-03-03T09:42:00Z' });
    await settle(5000);
    expect(word()).toBe('saved');
    expect(sent.length).toBeGreaterThanOrEqual(2);
    expect(new Set(sent.map((s) => s.saveId)).size).toBe(1);
    expect(kept.size).toBe(0);
  });
  test('what this device had not sent is there when the plan is opened again', async () => {
    answer = () => new Error('offline');
    pull(0.7);
    await settle(900);
    const mine = usePlan.getState().plan;
    stop();
    await openPlan('home', 'p1');
    stop = followSaving();
    expect(usePlan.getState().plan).toEqual(mine);
  });
  test('a change made elsewhere stops saving until the keeper has chosen', async () => {
    answer = () => json({ title: 'changed elsewhere', saveNumber: 7, savedAt: '2026-03-03T09:42:00Z' }, 409);
    pull(0.3);
    await settle(900);
    expect(useSaving.getState().state).toEqual({ word: 'conflict', at: '2026-03-03T09:42:00Z' });
    pull(0.3);
    await settle(5000);
    expect(sent).toHaveLength(1);
    stored = { plan: { ...plan, name: 'Theirs' }, saveNumber: 7 };
    await takeTheirs();
    expect(usePlan.getState().plan?.name).toBe('Theirs');
    expect(word()).toBe('saved');
  });
  test('never saves inside a gesture, and never a draft', async () => {
    pull(0.1);
    usePlan.getState().hold({ verb: 'move-side', side: 's2', by: 1 });
    await settle(3000);
    expect(sent).toHaveLength(0);
    usePlan.getState().letGo();
    await settle(900);
    expect(sent).toHaveLength(1);
    usePlan.getState().take({ verb: 'set-opening', id: 'g1', to: { along: 90 } }, 'move the gate');
    await settle(3000);
    expect(sent).toHaveLength(1);
    expect((kept.get('unsent home p1') as { draft: Plan }).draft.openings[0]?.along).toBe(90);
  });

  test('a reply that was lost does not conflict with itself, though the plan has moved on', async () => {
    // A server that keeps the first save, whose answer never arrives.
    let number = 1;
    const known = new Map<string, number>();
    let lost = true;
    answer = (save) => {
      const before = known.get(save.saveId);
      if (before === undefined && save.basedOn !== number) return json({ title: 'changed elsewhere' }, 409);
      if (before === undefined) known.set(save.saveId, (number += 1));
      if (!lost) return json({ saveNumber: known.get(save.saveId), savedAt: '2026-03-03T09:42:00Z' });
      lost = false;
      return new Error('reply lost');
    };
    pull(0.1);
    await settle(900);
    pull(0.2);
    await settle(9000);
    expect(word()).toBe('saved');
    expect(number).toBe(3);
    expect(sent[sent.length - 1]?.plan).toEqual(usePlan.getState().plan);
    expect(kept.size).toBe(0);
  });
  test('so also when the tab was closed in between', async () => {
    answer = () => new Error('reply lost');
    pull(0.1);
    await settle(900);
    const lostId = sent[0]?.saveId;
    stop();
    stored = { plan: JSON.parse(JSON.stringify(sent[0]?.plan)) as Plan, saveNumber: 2 };
    answer = (save) =>
      save.saveId === lostId ? json({ saveNumber: 2, savedAt: '2026-03-03T09:42:00Z' }) : json({}, 409);
    sent = [];
    await openPlan('home', 'p1');
    stop = followSaving();
    await settle(100);
    expect([word(), sent.map((s) => s.saveId)]).toEqual(['saved', [lostId]]);
  });
  test('a save that comes back late leaves the plan opened since alone', async () => {
    let reply: (response: Response) => void = () => undefined;
    const slow = new Promise<Response>((resolve) => (reply = resolve));
    answer = () => slow as unknown as Response;
    pull(0.1);
    await settle(900);
    stop();
    stored = { plan: { ...plan, id: 'p2', name: 'Other' }, saveNumber: 40 };
    await openPlan('home', 'p2');
    stop = followSaving();
    reply(json({ saveNumber: 2, savedAt: '2026-03-03T09:42:00Z' }));
    await settle(10);
    answer = (save) => json({ saveNumber: save.basedOn + 1, savedAt: '2026-03-03T09:43:00Z' });
    pull(0.2);
    await settle(900);
    expect(sent[sent.length - 1]).toMatchObject({ basedOn: 40, plan: { id: 'p2' } });
  });
  test('leaving a plan sends what is not sent yet', async () => {
    pull(0.4);
    stop();
    await settle(10);
    expect(sent).toHaveLength(1);
    stop = followSaving();
  });
  test('a draft kept over a plan that is saved is no conflict when somebody else saves', async () => {
    usePlan.getState().take({ verb: 'set-opening', id: 'g1', to: { along: 90 } }, 'move the gate');
    await settle(10);
    stop();
    stored = { plan: { ...plan, name: 'Theirs' }, saveNumber: 5 };
    await openPlan('home', 'p1');
    stop = followSaving();
    expect([word(), usePlan.getState().plan?.name]).toEqual(['saved', 'Theirs']);
    expect(usePlan.getState().draft?.plan.openings[0]?.along).toBe(90);
  });
});

import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { type Plan, proposePlan } from '@aviarum/core';
import { aLoginPage, anAnswer } from '../testing/answers';

const kept = new Map<string, unknown>();
/** What the device's storage does instead of keeping; null where it works. */
let broken: (() => Promise<never>) | null = null;
const works = <T>(run: () => T): Promise<T> => broken?.() ?? Promise.resolve(run());
jest.unstable_mockModule('idb-keyval', () => ({
  get: (key: string) => works(() => kept.get(key)),
  set: (key: string, value: unknown) =>
    works(() => kept.set(key, JSON.parse(JSON.stringify(value)) as unknown)),
  del: (key: string) => works(() => kept.delete(key)),
  keys: () => works(() => [...kept.keys()]),
}));
const { usePlan } = await import('./planStore');
const { followSaving, forgetRecord, openPlan, takeTheirs, useSaving } = await import('./saving');
const { useDevice } = await import('./device');
const { ownKey, unsentOf } = await import('./unsent');

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

const json = anAnswer;
const settle = async (ms: number) => {
  await jest.advanceTimersByTimeAsync(ms);
};
const pull = (by: number) => usePlan.getState().take({ verb: 'move-side', side: 's2', by });
const word = () => useSaving.getState().state.word;

beforeEach(async () => {
  jest.useFakeTimers();
  kept.clear();
  broken = null;
  useDevice.setState({ trouble: null });
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
    stop();
    stop = () => undefined;
    stored = { plan: { ...plan, id: 'p2' }, saveNumber: 1 };
    await openPlan('home', 'p2');
    arrive(json({ saveNumber: 2, savedAt: '2026-03-03T09:42:00Z' }));
    await settle(100);
    const [left] = await unsentOf('home', 'p1');
    expect(left).toMatchObject({ plan: newer, basedOn: 2, pending: null });
  });
  test('opened again while its save is being answered, a plan is as it was saved', async () => {
    pull(0.1);
    const mine = usePlan.getState().plan ?? plan;
    stop();
    stop = () => undefined;
    // As the device is read, the server has the save and what was kept of it is gone.
    jest.spyOn(kept, 'keys').mockImplementationOnce(() => {
      kept.clear();
      stored = { plan: mine, saveNumber: 2 };
      return new Map<string, unknown>().keys();
    });
    await openPlan('home', 'p1');
    expect(mine).not.toEqual(plan);
    expect(usePlan.getState().plan).toEqual(mine);
  });
  test('what is changed while the plan is opened once more stays, and is saved', async () => {
    stop();
    const opening = openPlan('home', 'p1');
    pull(0.3);
    const mine = usePlan.getState().plan;
    await opening;
    stop = followSaving();
    expect(usePlan.getState().plan).toBe(mine);
    await settle(1000);
    expect(sent.map((s) => [s.basedOn, s.plan])).toEqual([[1, mine]]);
  });
  test('where it was changed elsewhere as well, that is said and what is in hand stays', async () => {
    stop();
    const opening = openPlan('home', 'p1');
    pull(0.3);
    const mine = usePlan.getState().plan;
    stored = { plan, saveNumber: 5 };
    await opening;
    stop = followSaving();
    await settle(1000);
    expect([usePlan.getState().plan, word(), sent]).toEqual([mine, 'conflict', []]);
  });
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
    expect([...kept.keys()]).toEqual([ownKey('home', 'p1')]);
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
    usePlan.getState().take({ verb: 'set-opening', id: 'g1', to: { along: 90 } });
    await settle(3000);
    expect(sent).toHaveLength(1);
    expect((kept.get(ownKey('home', 'p1')) as { draft: Plan }).draft.openings[0]?.along).toBe(90);
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
    usePlan.getState().take({ verb: 'set-opening', id: 'g1', to: { along: 90 } });
    await settle(10);
    stop();
    stored = { plan: { ...plan, name: 'Theirs' }, saveNumber: 5 };
    await openPlan('home', 'p1');
    stop = followSaving();
    expect([word(), usePlan.getState().plan?.name]).toEqual(['saved', 'Theirs']);
    expect(usePlan.getState().draft?.plan.openings[0]?.along).toBe(90);
  });
});

/** What a tab that is closed by now left on this device. */
const left = (tab: string, made: Plan, at: string, basedOn = 1) =>
  kept.set(`unsent home p1 ${tab}`, { plan: made, draft: null, basedOn, pending: null, at });
const named = (name: string): Plan => ({ ...plan, name });
/** Leaves the plan and opens it again. */
async function again() {
  stop();
  await openPlan('home', 'p1');
  stop = followSaving();
}

describe('work of other tabs', () => {
  test('two tabs offline, both edited, both closed: both are found again', async () => {
    left('a', named('Of the first'), '2026-03-03T09:40:00Z');
    left('b', named('Of the second'), '2026-03-03T09:41:00Z');
    answer = () => new Error('offline');
    await again();
    expect(usePlan.getState().plan?.name).toBe('Of the second');
    const { others } = useSaving.getState();
    expect(others.map((o) => [o.plan?.name, o.at])).toEqual([['Of the first', '2026-03-03T09:40:00Z']]);
    // Nothing went while nothing was saved: the one is under this tab's name, the other where it was.
    await settle(900);
    const names = [...kept.values()].map((record) => (record as { plan: Plan | null }).plan?.name);
    expect(names.sort()).toEqual(['Of the first', 'Of the second']);
  });
  test('is forgotten only when that is asked', async () => {
    left('a', named('Of the first'), '2026-03-03T09:40:00Z');
    left('b', named('Of the second'), '2026-03-03T09:41:00Z');
    await again();
    await settle(900);
    expect(word()).toBe('saved');
    const [other] = useSaving.getState().others;
    if (!other) throw new Error('nothing is offered');
    expect([...kept.keys()]).toEqual([other.key]);
    await forgetRecord(other.key);
    expect([kept.size, useSaving.getState().others]).toEqual([0, []]);
  });
  test('a record as it was kept before tabs had their own is found as well', async () => {
    kept.set('unsent home p1', { plan: named('Old'), draft: null, basedOn: 1, pending: null });
    await again();
    expect(usePlan.getState().plan?.name).toBe('Old');
    await settle(900);
    expect([word(), kept.size]).toEqual(['saved', 0]);
  });
  test('what was undone while it was being sent is kept until the answer is there', async () => {
    const before = usePlan.getState().plan;
    answer = () => new Error('offline');
    pull(0.3);
    await settle(900);
    usePlan.setState({ plan: before });
    await settle(10);
    expect(kept.size).toBe(1);
  });
});

describe('an answer that is not the server’s', () => {
  test('a login page counts as no connection, and the same save is sent again', async () => {
    answer = () => aLoginPage();
    pull(0.3);
    await settle(900);
    const { state } = useSaving.getState();
    expect(state.word === 'unsaved' ? state.why : '').toContain('No connection');
    answer = (save) => json({ saveNumber: save.basedOn + 1, savedAt: '2026-03-03T09:42:00Z' });
    await settle(5000);
    expect(word()).toBe('saved');
    expect(new Set(sent.map((s) => s.saveId)).size).toBe(1);
  });
  test.each([
    ['another save number', { saveNumber: 9, savedAt: '2026-03-03T09:42:00Z' }],
    ['no save number', { ok: true }],
    ['no time', { saveNumber: 2 }],
    ['nothing', null],
  ])('%s is not saved', async (_, body) => {
    answer = () => json(body);
    pull(0.3);
    await settle(900);
    expect(word()).toBe('unsaved');
    expect(kept.size).toBe(1);
  });
  test('none at all is given up after a while and tried again; meanwhile it is said that it takes long', async () => {
    answer = () => new Promise(() => undefined) as unknown as Response;
    pull(0.3);
    await settle(900);
    expect(useSaving.getState().state).toEqual({ word: 'saving', takes: 'a-moment' });
    await settle(6000);
    expect(useSaving.getState().state).toEqual({ word: 'saving', takes: 'long' });
    answer = (save) => json({ saveNumber: save.basedOn + 1, savedAt: '2026-03-03T09:42:00Z' });
    await settle(60_000);
    expect(word()).toBe('saved');
    expect(new Set(sent.map((s) => s.saveId)).size).toBe(1);
  });
});

describe('a plan that is gone elsewhere', () => {
  test('is said while it is open, and nothing more is sent', async () => {
    answer = () => json({ title: 'There is no such plan.' }, 404);
    pull(0.3);
    await settle(900);
    expect(word()).toBe('gone');
    pull(0.3);
    await settle(5000);
    expect(sent).toHaveLength(1);
    expect(kept.size).toBe(1);
  });
  test('leaves what this device holds of it to be found', async () => {
    left('a', named('Only here'), '2026-03-03T09:40:00Z');
    globalThis.fetch = () => Promise.resolve(json({ title: 'There is no such plan.' }, 404));
    await expect(openPlan('home', 'p1')).rejects.toThrow('no such plan');
    expect((await unsentOf('home', 'p1')).map((k) => k.plan?.name)).toEqual(['Only here']);
  });
});

test('a page that was left sends nothing more, and what it kept when it is shown again', async () => {
  pull(1);
  window.dispatchEvent(new Event('pagehide'));
  window.dispatchEvent(new Event('online'));
  await settle(10_000);
  expect(sent).toEqual([]);
  expect(kept.size).toBe(1);
  window.dispatchEvent(new Event('pageshow'));
  await settle(1000);
  expect(sent).toHaveLength(1);
});

describe('a device that keeps nothing', () => {
  const BREAKS: readonly (readonly [string, () => Promise<never>, string])[] = [
    ['throws', () => Promise.reject(new Error('no')), 'its storage cannot be used'],
    ['is full', () => Promise.reject(new DOMException('full', 'QuotaExceededError')), 'its storage is full'],
    ['hangs', () => new Promise<never>(() => undefined), 'its storage does not answer'],
  ];
  test.each(BREAKS)(
    'because its storage %s: the plan opens from the server, is saved, and it is said',
    async (_, how, why) => {
      stop();
      broken = how;
      const opening = openPlan('home', 'p1');
      await settle(4000);
      await opening;
      stop = followSaving();
      expect(usePlan.getState().plan?.id).toBe('p1');
      expect(useDevice.getState().trouble).toBe(why);
      pull(0.3);
      await settle(900);
      expect(word()).toBe('saved');
    },
  );
  test('that holds a damaged record: the plan opens without it, and the record stays', async () => {
    kept.set('unsent home p1 x', { plan: { name: 'half' }, draft: null, basedOn: 1, pending: null, at: '' });
    kept.set('unsent home p1 y', 'nothing of the kind');
    await again();
    expect(usePlan.getState().plan?.name).toBe('Run');
    expect(useDevice.getState().trouble).toBe('a record of it is damaged');
    expect(kept.has('unsent home p1 x')).toBe(true);
  });
});

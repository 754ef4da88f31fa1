import { describe, expect, test } from '@jest/globals';
import type { Plan } from '@aviarum/core';
import { aLoginPage, anAnswer } from '../testing/answers';
import {
  desk,
  kept,
  openedForEach,
  plan,
  pull,
  saving,
  settle,
  useDevice,
  planStore,
  word,
} from '../testing/savingDesk';

const { followSaving, forgetRecord, openPlan, useSaving } = saving;
const { usePlan } = planStore;
const { unsentOf } = await import('./unsent');

openedForEach();

/** What a tab that is closed by now left on this device. */
const left = (tab: string, made: Plan, at: string, basedOn = 1) =>
  kept.set(`unsent home p1 ${tab}`, { plan: made, draft: null, basedOn, pending: null, at });
const named = (name: string): Plan => ({ ...plan, name });
/** Leaves the plan and opens it again. */
async function again() {
  desk.stop();
  await openPlan('home', 'p1');
  desk.stop = followSaving();
}

describe('work of other tabs', () => {
  test('two tabs offline, both edited, both closed: both are found again', async () => {
    left('a', named('Of the first'), '2026-03-03T09:40:00Z');
    left('b', named('Of the second'), '2026-03-03T09:41:00Z');
    desk.answer = () => new Error('offline');
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
    desk.answer = () => new Error('offline');
    pull(0.3);
    await settle(900);
    usePlan.setState({ plan: before });
    await settle(10);
    expect(kept.size).toBe(1);
  });
});

describe('an answer that is not the server’s', () => {
  test('a login page counts as no connection, and the same save is sent again', async () => {
    desk.answer = () => aLoginPage();
    pull(0.3);
    await settle(900);
    const { state } = useSaving.getState();
    expect(state.word === 'unsaved' ? state.why : '').toContain('No connection');
    desk.answer = (save) => anAnswer({ saveNumber: save.basedOn + 1, savedAt: '2026-03-03T09:42:00Z' });
    await settle(5000);
    expect(word()).toBe('saved');
    expect(new Set(desk.sent.map((s) => s.saveId)).size).toBe(1);
  });
  test.each([
    ['another save number', { saveNumber: 9, savedAt: '2026-03-03T09:42:00Z' }],
    ['no save number', { ok: true }],
    ['no time', { saveNumber: 2 }],
    ['nothing', null],
  ])('%s is not saved', async (_, body) => {
    desk.answer = () => anAnswer(body);
    pull(0.3);
    await settle(900);
    expect(word()).toBe('unsaved');
    expect(kept.size).toBe(1);
  });
  test('none at all is given up after a while and tried again; meanwhile it is said that it takes long', async () => {
    desk.answer = () => new Promise(() => undefined) as unknown as Response;
    pull(0.3);
    await settle(900);
    expect(useSaving.getState().state).toEqual({ word: 'saving', takes: 'a-moment' });
    await settle(6000);
    expect(useSaving.getState().state).toEqual({ word: 'saving', takes: 'long' });
    desk.answer = (save) => anAnswer({ saveNumber: save.basedOn + 1, savedAt: '2026-03-03T09:42:00Z' });
    await settle(60_000);
    expect(word()).toBe('saved');
    expect(new Set(desk.sent.map((s) => s.saveId)).size).toBe(1);
  });
});

describe('a plan that is gone elsewhere', () => {
  test('is said while it is open, and nothing more is sent', async () => {
    desk.answer = () => anAnswer({ title: 'There is no such plan.' }, 404);
    pull(0.3);
    await settle(900);
    expect(word()).toBe('gone');
    pull(0.3);
    await settle(5000);
    expect(desk.sent).toHaveLength(1);
    expect(kept.size).toBe(1);
  });
  test('leaves what this device holds of it to be found', async () => {
    left('a', named('Only here'), '2026-03-03T09:40:00Z');
    globalThis.fetch = () => Promise.resolve(anAnswer({ title: 'There is no such plan.' }, 404));
    await expect(openPlan('home', 'p1')).rejects.toThrow('no such plan');
    expect((await unsentOf('home', 'p1')).map((k) => k.plan?.name)).toEqual(['Only here']);
  });
});

test('a page that was left sends nothing more, and what it kept when it is shown again', async () => {
  pull(1);
  window.dispatchEvent(new Event('pagehide'));
  window.dispatchEvent(new Event('online'));
  await settle(10_000);
  expect(desk.sent).toEqual([]);
  expect(kept.size).toBe(1);
  window.dispatchEvent(new Event('pageshow'));
  await settle(1000);
  expect(desk.sent).toHaveLength(1);
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
      desk.stop();
      desk.broken = how;
      const opening = openPlan('home', 'p1');
      await settle(4000);
      await opening;
      desk.stop = followSaving();
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

import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { type Plan, proposePlan } from '@aviarum/core';
import type { Feed } from './feed';
import type { ReckoningView } from './view';

/** What each worker made does with a plan, in turn. */
type Does = (
  sequence: number,
  feed: Feed,
  known: number,
) => Promise<{ sequence: number; whole: boolean; changed: Partial<ReckoningView> }>;
let does: Does[] = [];
const asked: { readonly worker: number; readonly feed: Feed; readonly known: number }[] = [];
jest.unstable_mockModule('comlink', () => ({
  wrap: ({ number }: { number: number }) => ({
    reckon: (sequence: number, feed: Feed, known: number) => {
      asked.push({ worker: number, feed, known });
      return (does[number] ?? works)(sequence, feed, known);
    },
  }),
}));
const { ReckonClient } = await import('./reckonClient');

/** Tells all of it to whom it told nothing yet, and then how many requests there were. */
const works: Does = (sequence, _, known) =>
  Promise.resolve({
    sequence,
    whole: known === 0,
    changed: { figures: { area: sequence }, ...(known === 0 ? { largestOpening: 0.05 } : {}) },
  });
const hangs: Does = () => new Promise(() => undefined);
const plan: Plan = proposePlan({ id: 'p', name: 'Run', units: 'metric', flock: [], houseWidth: 2.4 });
const change = { verb: 'rename', name: 'Other' } as const;
const opened: Feed = { plan, changes: [], proofs: null };
const changed: Feed = { plan: null, changes: [change], proofs: null };
const named = (name: string): Feed => ({ ...opened, plan: { ...plan, name } });

let made: { number: number; ended: boolean; worker: Worker }[] = [];
let told: string[] = [];
let reckoned = 0;
let shown: ReckoningView | undefined;
const start = () =>
  new ReckonClient({
    whole: () => opened,
    onReckoned: (reckoning) => {
      reckoned += 1;
      shown = reckoning;
    },
    onFailed: (why) => told.push(why),
    make: () => {
      const one = { number: made.length, ended: false } as (typeof made)[number];
      one.worker = { number: one.number, terminate: () => (one.ended = true) } as unknown as Worker;
      made.push(one);
      return one.worker;
    },
  });
const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms);

beforeEach(() => {
  jest.useFakeTimers();
  [does, made, told, reckoned] = [[], [], [], 0];
  asked.length = 0;
});
afterEach(() => {
  jest.useRealTimers();
});

describe('the reckoning worker', () => {
  test('that hangs is noticed, said, ended, and the plan is sent whole to another', async () => {
    does = [hangs];
    start().send(changed);
    await pass(19_000);
    expect([told, made.length]).toEqual([[], 1]);
    await pass(2_000);
    expect(told).toEqual(['they did not come to an end']);
    expect(made.map((m) => m.ended)).toEqual([true, false]);
    expect(asked[1]).toEqual({ worker: 1, feed: opened, known: 0 });
    expect(reckoned).toBe(1);
  });
  test('that dies is replaced at once', async () => {
    does = [hangs];
    start().send(opened);
    await pass(10);
    made[0]?.worker.onerror?.({ message: 'out of memory', preventDefault: () => undefined } as ErrorEvent);
    await pass(10);
    expect(told).toEqual(['out of memory']);
    expect(reckoned).toBe(1);
  });
  test('that the same plan breaks twice waits for the next step, which is sent whole', async () => {
    does = [hangs, hangs];
    const client = start();
    client.send(opened);
    await pass(60_000);
    expect(told).toHaveLength(2);
    expect([made.length, asked.length]).toEqual([3, 2]);
    client.send(changed);
    await pass(10);
    expect(reckoned).toBe(1);
    expect(asked[2]).toEqual({ worker: 2, feed: opened, known: 0 });
  });
  test('that answers late, after it was given up, is not listened to', async () => {
    let late: () => void = () => undefined;
    does = [(sequence) => new Promise((done) => (late = () => done({ sequence, whole: true, changed: {} })))];
    start().send(opened);
    await pass(21_000);
    expect(reckoned).toBe(1);
    late();
    await pass(10);
    expect(reckoned).toBe(1);
  });
  test('of what waits is given only the newest', async () => {
    const client = start();
    client.send(opened);
    client.send(named('a'));
    client.send(named('b'));
    await pass(10);
    expect(asked.map((a) => a.feed.plan?.name)).toEqual(['Run', 'b']);
    expect(reckoned).toBe(1);
  });
  test('is told what changed since, and tells what is another: the rest is kept', async () => {
    const client = start();
    client.send(opened);
    await pass(10);
    client.send(changed);
    await pass(10);
    expect(asked.map((a) => [a.feed, a.known])).toEqual([
      [opened, 0],
      [changed, 1],
    ]);
    expect(shown).toEqual({ figures: { area: 2 }, largestOpening: 0.05 });
  });
  test('is overtaken without losing what it told', async () => {
    const client = start();
    client.send(opened);
    client.send(changed);
    await pass(10);
    expect(asked.map((a) => a.known)).toEqual([0, 1]);
    expect([reckoned, shown?.largestOpening]).toEqual([1, 0.05]);
  });
});

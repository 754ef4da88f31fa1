import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { type Plan, proposePlan } from '@aviarum/core';
import type { ReckoningView } from './view';

/** What each worker made does with a plan, in turn. */
type Does = (sequence: number, from: unknown) => Promise<{ sequence: number; reckoning: ReckoningView }>;
let does: Does[] = [];
const asked: { readonly worker: number; readonly from: unknown }[] = [];
jest.unstable_mockModule('comlink', () => ({
  wrap: ({ number }: { number: number }) => ({
    reckon: (sequence: number, from: unknown) => {
      asked.push({ worker: number, from });
      return (does[number] ?? works)(sequence, from);
    },
  }),
}));
const { ReckonClient } = await import('./reckonClient');

const view = {} as ReckoningView;
const works: Does = (sequence) => Promise.resolve({ sequence, reckoning: view });
const hangs: Does = () => new Promise(() => undefined);
const plan: Plan = proposePlan({ id: 'p', name: 'Run', units: 'metric', flock: [], houseWidth: 2.4 });
const change = { verb: 'rename', name: 'Other' } as const;

let made: { number: number; ended: boolean; worker: Worker }[] = [];
let told: string[] = [];
let reckoned = 0;
const start = () =>
  new ReckonClient({
    plan: () => plan,
    onReckoned: () => (reckoned += 1),
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
    start().send({ changes: [change] });
    await pass(19_000);
    expect([told, made.length]).toEqual([[], 1]);
    await pass(2_000);
    expect(told).toEqual(['they did not come to an end']);
    expect(made.map((m) => m.ended)).toEqual([true, false]);
    expect(asked[1]).toEqual({ worker: 1, from: { plan } });
    expect(reckoned).toBe(1);
  });
  test('that dies is replaced at once', async () => {
    does = [hangs];
    start().send({ plan });
    await pass(10);
    made[0]?.worker.onerror?.({ message: 'out of memory', preventDefault: () => undefined } as ErrorEvent);
    await pass(10);
    expect(told).toEqual(['out of memory']);
    expect(reckoned).toBe(1);
  });
  test('that the same plan breaks twice waits for the next step, which is sent whole', async () => {
    does = [hangs, hangs];
    const client = start();
    client.send({ plan });
    await pass(60_000);
    expect(told).toHaveLength(2);
    expect([made.length, asked.length, client.broken]).toEqual([3, 2, true]);
    client.send({ plan });
    await pass(10);
    expect([reckoned, client.broken]).toEqual([1, false]);
  });
  test('that answers late, after it was given up, is not listened to', async () => {
    let late: () => void = () => undefined;
    does = [(sequence) => new Promise((done) => (late = () => done({ sequence, reckoning: view })))];
    start().send({ plan });
    await pass(21_000);
    expect(reckoned).toBe(1);
    late();
    await pass(10);
    expect(reckoned).toBe(1);
  });
  test('of what waits is given only the newest', async () => {
    const client = start();
    client.send({ plan });
    client.send({ plan: { ...plan, name: 'a' } });
    client.send({ plan: { ...plan, name: 'b' } });
    await pass(10);
    expect(asked.map((a) => (a.from as { plan: Plan }).plan.name)).toEqual(['Run', 'b']);
    expect(reckoned).toBe(1);
  });
});

import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import { type Further, NO_PROOFS, type ProofBook, proposePlan, withCut } from '@aviarum/core';

let stopped = 0;
let ended = 0;
let answer: (found: Further) => void = () => undefined;
jest.unstable_mockModule('comlink', () => ({
  proxy: (f: unknown) => f,
  wrap: () => ({
    lookFurther: () => new Promise<Further>((resolve) => (answer = resolve)),
    stop: () => {
      stopped += 1;
      return Promise.resolve();
    },
  }),
}));
const learned: ProofBook[] = [];
jest.unstable_mockModule('./reckoningStore', () => ({
  learn: (_: unknown, proofs: ProofBook) => learned.push(proofs),
}));
const { keepLooking, stopLooking, useImproving } = await import('./improving');
const { usePlan } = await import('./planStore');

const plan = proposePlan({ id: 'p', name: 'Run', units: 'metric', flock: [], houseWidth: 2.4 });
const task = { runs: [], width: 1, lap: 0, units: [], owned: [] };
const FOUND = withCut(NO_PROOFS, task, {
  bins: [],
  joints: 0,
  cost: 0,
  bound: 0,
  unplaced: [],
  overStock: false,
});

beforeEach(() => {
  [stopped, ended, learned.length] = [0, 0, 0];
  globalThis.Worker = class {
    terminate() {
      ended += 1;
    }
  } as unknown as typeof Worker;
  usePlan.setState({ plan });
  useImproving.setState(useImproving.getInitialState(), true);
});

describe('looking further in a worker', () => {
  test('takes what was found, and goes further the next time', async () => {
    const done = keepLooking();
    expect(useImproving.getState().looking).toBe(plan);
    answer({ proofs: FOUND, gained: 250, proof: null });
    await done;
    const { looking, efforts, found } = useImproving.getState();
    expect([looking, efforts, found]).toEqual([null, { p: 1 }, { plan, gained: 250 }]);
    expect([learned.length, ended]).toEqual([1, 1]);
  });
  test('stopped, it is told so and ends by itself: what it found by then is taken, and it may be asked again as far', async () => {
    const done = keepLooking();
    stopLooking();
    expect([stopped, ended, useImproving.getState().stopping]).toEqual([1, 0, true]);
    answer({ proofs: FOUND, gained: 100, proof: null });
    await done;
    const { looking, stopping, efforts, found } = useImproving.getState();
    expect([looking, stopping, efforts, found]).toEqual([null, false, {}, { plan, gained: 100 }]);
    expect(learned).toEqual([FOUND]);
  });
  test('asked anew while it looks, what the first search finds is not taken', async () => {
    const first = keepLooking();
    const answerFirst = answer;
    const second = keepLooking();
    answerFirst({ proofs: FOUND, gained: 100, proof: null });
    await first;
    expect([learned.length, useImproving.getState().looking]).toEqual([0, plan]);
    answer({ proofs: NO_PROOFS, gained: 0, proof: null });
    await second;
    expect([learned.length, ended]).toEqual([1, 2]);
  });
});

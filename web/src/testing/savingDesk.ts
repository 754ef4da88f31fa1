import { afterEach, beforeEach, jest } from '@jest/globals';
import { type Plan, proposePlan } from '@aviarum/core';
import { anAnswer } from './answers';

/** What the device keeps, under its keys. */
export const kept = new Map<string, unknown>();

interface Sent {
  readonly saveId: string;
  readonly basedOn: number;
  readonly plan: Plan;
}

export const plan = proposePlan({ id: 'p1', name: 'Run', units: 'metric', flock: [], houseWidth: 2.4 });

const savesAll = (save: Sent): Response | Error =>
  anAnswer({ saveNumber: save.basedOn + 1, savedAt: '2026-03-03T09:42:00Z' });

/** A device and a server of tests of saving, set up anew for each. */
export const desk = {
  /** What the device's storage does instead of keeping; null where it works. */
  broken: null as (() => Promise<never>) | null,
  sent: [] as Sent[],
  answer: savesAll,
  stored: { plan, saveNumber: 1 },
  stop: (): void => undefined,
};

const works = <T>(run: () => T): Promise<T> => desk.broken?.() ?? Promise.resolve(run());
jest.unstable_mockModule('idb-keyval', () => ({
  get: (key: string) => works(() => kept.get(key)),
  set: (key: string, value: unknown) =>
    works(() => kept.set(key, JSON.parse(JSON.stringify(value)) as unknown)),
  del: (key: string) => works(() => kept.delete(key)),
  keys: () => works(() => [...kept.keys()]),
}));
export const planStore = await import('../state/planStore');
const { usePlan } = planStore;
export const saving = await import('../state/saving');
export const { useDevice } = await import('../state/device');

export const settle = async (ms: number) => {
  await jest.advanceTimersByTimeAsync(ms);
};
export const pull = (by: number) => usePlan.getState().take({ verb: 'move-side', side: 's2', by });
export const word = () => saving.useSaving.getState().state.word;

/** Opens the plan before each test of a file and leaves it after. */
export function openedForEach() {
  beforeEach(async () => {
    jest.useFakeTimers();
    kept.clear();
    desk.broken = null;
    useDevice.setState({ trouble: null });
    desk.sent = [];
    desk.stored = { plan, saveNumber: 1 };
    desk.answer = savesAll;
    globalThis.fetch = ((_url: string, init?: { method?: string; body?: string }) => {
      if (init?.method !== 'PUT') {
        const { stored } = desk;
        return Promise.resolve(
          anAnswer({ id: 'p1', name: 'Run', savedAt: '2026-03-03T09:00:00Z', ...stored }),
        );
      }
      const save = JSON.parse(init.body ?? '') as Sent;
      desk.sent.push(save);
      const given = desk.answer(save);
      return given instanceof Error ? Promise.reject(given) : Promise.resolve(given);
    }) as typeof fetch;
    Object.defineProperty(globalThis.crypto, 'randomUUID', {
      value: () => `save-${Math.random().toString(36).slice(2, 12)}`,
      configurable: true,
    });
    await saving.openPlan('home', 'p1');
    desk.stop = saving.followSaving();
  });
  afterEach(() => {
    desk.stop();
    jest.useRealTimers();
  });
}

import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import { type Plan, proposePlan } from '@aviarum/core';
import fc from 'fast-check';
import { anAnswer, aLoginPage } from '../testing/answers';

/** The device, which all tabs share. */
const kept = new Map<string, unknown>();
jest.unstable_mockModule('idb-keyval', () => ({
  get: (key: string) => Promise.resolve(kept.get(key)),
  set: (key: string, value: unknown) =>
    Promise.resolve(kept.set(key, JSON.parse(JSON.stringify(value)) as unknown)),
  del: (key: string) => Promise.resolve(kept.delete(key)),
  keys: () => Promise.resolve([...kept.keys()]),
}));

const first: Plan = proposePlan({ id: 'p1', name: 'First', units: 'metric', flock: [], houseWidth: 2.4 });

/** The server: one plan, its save number, what every save was answered, and every name it ever had. */
const server = { plan: first, saveNumber: 1, answered: new Map<string, number>(), names: new Set<string>() };
type Network = 'up' | 'down' | 'answer-lost' | 'login-page';
let network: Network = 'up';

interface Sent {
  readonly saveId: string;
  readonly basedOn: number;
  readonly plan: Plan;
}
function saved({ saveId, basedOn, plan }: Sent): Response {
  const before = server.answered.get(saveId);
  if (before === undefined && basedOn !== server.saveNumber)
    return anAnswer({ title: 'changed elsewhere', savedAt: '2026-03-03T09:42:00Z' }, 409);
  if (before === undefined) {
    server.plan = plan;
    server.saveNumber += 1;
    server.answered.set(saveId, server.saveNumber);
    server.names.add(plan.name);
  }
  return anAnswer({ saveNumber: before ?? server.saveNumber, savedAt: '2026-03-03T09:42:00Z' });
}
/** What it reckons by is the same in every tab, and is read once. */
const core = await import('@aviarum/core');
jest.unstable_mockModule('@aviarum/core', () => core);
globalThis.fetch = ((_: string, init?: { method?: string; body?: string }) => {
  if (network === 'down') return Promise.reject(new TypeError('network'));
  if (network === 'login-page') return Promise.resolve(aLoginPage());
  const answer =
    init?.method === 'PUT'
      ? saved(JSON.parse(init.body ?? '') as Sent)
      : anAnswer({
          id: 'p1',
          name: server.plan.name,
          plan: server.plan,
          saveNumber: server.saveNumber,
          savedAt: '',
        });
  return network === 'answer-lost' ? Promise.reject(new TypeError('lost')) : Promise.resolve(answer);
}) as typeof fetch;

/** A tab: the modules anew, as a page that was just loaded has them. */
async function openTab() {
  jest.resetModules();
  const { usePlan } = await import('./planStore');
  const saving = await import('./saving');
  const before = network;
  network = 'up';
  await saving.openPlan('home', 'p1');
  network = before;
  const stop = saving.followSaving();
  await import('./cards'); // otherwise it is still being fetched when the next tab begins
  return {
    edit: (name: string) => usePlan.getState().take({ verb: 'rename', name }),
    shown: () => usePlan.getState().plan?.name,
    offered: () => saving.useSaving.getState().others.map((o) => o.plan?.name),
    word: () => saving.useSaving.getState().state.word,
    // The page is gone, without a word to anybody: nothing of it goes on.
    close: stop,
  };
}
type Tab = Awaited<ReturnType<typeof openTab>>;

type Step =
  | { readonly do: 'edit'; readonly tab: 0 | 1 }
  | { readonly do: 'network'; readonly to: Network }
  | { readonly do: 'wait'; readonly ms: number }
  | { readonly do: 'reload'; readonly tab: 0 | 1 };
const step: fc.Arbitrary<Step> = fc.oneof(
  {
    weight: 5,
    arbitrary: fc.record({ do: fc.constant('edit' as const), tab: fc.constantFrom(0 as const, 1 as const) }),
  },
  {
    weight: 3,
    arbitrary: fc.record({
      do: fc.constant('network' as const),
      to: fc.constantFrom<Network>('up', 'down', 'answer-lost', 'login-page'),
    }),
  },
  {
    weight: 3,
    arbitrary: fc.record({ do: fc.constant('wait' as const), ms: fc.constantFrom(50, 900, 5000, 70_000) }),
  },
  {
    weight: 1,
    arbitrary: fc.record({
      do: fc.constant('reload' as const),
      tab: fc.constantFrom(0 as const, 1 as const),
    }),
  },
);

const long = process.env.ROUND === 'long';

beforeEach(() => {
  jest.useFakeTimers();
});

describe('two tabs in trouble', () => {
  test('whatever the network does and whenever they are closed, the last work of each is saved or found again', async () => {
    let edits = 0;
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 3, maxLength: 14 }), async (steps) => {
        kept.clear();
        Object.assign(server, { plan: first, saveNumber: 1, answered: new Map(), names: new Set(['First']) });
        network = 'up';
        const tabs: [Tab, Tab] = [await openTab(), await openTab()];
        const last: [string, string] = ['First', 'First'];
        let n = 0;
        for (const one of steps) {
          if (one.do === 'network') network = one.to;
          else if (one.do === 'wait') await jest.advanceTimersByTimeAsync(one.ms);
          else if (one.do === 'edit') {
            last[one.tab] = `Edit ${++n} of tab ${one.tab}`;
            tabs[one.tab].edit(last[one.tab]);
            edits += 1;
            await jest.advanceTimersByTimeAsync(1);
          } else {
            tabs[one.tab].close();
            await jest.advanceTimersByTimeAsync(1);
            tabs[one.tab] = await openTab();
          }
        }
        tabs.forEach((tab) => tab.close());
        await jest.advanceTimersByTimeAsync(100);
        network = 'up';
        const after = await openTab();
        const found = new Set([...server.names, after.shown(), ...after.offered()]);
        for (const name of last) expect([...found]).toContain(name);
        await jest.advanceTimersByTimeAsync(10_000);
        after.close();
        await jest.advanceTimersByTimeAsync(100);
      }),
      { numRuns: long ? 150 : 12, seed: Number(process.env.SEED ?? 20261127), endOnFailure: true },
    );
    process.stdout.write(`two tabs: ${edits} edits, none lost\n`);
  }, 600_000);
});

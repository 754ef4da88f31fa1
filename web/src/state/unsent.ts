import type { Plan } from '@aviarum/core';
import { outside } from '../checks/ask';
import { device, useDevice } from './device';
import { sameFields } from './sameFields';

/** A save under way or to be tried again: it keeps its id, so that a lost answer cannot conflict with itself. */
export interface Pending {
  readonly plan: Plan;
  readonly saveId: string;
}

/** What one tab holds of a plan that the server may not have. */
export interface Unsent {
  /** Null where the plan itself is saved and only a draft is kept. */
  readonly plan: Plan | null;
  readonly draft: Plan | null;
  readonly basedOn: number;
  readonly pending: Pending | null;
  /** When it was kept, ISO. */
  readonly at: string;
}

/** A record of this device, under its key. */
export interface Kept extends Unsent {
  readonly key: string;
}

/** This tab, for as long as its page is up. */
const TAB: string = crypto.randomUUID();
const prefixOf = (holding: string, id: string) => `unsent ${holding} ${id} `;
export const ownKey = (holding: string, id: string): string => `${prefixOf(holding, id)}${TAB}`;
/** As it was before records were kept tab by tab. */
const oldKey = (holding: string, id: string) => `unsent ${holding} ${id}`;
const tabOf = (key: string): string => key.slice(key.lastIndexOf(' ') + 1);
const lockOf = (tab: string) => `aviarum tab ${tab}`;

/** Other tabs see that this one is up, and leave its records alone. */
if (typeof navigator !== 'undefined' && 'locks' in navigator)
  void navigator.locks.request(lockOf(TAB), () => new Promise(() => undefined)).catch(() => undefined);

async function tabsUp(): Promise<ReadonlySet<string>> {
  if (typeof navigator === 'undefined' || !('locks' in navigator)) return new Set();
  const { held = [] } = await navigator.locks.query().catch(() => ({ held: [] }));
  return new Set(held.flatMap((lock) => (lock.name === undefined ? [] : [lock.name])));
}

class Damaged extends Error {}

async function completed(kept: Plan): Promise<Plan> {
  const plan = await outside.plan(kept);
  if (!plan) throw new Damaged();
  return plan;
}

/** A record as it was kept; undefined where it is damaged. */
async function read(key: string, value: unknown): Promise<Kept | undefined> {
  const { plan, draft, basedOn, pending, at } = (value ?? {}) as Partial<Unsent>;
  if (typeof basedOn !== 'number') return undefined;
  try {
    return {
      key,
      plan: plan ? await completed(plan) : null,
      draft: draft ? await completed(draft) : null,
      basedOn,
      pending: pending ? { saveId: pending.saveId, plan: await completed(pending.plan) } : null,
      at: typeof at === 'string' ? at : '',
    };
  } catch (error) {
    // What could not be checked is not damaged: the plan is not opened without it.
    if (!(error instanceof Damaged)) throw error;
    return undefined;
  }
}

/**
 * Everything that this device holds of a plan, of tabs that are closed and of this one, the newest first.
 *
 * A damaged record stays where it is and is told of: the plan opens without it.
 */
export async function unsentOf(holding: string, id: string): Promise<readonly Kept[]> {
  const up = await tabsUp();
  const mine = (await device.keys()).filter(
    (key) =>
      key === oldKey(holding, id) ||
      (key.startsWith(prefixOf(holding, id)) && (tabOf(key) === TAB || !up.has(lockOf(tabOf(key))))),
  );
  const found: Kept[] = [];
  for (const key of mine) {
    const value = await device.read(key);
    if (value === undefined) continue;
    const kept = await read(key, value);
    if (kept) found.push(kept);
    else useDevice.setState({ trouble: 'a record of it is damaged' });
  }
  return found.sort((a, b) => (a.at < b.at ? 1 : -1));
}

/** Records that say the same, such as one written over by a tab that then took it on. */
export const saysTheSame = (a: Unsent, b: Unsent): boolean =>
  sameFields([a.plan, a.draft], [b.plan, b.draft]);

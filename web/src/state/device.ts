import { del, get, keys, set } from 'idb-keyval';
import { create } from 'zustand';
import { within } from '../api/wait';

/** A device that does not answer by then keeps nothing, ms. */
const PATIENCE = 3000;

/** Why this device keeps nothing; null while it does. */
export const useDevice = create<{ trouble: string | null }>()(() => ({ trouble: null }));

const FULL = 'its storage is full';
const SILENT = 'its storage does not answer';
const SHUT = 'its storage cannot be used';

function whyNot(error: unknown): string {
  if (error instanceof DOMException && error.name === 'QuotaExceededError') return FULL;
  return error instanceof Error && error.message === 'no answer in time' ? SILENT : SHUT;
}

/** What the device answers, or what stands for it where it does not: the plan opens all the same, and it is said that nothing is kept here. */
async function asked<T>(run: () => Promise<T>, otherwise: T): Promise<T> {
  try {
    return await within(PATIENCE, run);
  } catch (error) {
    useDevice.setState({ trouble: whyNot(error) });
    return otherwise;
  }
}

/** The storage of this device, which may throw, hang or be full without anything else standing still. */
export const device = {
  read: (key: string): Promise<unknown> => asked(() => get<unknown>(key), undefined),
  keys: (): Promise<readonly string[]> =>
    asked(async () => (await keys()).filter((key): key is string => typeof key === 'string'), []),
  /** @returns whether it is kept now */
  write: (key: string, value: unknown): Promise<boolean> =>
    asked(async () => {
      await set(key, value);
      useDevice.setState({ trouble: null });
      return true;
    }, false),
  remove: (key: string): Promise<boolean> =>
    asked(async () => {
      await del(key);
      return true;
    }, false),
};

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  Object.prototype.toString.call(value) === '[object Object]';

const idOf = (value: unknown): unknown => (isRecord(value) ? value.id : undefined);

function listOver(before: readonly unknown[], after: readonly unknown[]): readonly unknown[] {
  // A thing put first moves all that follow: things are found by their ids, others by their places.
  const byId = new Map(before.flatMap((thing) => (idOf(thing) === undefined ? [] : [[idOf(thing), thing]])));
  const laid = after.map((thing, i) => layOver(byId.get(idOf(thing)) ?? before[i], thing));
  return laid.length === before.length && laid.every((thing, i) => Object.is(thing, before[i]))
    ? before
    : laid;
}

function recordOver(
  before: Readonly<Record<string, unknown>>,
  after: Readonly<Record<string, unknown>>,
): Readonly<Record<string, unknown>> {
  const names = Object.keys(after);
  let same = names.length === Object.keys(before).length;
  const laid: Record<string, unknown> = {};
  for (const name of names) {
    const value = Object.hasOwn(before, name) ? layOver(before[name], after[name]) : after[name];
    if (!Object.hasOwn(before, name) || !Object.is(value, before[name])) same = false;
    laid[name] = value;
  }
  return same ? before : laid;
}

/**
 * A document laid over the one before it: what says the same is the same value again, however deep, so that what was worked out from it need not be
 * worked out anew.
 *
 * @param before  plain data: records, lists, texts and numbers
 * @returns `before` itself where all of it says the same
 */
export function layOver<T>(before: unknown, after: T): T {
  if (Object.is(before, after)) return after;
  if (Array.isArray(before) && Array.isArray(after)) return listOver(before, after) as T;
  if (isRecord(before) && isRecord(after)) return recordOver(before, after) as T;
  return after;
}

/** The same for a map whose keys are values of their own: each entry is laid over the one of before. */
export function mapOver<K, V>(before: ReadonlyMap<K, V>, after: ReadonlyMap<K, V>): ReadonlyMap<K, V> {
  let same = before.size === after.size;
  const laid = new Map<K, V>();
  for (const [key, value] of after) {
    const kept = before.has(key) ? layOver(before.get(key), value) : value;
    if (!before.has(key) || !Object.is(kept, before.get(key))) same = false;
    laid.set(key, kept);
  }
  return same ? before : laid;
}

/** The same for a list of what is worked out: where there was nothing and there is nothing, nothing has changed. */
export const noneAsBefore = <T>(before: readonly T[], after: readonly T[]): readonly T[] =>
  before.length === 0 && after.length === 0 ? before : after;

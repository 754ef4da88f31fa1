import type { Plan, Reckoning } from '../index';

/** A reckoning as plain data that can be compared: mends worked out. */
export function plainly(plan: Plan, reckoning: Reckoning): Readonly<Record<string, unknown>> {
  const { findings, ...rest } = reckoning;
  return {
    ...rest,
    findings: findings.map(({ mends, ...finding }) => ({ ...finding, mends: mends(plan) })),
  };
}

const isObject = (value: unknown): value is object => value !== null && typeof value === 'object';

/**
 * Where two values first say something else, however deep; null where they say the same. Functions are taken for alike: what they give is told
 * elsewhere.
 */
export function firstDifference(
  a: unknown,
  b: unknown,
  at = '',
  met = new Map<object, object>(),
): string | null {
  if (Object.is(a, b) || (typeof a === 'function' && typeof b === 'function')) return null;
  if (!isObject(a) || !isObject(b)) return `${at}: ${String(a)} and ${String(b)}`;
  if (met.get(a) === b) return null;
  met.set(a, b);
  const entries = (value: object): [string, unknown][] => {
    if (value instanceof Map)
      return [...(value as Map<unknown, unknown>)].flatMap(([k, v], i): [string, unknown][] => [
        [`key ${i}`, k],
        [`value ${i}`, v],
      ]);
    if (value instanceof Set) return [...(value as Set<unknown>)].map((v, i) => [`member ${i}`, v]);
    return Object.entries(value);
  };
  const [ours, theirs] = [entries(a), new Map(entries(b))];
  if (ours.length !== theirs.size) return `${at}: ${ours.length} and ${theirs.size} entries`;
  for (const [name, value] of ours) {
    if (!theirs.has(name)) return `${at}/${name} is on one side only`;
    const found = firstDifference(value, theirs.get(name), `${at}/${name}`, met);
    if (found !== null) return found;
  }
  return null;
}

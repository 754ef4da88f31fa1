import type { Plan } from '../plan/schema';
import type { Reckoning } from '../reckoning';

/** A reckoning as plain data that can be compared: mends worked out. */
export function plainly(plan: Plan, reckoning: Reckoning): Readonly<Record<string, unknown>> {
  const { findings, ...rest } = reckoning;
  return {
    ...rest,
    findings: findings.map(({ mends, ...finding }) => ({ ...finding, mends: mends(plan) })),
  };
}

const isObject = (value: unknown): value is object => value !== null && typeof value === 'object';

/** Pairs of values that were met already: what holds the same value many times is looked at once. */
export type Met = Map<object, Set<object>>;

const toldApart = (value: object): readonly [string, unknown][] => {
  if (value instanceof Map)
    return [...(value as Map<unknown, unknown>)].flatMap(([k, v], i): [string, unknown][] => [
      [`key ${i}`, k],
      [`value ${i}`, v],
    ]);
  if (value instanceof Set) return [...(value as Set<unknown>)].map((v, i) => [`member ${i}`, v]);
  return Object.entries(value);
};

/** Lists are most of what is compared: place by place, without a name for each. */
function firstInList(a: readonly unknown[], b: readonly unknown[], met: Met): string | null {
  if (a.length !== b.length) return `: ${a.length} and ${b.length} entries`;
  for (let i = 0; i < a.length; i++) {
    const found = firstDifference(a[i], b[i], met);
    if (found !== null) return `/${i}${found}`;
  }
  return null;
}

/**
 * Where two values first say something else, however deep, such as `/posts/3/depth: 0.6 and 0.75`; null where they say the same. Functions are
 * taken for alike: what they give is told elsewhere.
 */
export function firstDifference(a: unknown, b: unknown, met: Met = new Map()): string | null {
  if (Object.is(a, b) || (typeof a === 'function' && typeof b === 'function')) return null;
  if (!isObject(a) || !isObject(b)) return `: ${String(a)} and ${String(b)}`;
  const before = met.get(a);
  if (before?.has(b)) return null;
  if (before) before.add(b);
  else met.set(a, new Set([b]));
  if (Array.isArray(a) && Array.isArray(b)) return firstInList(a, b, met);
  if (Array.isArray(a) || Array.isArray(b)) return ': a list and what is none';
  const [ours, theirs] = [toldApart(a), new Map(toldApart(b))];
  if (ours.length !== theirs.size) return `: ${ours.length} and ${theirs.size} entries`;
  for (const [name, value] of ours) {
    if (!theirs.has(name)) return `/${name} is on one side only`;
    const found = firstDifference(value, theirs.get(name), met);
    if (found !== null) return `/${name}${found}`;
  }
  return null;
}

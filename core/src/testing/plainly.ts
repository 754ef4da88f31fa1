import type { Plan } from '../plan/schema';
import type { Reckoning } from '../reckoning';
import { toldVerdicts, toldWorst } from '../verdicts/rated/standings';

/** A reckoning as plain data that can be compared: mends worked out. */
export function plainly(plan: Plan, reckoning: Reckoning): Readonly<Record<string, unknown>> {
  const { findings, verdicts, worst, ...rest } = reckoning;
  return {
    ...rest,
    verdicts: toldVerdicts(verdicts),
    worst: toldWorst(worst),
    findings: findings.map(({ mends, ...finding }) => ({ ...finding, mends: mends(plan) })),
  };
}

const isObject = (value: unknown): value is object => value !== null && typeof value === 'object';

/** What a value was last met with: what holds the same pair many times, or holds itself, is looked at once. */
export type Met = Map<object, object>;

type Difference = string | null;

/** Lists are most of what is compared: place by place, without a name for each. */
function firstInList(a: ArrayLike<unknown>, b: ArrayLike<unknown>, met: Met): Difference {
  if (a.length !== b.length) return `: ${a.length} and ${b.length} entries`;
  for (let i = 0; i < a.length; i++) {
    const found = firstDifference(a[i], b[i], met);
    if (found !== null) return `/${i}${found}`;
  }
  return null;
}

function firstInFields(a: object, b: object, met: Met): Difference {
  const names = Object.keys(a);
  const many = Object.keys(b).length;
  if (names.length !== many) return `: ${names.length} and ${many} entries`;
  const [ours, theirs] = [a, b] as Readonly<Record<string, unknown>>[];
  for (const name of names) {
    if (!Object.hasOwn(b, name)) return `/${name} is on one side only`;
    const found = firstDifference(ours?.[name], theirs?.[name], met);
    if (found !== null) return `/${name}${found}`;
  }
  return null;
}

/** A collection or a list as a list, in its order; null of what has fields. */
function listed(value: object): ArrayLike<unknown> | null {
  if (Array.isArray(value)) return value as readonly unknown[];
  if (value instanceof Map || value instanceof Set) return [...(value as Iterable<unknown>)];
  return ArrayBuffer.isView(value) && 'length' in value ? (value as unknown as ArrayLike<unknown>) : null;
}

/**
 * Where two values first say something else, however deep, such as `/posts/3/depth: 0.6 and 0.75`; null where they say the same. Functions are
 * taken for alike: what they give is told elsewhere.
 */
export function firstDifference(a: unknown, b: unknown, met: Met = new Map()): Difference {
  if (Object.is(a, b) || (typeof a === 'function' && typeof b === 'function')) return null;
  if (!isObject(a) || !isObject(b)) return `: ${String(a)} and ${String(b)}`;
  if (met.get(a) === b) return null;
  met.set(a, b);
  const [ours, theirs] = [listed(a), listed(b)];
  if (ours && theirs) return firstInList(ours, theirs, met);
  if (ours ?? theirs) return ': a list and what is none';
  return firstInFields(a, b, met);
}

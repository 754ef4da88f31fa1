import type { z } from 'zod';
import { type Plan, planSchema, planShape } from '../plan/schema';
import { blocking } from '../blocking';
import { sayFinding } from '../words/findings';
import { readerFor } from '../words/reader';

/** Something wrong with a plan from outside: where, and how to mend it. */
export interface Problem {
  readonly code: string;
  /** JSON pointer (RFC 6901) to the field; empty for the whole document. */
  readonly pointer: string;
  readonly message: string;
}

export type ReadPlan =
  { readonly ok: true; readonly plan: Plan } | { readonly ok: false; readonly problems: readonly Problem[] };

const pointerOf = (path: readonly PropertyKey[]): string =>
  path.map((key) => `/${String(key).replaceAll('~', '~0').replaceAll('/', '~1')}`).join('');

/** At most this many problems are named; a file with more is wrong in kind, not in detail. */
const MOST_PROBLEMS = 50;

const valueAt = (document: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>(
    (at, key) =>
      typeof at === 'object' && at !== null ? (at as Record<PropertyKey, unknown>)[key] : undefined,
    document,
  );

/** Zod's words made plain where they would not help a keeper. */
function messageOf(issue: z.core.$ZodIssue, document: unknown): string {
  const given = valueAt(document, issue.path);
  switch (issue.code) {
    case 'invalid_type':
      if (given === undefined) return `is missing; a ${issue.expected} belongs here`;
      return `must be a ${issue.expected}${given === NOT_FINITE ? ', not NaN or infinite' : ''}`;
    case 'too_big':
      if (issue.origin === 'array') return `has more than ${issue.maximum} entries`;
      return issue.origin === 'string'
        ? `is longer than ${issue.maximum} characters`
        : `must be at most ${issue.maximum}`;
    case 'too_small':
      if (issue.origin === 'array') return `needs at least ${issue.minimum} entries`;
      return issue.origin === 'string' ? `must not be empty` : `must be at least ${issue.minimum}`;
    case 'invalid_value':
      return `must be one of ${issue.values.map((v) => JSON.stringify(v)).join(', ')}`;
    case 'unrecognized_keys':
      return `has fields that a plan does not: ${issue.keys.join(', ')}`;
    case 'invalid_union':
      return 'is none of the kinds that belong here';
    case 'not_multiple_of':
    case 'invalid_format':
    case 'invalid_key':
    case 'invalid_element':
    case 'custom':
      return issue.message;
  }
}

/**
 * Checks a document from outside, shape first, then what cannot be built.
 *
 * @param document  parsed JSON of unknown shape
 * @returns the plan, or every problem with its pointer; blocking findings refuse a plan as well
 */
export function checkPlan(document: unknown): ReadPlan {
  const parsed = planSchema.safeParse(document);
  if (!parsed.success) {
    const problems = parsed.error.issues.slice(0, MOST_PROBLEMS).map((issue): Problem => {
      return { code: issue.code, pointer: pointerOf(issue.path), message: messageOf(issue, document) };
    });
    return { ok: false, problems };
  }
  const blocks = blocking(parsed.data);
  if (blocks.length === 0) return { ok: true, plan: parsed.data };
  const reader = readerFor(parsed.data);
  return {
    ok: false,
    problems: blocks.map((f) => ({
      code: f.code,
      pointer: partPointer(parsed.data, f.part),
      message: sayFinding(f, reader),
    })),
  };
}

/** A part's path as a pointer into the document. */
function partPointer(plan: Plan, part: string): string {
  const [head = ''] = part.split('/');
  const [kind, id] = head.split(':');
  const lists = {
    side: plan.sides,
    corner: plan.corners,
    opening: plan.openings,
    building: plan.ground.buildings,
  } as const;
  const names = {
    side: 'sides',
    corner: 'corners',
    opening: 'openings',
    building: 'ground/buildings',
  } as const;
  if (kind !== 'side' && kind !== 'corner' && kind !== 'opening' && kind !== 'building') return '';
  const i = lists[kind].findIndex((thing) => thing.id === id);
  return i < 0 ? '' : `/${names[kind]}/${i}`;
}

const NOT_FINITE = 'not a finite number';

/** Puts a marker where a careless program wrote NaN or Infinity, so that the field can be named. */
function markNotFinite(text: string): string {
  return text.replace(/"(?:[^"\\]|\\.)*"|-?\b(?:NaN|Infinity)\b/g, (token) =>
    token.startsWith('"') ? token : JSON.stringify(NOT_FINITE),
  );
}

/** @param text  a plan file as it came */
export function readPlan(text: string): ReadPlan {
  try {
    return checkPlan(JSON.parse(text.replace(/^\uFEFF/, '')));
  } catch (error) {
    try {
      const marked: unknown = JSON.parse(markNotFinite(text));
      return checkPlan(marked);
    } catch {
      const why = error instanceof Error ? error.message : 'it cannot be parsed';
      return {
        ok: false,
        problems: [{ code: 'not-json', pointer: '', message: `this is not a JSON document: ${why}` }],
      };
    }
  }
}

/** A plan as a file: indented, keys in the order of the schema. */
export const writePlan = (plan: Plan): string => `${JSON.stringify(plan, null, 2)}\n`;

/**
 * A plan that was stored before a field came into being, with that field's default.
 *
 * @throws ZodError for a document that never was a plan: only checked plans are stored, so that is a bug
 */
export const completePlan = (stored: unknown): Plan => planShape.parse(stored);

import { type PartRef, partFields, thingOf } from '../plan/partRef';
import type * as z from 'zod/mini';
import { type Plan, planShape } from '../plan/schema';
import { planSchema } from '../plan/document';
import { brought, isNewer } from '../plan/versions';
import { blocking } from '../stages/blocking';
import { cutText, utf8 } from '../schema/text';
import { amiss } from './amount';
import { MOST_PROBLEMS, type Problem, pointerOf } from './problem';
import { sayFinding } from '../words/findings';
import { readerFor } from '../saying/makeReader';

export type ReadPlan =
  { readonly ok: true; readonly plan: Plan } | { readonly ok: false; readonly problems: readonly Problem[] };

/** A larger text is no plan file: a plan with all that it can hold is well under it, characters. */
export const PLAN_FILE_LIMIT = 16 * 1024 * 1024;
/** Unknown fields that are named. */
const MOST_NAMED = 5;

const valueAt = (document: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>(
    (at, key) =>
      typeof at === 'object' && at !== null ? (at as Record<PropertyKey, unknown>)[key] : undefined,
    document,
  );

/** The first few names, each cut short. */
function someOf(names: readonly string[]): string {
  const said = names.slice(0, MOST_NAMED).map((n) => cutText(n, 40));
  return names.length > said.length
    ? `${said.join(', ')} and ${names.length - said.length} more`
    : said.join(', ');
}

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
      return `has fields that a plan does not: ${someOf(issue.keys)}`;
    case 'invalid_union':
      return 'is none of the kinds that belong here';
    case 'invalid_key':
      return 'is no name that belongs here';
    case 'not_multiple_of':
    case 'invalid_format':
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
  const wrong = amiss(document);
  if (wrong) return { ok: false, problems: [wrong] };
  if (isNewer(document))
    return {
      ok: false,
      problems: [
        { code: 'newer', pointer: '/formatVersion', message: 'is from a newer Aviarum; open it there' },
      ],
    };
  const parsed = planSchema.safeParse(brought(document));
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

/** Where in the document the thing stands that a part is of; the whole document where it is of none. */
function partPointer(plan: Plan, part: PartRef): string {
  const thing = thingOf(part);
  if (!thing) return '';
  const { side, corner, opening, building } = partFields(thing);
  const [list, name, id] = {
    side: [plan.sides, 'sides', side] as const,
    corner: [plan.corners, 'corners', corner] as const,
    opening: [plan.openings, 'openings', opening] as const,
    building: [plan.ground.buildings, 'ground/buildings', building] as const,
  }[thing.on];
  const i = list.findIndex((t) => t.id === id);
  return i < 0 ? '' : `/${name}/${i}`;
}

const NOT_FINITE = 'not a finite number';

/** Puts a marker where a careless program wrote NaN or Infinity, so that the field can be named. */
function markNotFinite(text: string): string {
  return text.replace(/"(?:[^"\\]|\\.)*"|-?\b(?:NaN|Infinity)\b/g, (token) =>
    token.startsWith('"') ? token : JSON.stringify(NOT_FINITE),
  );
}

const refused = (code: string, message: string): ReadPlan => ({
  ok: false,
  problems: [{ code, pointer: '', message }],
});

/** JSON as it is, or with a marker in place of what is no number; why not, where it is neither. */
function parsed(
  text: string,
): { readonly is: 'json'; readonly document: unknown } | { readonly is: 'none'; readonly why: string } {
  try {
    return { is: 'json', document: JSON.parse(text) as unknown };
  } catch (error) {
    try {
      return { is: 'json', document: JSON.parse(markNotFinite(text)) as unknown };
    } catch {
      return {
        is: 'none',
        why: error instanceof Error ? cutText(error.message, 200) : 'it cannot be parsed',
      };
    }
  }
}

/** @param text  a plan file as it came */
export function readPlan(text: string): ReadPlan {
  if (text.length > PLAN_FILE_LIMIT)
    return refused('too-large', `is over ${PLAN_FILE_LIMIT / 1024 / 1024} MB; a plan is far smaller`);
  const read = parsed(text.replace(/^\uFEFF/, ''));
  return read.is === 'none'
    ? refused('not-json', `this is not a JSON document: ${read.why}`)
    : checkPlan(read.document);
}

/** A plan file as bytes, such as they come from a disk or a network. */
export function readPlanBytes(bytes: Uint8Array): ReadPlan {
  if (bytes.length > PLAN_FILE_LIMIT)
    return refused('too-large', `is over ${PLAN_FILE_LIMIT / 1024 / 1024} MB; a plan is far smaller`);
  const text = utf8(bytes);
  return text === undefined
    ? refused('not-utf8', 'is not UTF-8 text: a character in it is broken. Save it again as UTF-8.')
    : readPlan(text);
}

/** A plan as a file: indented, keys in the order of the schema. */
export const writePlan = (plan: Plan): string => `${JSON.stringify(plan, null, 2)}\n`;

/**
 * A plan that was stored before a field came into being, with that field's default.
 *
 * @throws ZodError for a document that never was a plan: only checked plans are stored, so that is a bug
 */
export const completePlan = (stored: unknown): Plan => planShape.parse(brought(stored));

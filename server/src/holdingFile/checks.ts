import { type Plan, type Problem, amiss, checkPlan, cutText, pointerOf } from '@aviarum/core';
import { z } from 'zod';
import { BorderError } from '../problem';

const MOST_TOLD = 20;
const DOCUMENTS: ReadonlySet<string> = new Set(['plan', 'plans', 'revision']);

export function refuseAll(problems: readonly Problem[]): never {
  throw new BorderError(422, 'The holding was refused; nothing was saved.', problems.slice(0, MOST_TOLD));
}

export const refuse = (code: string, pointer: string, message: string): never =>
  refuseAll([{ code, pointer, message }]);

const below = (at: string, problems: readonly Problem[]): readonly Problem[] =>
  problems.map((p) => ({ ...p, pointer: `${at}${p.pointer}` }));

/** @throws BorderError 422 naming each field, under `at` */
export function right<T>(schema: z.core.$ZodType<T>, document: unknown, at: string): T {
  if (typeof document === 'object' && document !== null)
    // Documents are looked through where they are read.
    for (const [key, value] of Object.entries(document)) {
      const wrong = DOCUMENTS.has(key) ? undefined : amiss(value);
      if (wrong) refuseAll([{ ...wrong, pointer: `${at}/${key}${wrong.pointer}` }]);
    }
  const read = z.safeParse(schema, document);
  if (read.success) return read.data;
  const problems = read.error.issues.map((issue): Problem => {
    return { code: issue.code, pointer: pointerOf(issue.path), message: issue.message.slice(0, 300) };
  });
  return refuseAll(below(at, problems));
}

/** @throws BorderError 422 with what is wrong with the plan, under `at` */
export function planAt(document: unknown, at: string): Plan {
  const read = checkPlan(document);
  return read.ok ? read.plan : refuseAll(below(at, read.problems));
}

/** @throws BorderError 422 where there is a problem */
export function none(problems: readonly Problem[], at: string): void {
  if (problems.length > 0) refuseAll(below(at, problems));
}

/** @throws BorderError 422 with why it is no JSON */
export function parsed(text: string, at: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch (error) {
    const why = error instanceof Error ? cutText(error.message, 200) : 'it cannot be parsed';
    return refuse('not-json', at, `is no JSON: ${why}`);
  }
}

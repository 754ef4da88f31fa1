import { MOST_PROBLEMS, type Problem, amiss, pointerOf, utf8 } from '@aviarum/core';
import type { Context, MiddlewareHandler } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { z } from 'zod';
import { BorderError } from '../problem';

function refuse(status: 400 | 413 | 422, code: string, title: string, message: string): never {
  throw new BorderError(status, title, [{ code, pointer: '', message }]);
}

/** Larger bodies are refused before they are read: by what they say of themselves, or counted while they come where they say nothing. */
export function atMost(bytes: number): MiddlewareHandler {
  const tooLarge = () =>
    refuse(413, 'too-large', 'The request is too large.', `must be at most ${bytes} bytes`);
  const counted = bodyLimit({ maxSize: bytes, onError: tooLarge });
  return async (c, next) => {
    const said = c.req.header('content-length');
    // To look at the body itself would take it out of the quick way in which it is read.
    if (said === undefined || c.req.header('transfer-encoding') !== undefined) return counted(c, next);
    if (Number(said) > bytes) tooLarge();
    return next();
  };
}

/** Body of a request as text. @throws BorderError 400 when it is no UTF-8 */
export async function textBody(c: Context): Promise<string> {
  return (
    utf8(new Uint8Array(await c.req.arrayBuffer())) ??
    refuse(400, 'not-utf8', 'The request is not UTF-8 text.', 'holds a broken character')
  );
}

/** JSON body of a request. @throws BorderError 400 when it is none */
export async function jsonBody(c: Context): Promise<unknown> {
  const text = await textBody(c);
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return refuse(400, 'not-json', 'The request is not JSON.', 'must be a JSON document');
  }
}

/**
 * What is far too much, or no value that a schema may ask, is refused before it is looked at. A plan is looked through where it is read.
 *
 * @throws BorderError 422 naming each field
 */
export function checked<T>(schema: z.core.$ZodType<T>, document: unknown): T {
  const wrong = amiss(
    typeof document === 'object' && document !== null && 'plan' in document
      ? { ...document, plan: null }
      : document,
  );
  if (wrong) throw new BorderError(422, 'Some fields are not right.', [wrong]);
  const read = z.safeParse(schema, document);
  if (read.success) return read.data;
  const problems = read.error.issues.slice(0, MOST_PROBLEMS).map((issue): Problem => {
    return { code: issue.code, pointer: pointerOf(issue.path), message: issue.message.slice(0, 300) };
  });
  throw new BorderError(422, 'Some fields are not right.', problems);
}

import type { Problem } from '@aviarum/core';
import type { Context } from 'hono';
import type { z } from 'zod';
import { BorderError } from '../problem';

/** JSON body of a request. @throws BorderError 400 when it is none */
export async function jsonBody(c: Context): Promise<unknown> {
  try {
    return await c.req.json();
  } catch (error) {
    if (error instanceof BorderError) throw error;
    throw new BorderError(400, 'The request is not JSON.', [
      { code: 'not-json', pointer: '', message: 'must be a JSON document' },
    ]);
  }
}

/** @throws BorderError 422 naming each field */
export function checked<T>(schema: z.ZodType<T>, document: unknown): T {
  const read = schema.safeParse(document);
  if (read.success) return read.data;
  const problems = read.error.issues.map((issue): Problem => {
    return {
      code: issue.code,
      pointer: issue.path.map((key) => `/${String(key)}`).join(''),
      message: issue.message,
    };
  });
  throw new BorderError(422, 'Some fields are not right.', problems);
}

import type { Problem } from '@aviarum/core';
import type { Context } from 'hono';
import { HTTPException } from 'hono/http-exception';
import type { ContentfulStatusCode } from 'hono/utils/http-status';

/** An error at a border, as problem+json (RFC 9457) with a pointer to each field. */
export class BorderError extends HTTPException {
  readonly title: string;
  readonly problems: readonly Problem[];
  /** Further members of the answer, such as the state that a save ran into. */
  readonly more: Readonly<Record<string, unknown>>;

  constructor(
    status: ContentfulStatusCode,
    title: string,
    problems: readonly Problem[] = [],
    more: Readonly<Record<string, unknown>> = {},
  ) {
    super(status, { message: title });
    this.title = title;
    this.problems = problems;
    this.more = more;
  }
}

export function problemResponse(
  c: Context,
  status: ContentfulStatusCode,
  title: string,
  { problems = [], more = {} }: { readonly problems?: readonly Problem[]; readonly more?: object } = {},
) {
  const body = { type: 'about:blank', title, status, problems, ...more };
  return c.body(JSON.stringify(body), status, { 'content-type': 'application/problem+json' });
}

export const notFound = (what: string) => new BorderError(404, `There is no such ${what}.`);

/** Something wrong with a document from outside: where, and how to mend it. */
export interface Problem {
  readonly code: string;
  /** JSON pointer (RFC 6901) to the field; empty for the whole document. */
  readonly pointer: string;
  readonly message: string;
}

/** At most this many problems are named; a file with more is wrong in kind, not in detail. */
export const MOST_PROBLEMS = 50;

/** A path as a pointer; keys that somebody made up are cut short. */
export const pointerOf = (path: readonly PropertyKey[]): string =>
  path.map((key) => `/${String(key).slice(0, 60).replaceAll('~', '~0').replaceAll('/', '~1')}`).join('');

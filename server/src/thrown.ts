/** What was thrown, as far as it says. */
export interface Thrown {
  readonly name: string;
  readonly message: string;
  /** SQLSTATE or a system error's name; empty where there is none. */
  readonly code: string;
}

const textAt = (thing: object, key: string): string => {
  const value: unknown = Reflect.get(thing, key);
  return typeof value === 'string' ? value : '';
};

/** @returns undefined for what is no error at all */
export function thrown(error: unknown): Thrown | undefined {
  if (typeof error !== 'object' || error === null || !('message' in error)) return undefined;
  // Several addresses were tried: the first failure says why.
  const first: unknown = 'errors' in error && Array.isArray(error.errors) ? error.errors[0] : undefined;
  const cause = typeof first === 'object' && first !== null ? first : error;
  return {
    name: textAt(error, 'name'),
    message: textAt(cause, 'message'),
    code: textAt(cause, 'code') || textAt(error, 'code'),
  };
}

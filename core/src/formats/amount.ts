import { type Problem, pointerOf } from './problem';

/** More entries than any list, and more fields than any object of a plan has. */
const MOST_ROWS = 2000;
/** More values than any plan holds. */
const MOST_VALUES = 400_000;
/** Deeper than any plan goes. */
const DEEPEST = 32;

type Key = string | number;

/** What is amiss, with the keys from the outside in that lead to it. */
interface Amiss {
  readonly code: string;
  readonly message: string;
  readonly path: readonly Key[];
}

const here = (code: string, message: string): Amiss => ({ code, message, path: [] });
const below = (key: Key, found: Amiss): Amiss => ({ ...found, path: [key, ...found.path] });

/** Looks through everything, counting. */
class Count {
  private values = 0;

  in(at: unknown, depth: number): Amiss | undefined {
    this.values += 1;
    if (this.values > MOST_VALUES)
      return here('too-large', `holds more than ${MOST_VALUES} values; no plan has as many`);
    if (typeof at !== 'object' || at === null) return undefined;
    if (depth > DEEPEST) return here('too-deep', 'lies deeper than anything in a plan');
    return Array.isArray(at)
      ? this.list(at, depth)
      : this.object(at as Readonly<Record<string, unknown>>, depth);
  }

  private list(at: readonly unknown[], depth: number): Amiss | undefined {
    if (at.length > MOST_ROWS)
      return here('too-large', `has ${at.length} entries; nothing in a plan has more than ${MOST_ROWS}`);
    for (let i = 0; i < at.length; i++) {
      const found = this.in(at[i], depth + 1);
      if (found) return below(i, found);
    }
    return undefined;
  }

  private object(at: Readonly<Record<string, unknown>>, depth: number): Amiss | undefined {
    const keys = Object.keys(at);
    if (keys.length > MOST_ROWS)
      return here('too-large', `has ${keys.length} fields; nothing in a plan has more than ${MOST_ROWS}`);
    // A list or a text is asked for its length: something that only says it has one may be no text and no number.
    if (typeof at.length === 'object' && at.length !== null)
      return below('length', here('invalid_type', 'must be a number'));
    for (const key of keys) {
      // Such a field would not be seen again: it is the object's own maker.
      if (key === '__proto__') return below(key, here('bad-key', 'is no field of a plan; leave it out'));
      const found = this.in(at[key], depth + 1);
      if (found) return below(key, found);
    }
    return undefined;
  }
}

/**
 * Whether a document is far too much to be a plan, or has a field that no object may have: looked at before anything else, so that nobody waits for
 * twelve million wrong entries.
 *
 * @returns what is amiss, with its pointer; undefined where it may be a plan
 */
export function amiss(document: unknown): Problem | undefined {
  const found = new Count().in(document, 0);
  return found && { code: found.code, pointer: pointerOf(found.path), message: found.message };
}

import type { Problem } from './problem';

/** More entries than any list, and more fields than any object of a plan has. */
const MOST_ROWS = 2000;
/** More values than any plan holds. */
const MOST_VALUES = 400_000;
/** Deeper than any plan goes. */
const DEEPEST = 32;

interface Waiting {
  readonly at: unknown;
  readonly pointer: string;
  readonly depth: number;
}

const part = (key: string | number): string => `/${String(key).replaceAll('~', '~0').replaceAll('/', '~1')}`;

/**
 * Whether a document is far too much to be a plan, or has a field that no object may have: looked at before anything else, so that nobody waits for
 * twelve million wrong entries.
 *
 * @returns what is amiss, with its pointer; undefined where it may be a plan
 */
export function amiss(document: unknown): Problem | undefined {
  const waiting: Waiting[] = [{ at: document, pointer: '', depth: 0 }];
  let values = 0;
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    const { at, pointer, depth } = next;
    values += 1;
    if (values > MOST_VALUES)
      return {
        code: 'too-large',
        pointer: '',
        message: `holds more than ${MOST_VALUES} values; no plan has as many`,
      };
    if (typeof at !== 'object' || at === null) continue;
    if (depth > DEEPEST)
      return {
        code: 'too-deep',
        pointer: pointer.slice(0, 200),
        message: 'lies deeper than anything in a plan',
      };
    // Such a field would not be seen again: it is the object's own maker.
    if (Object.hasOwn(at, '__proto__'))
      return {
        code: 'bad-key',
        pointer: `${pointer}/__proto__`,
        message: 'is no field of a plan; leave it out',
      };
    const list = Array.isArray(at);
    const count = list ? at.length : Object.keys(at).length;
    if (count > MOST_ROWS) {
      const what = list ? 'entries' : 'fields';
      return {
        code: 'too-large',
        pointer: pointer.slice(0, 200),
        message: `has ${count} ${what}; nothing in a plan has more than ${MOST_ROWS}`,
      };
    }
    const entries: readonly (readonly [string | number, unknown])[] = list
      ? [...at.entries()]
      : Object.entries(at);
    for (const [key, value] of entries)
      waiting.push({ at: value, pointer: `${pointer}${part(key)}`, depth: depth + 1 });
  }
  return undefined;
}

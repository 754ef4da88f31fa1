import * as z from 'zod/mini';

/** What no text may hold: PostgreSQL keeps no NUL, and half a character is none. */
const NOT_TEXT = /[\0\p{Surrogate}]/u;

/** Length of the texts that a keeper types, in characters. */
export const LENGTHS = { name: 120, note: 200, piece: 60, ticked: 200 } as const;

/** Characters as a keeper counts them at the keyboard: an emoji is one, not two halves. */
const charactersOf = (text: string): readonly string[] => [...text];

/** Text from outside: whole characters, at most so many. The one schema for every text in plans, stock and requests. */
export const textOf = (most: number) =>
  z
    .string()
    .check(
      z.refine((text) => text.length <= most || charactersOf(text).length <= most, {
        message: `must be at most ${most} characters`,
        abort: true,
      }),
      z.refine((text) => !NOT_TEXT.test(text), 'must not hold a null or half a character'),
    )
    .register(z.globalRegistry, { maxLength: most });

/** What fits of a text, cut between characters; what is no text is left out. */
export const cutText = (text: string, most: number): string =>
  charactersOf(text)
    .filter((c) => !NOT_TEXT.test(c))
    .slice(0, most)
    .join('');

/** Words such as `constructor` mean something to every JavaScript object: as a name they would be found where nothing was put. */
export const isTaken = (id: string): boolean => id in {};

/** Bytes as text; undefined where they are no UTF-8. A mark of byte order is left out. */
export function utf8(bytes: Uint8Array): string | undefined {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return undefined;
  }
}

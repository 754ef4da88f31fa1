/** `1 gate`, `2 gates`. */
export const counted = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

const LISTS = { and: 'conjunction', or: 'disjunction' } as const;

/** `fox`, `fox and rat`, `fox, mink and rat`. */
export function listed(words: readonly string[], last: keyof typeof LISTS = 'and'): string {
  const [first = '', ...more] = words;
  // A formatter takes long to make the first time, and one word needs none.
  return more.length === 0 ? first : new Intl.ListFormat('en-GB', { type: LISTS[last] }).format(words);
}

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A turn as it is said: `90°`. */
export const turned = (radians: number): string => `${Math.round((radians * 180) / Math.PI)}°`;

/** `side 2`, `sides 1, 2 and 3`: by what the keeper calls them. */
export const sidesSaid = (numbers: readonly number[]): string =>
  `${numbers.length === 1 ? 'side' : 'sides'} ${listed(numbers.map(String))}`;

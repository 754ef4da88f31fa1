/** `1 gate`, `2 gates`. */
export const counted = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

/** `fox`, `fox and rat`, `fox, mink and rat`. */
export function listed(words: readonly string[], last = 'and'): string {
  if (words.length < 2) return words.join('');
  return `${words.slice(0, -1).join(', ')} ${last} ${words[words.length - 1] ?? ''}`;
}

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A turn as it is said: `90°`. */
export const turned = (radians: number): string => `${Math.round((radians * 180) / Math.PI)}°`;

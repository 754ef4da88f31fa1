/** A figure with its sign where it is more than nothing. */
export const signed = (text: string, value: number): string => (value > 0 ? `+${text}` : text);

/**
 * What a holding may hold. One set for what is written and for what is put back from a file, so that whatever is kept can be taken out and put back
 * whole.
 */
export const LIMITS = {
  /** With those in the bin. */
  plans: 1000,
  /** Of one plan: after ten years of thinning there are some 300. */
  revisions: 1000,
  pieces: 2000,
  products: 500,
  prices: 2000,
  yardLists: 20,
  meters: 24,
  /** Of one meter, as it read them minute by minute: a fortnight of a reading each minute. */
  minutes: 20_000,
} as const;

/** What was given would be more than a holding may hold. */
export class TooMany extends Error {
  constructor(
    readonly what: string,
    readonly most: number,
  ) {
    super(`more than ${most} ${what}`);
  }
}

/** @throws TooMany when there are more than there may be */
export function atMostOf(what: string, most: number, count: number): void {
  if (count > most) throw new TooMany(what, most);
}

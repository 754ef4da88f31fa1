/** Metres along and up to px. */
export interface StripScale {
  readonly x: (metres: number) => number;
  readonly y: (height: number) => number;
}

/** What a piece that is cut is for. */
export interface PieceUse {
  /** As a sentence calls it. */
  readonly name: string;
  /** Where its letter stands on the drawings: over the run on the sheet alone. */
  readonly letters: 'wall' | 'ground' | 'over';
  /** Whether it runs along the fence, so that a little less fence would need a little less of it. */
  readonly along: 'fence' | 'nothing';
}
export type Uses = Readonly<Record<string, PieceUse>>;

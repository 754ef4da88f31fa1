/** What a line's wall asks of its posts: its top as meant, m, and whether it is of woven wire, which pulls. */
export interface WallTop {
  readonly top: number;
  readonly pulls: 'woven' | 'no';
}

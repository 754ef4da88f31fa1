import { type PartOf } from '../../plan/partRef';
/** A length of mesh. */
export interface MeshPart {
  readonly kind: 'mesh';
  readonly part: PartOf<'row' | 'above' | 'found' | 'rake'>;
  readonly side: string;
  readonly from: number;
  readonly to: number;
  readonly bottom: number;
  readonly top: number;
  /** Where it is cut to a fall, its tops at `from` and `to`. */
  readonly ends?: readonly [number, number];
  readonly mesh: string;
  /** Where a bay steps, the height that bottom and top are above: the ground at its high post. Null: the ground under it. */
  readonly level: number | null;
  /** New: bought and hung. Standing: here already. */
  readonly origin: 'new' | 'standing';
}

/** A board or rail along the foot or the top of the wall. */
export interface BoardPart {
  readonly kind: 'board';
  readonly part: PartOf<'board'>;
  readonly side: string;
  readonly from: number;
  readonly to: number;
  readonly bottom: number;
  readonly top: number;
}

/** Names of its figures: metres by band, and of boards. */
export type FigureName =
  | `down.${'length' | 'posts'}`
  | `roofed.${string}.${'area' | 'rake'}`
  | `mesh.${string}.${'length' | 'slopeExtra'}`
  | `boards.${'ground' | 'top'}`;

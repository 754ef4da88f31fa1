import type { PostPart } from '../stages/posts/told';
import type { PostRole, Side } from '../plan/schema';
import type { Hanging, Stroked } from '../stages/ways/plan/kinds/kind';
import type { Vector } from '../ground/vector';
import type { StripLine, StripPanel } from './scene/scene';
import type { StripPiece } from './stripPieces';
import type { KindId } from '../stages/ways/plan/kinds';

/** A length of the unrolled ring, left to right from the first corner. All m. */
export interface StripSide {
  readonly id: string;
  readonly number: number;
  /** Number of the corner that it begins at. */
  readonly corner: number;
  readonly kind: Side['kind'];
  /** Where it begins along the strip. */
  readonly begins: number;
  readonly length: number;
  readonly forward: boolean;
  readonly label: string;
}

/** Heights of the strip are those of the ground: `foot` is the ground where a thing stands, m. */
export interface StripPost {
  readonly part: string;
  readonly number: number;
  readonly role: PostRole;
  readonly x: number;
  readonly foot: number;
  readonly above: number;
  readonly depth: number;
  readonly size: number;
  readonly origin: PostPart['origin'];
}

export interface StripGate {
  readonly part: string;
  readonly way: KindId;
  /** As it is called beside its picture. */
  readonly name: string;
  /** Between two posts of its own, or in the mesh. */
  readonly hangs: Hanging['hangs'];
  /** Lines over it, as shares of its width and height from its foot. */
  readonly face: readonly Stroked[];
  readonly from: number;
  readonly to: number;
  readonly feet: readonly [number, number];
  readonly bottom: number;
  readonly top: number;
}

/** A board or rail along the mesh, as a line of posts sees it. */
export interface StripBoard {
  readonly part: string;
  readonly points: readonly Vector[];
}

/** From post to post: what the mesh has to climb, rise over run to the right. */
export interface StripBay {
  readonly from: number;
  readonly to: number;
  readonly grade: number;
}

export interface StripScene {
  readonly enclosure: string;
  readonly sides: readonly StripSide[];
  readonly posts: readonly StripPost[];
  readonly panels: readonly StripPanel[];
  /** What stages draw beside: lines along the ground, marks. */
  readonly lines: readonly StripLine[];
  readonly gates: readonly StripGate[];
  readonly boards: readonly StripBoard[];
  readonly bays: readonly StripBay[];
  readonly pieces: readonly StripPiece[];
  /** The ground all along, left to right. */
  readonly ground: readonly Vector[];
  readonly length: number;
  /** Highest and lowest thing drawn, m. */
  readonly high: number;
  readonly low: number;
}

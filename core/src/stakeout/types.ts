import type { PostPart } from '../stages/posts/told';
import type { Vector } from '../ground/vector';
import type { PostRole } from '../plan/schema';
import type { KindId } from '../stages/ways/plan/kinds';

/** A fixed place that stakes are measured from. */
export interface StakeMark {
  readonly id: string;
  readonly name: string;
  readonly at: Vector;
}

/** A corner to be staked, with the two distances that put it there. All m. */
export interface Stake {
  /** `corner:c1`. */
  readonly part: string;
  /** `Corner 3`, `Night loop, corner 2`. */
  readonly name: string;
  readonly number: number;
  readonly at: Vector;
  /** Along the tape from each of the two marks, over the ground's slope. */
  readonly tapes: readonly [number, number];
  /** On the level: what is kept where the tape is held level. */
  readonly level: readonly [number, number];
  /** In front of the line from the first mark to the second, or behind it. */
  readonly side: 'front' | 'behind' | 'on';
  /** The two tapes meet too flat to tell the place well, or the stake is a mark itself. */
  readonly told: 'well' | 'badly' | 'is-mark';
}

/** A post along a string, by running distance from the string's first stake. All m. */
export interface StringPost {
  readonly part: string;
  readonly number: number;
  readonly role: PostRole;
  /** Of its centre. A gate post stands half its own width back from the opening. */
  readonly mark: number;
  readonly depth: number;
  readonly above: number;
  readonly buy: number;
  readonly cutOff: number;
  readonly origin: PostPart['origin'];
}

export interface StringGate {
  readonly part: string;
  readonly way: KindId;
  /** Between the inner faces of its posts, running, m. */
  readonly from: number;
  readonly to: number;
  readonly clear: number;
}

/** A string from corner to corner with everything that is marked along it. */
export interface StringLine {
  readonly part: string;
  readonly side: number;
  readonly from: number;
  readonly to: number;
  /** On the level, and as a tape laid along the ground reads, m. */
  readonly level: number;
  readonly ground: number;
  readonly posts: readonly StringPost[];
  readonly gates: readonly StringGate[];
}

export interface Diagonal {
  readonly part: string;
  readonly run: string;
  readonly from: number;
  readonly to: number;
  readonly level: number;
  readonly tape: number;
}

/** Marks on the two strings of a right angle, and what must be between them. */
export interface SquareCheck {
  readonly part: string;
  readonly corner: number;
  /** On the side before the corner, and on the side after it, m. */
  readonly before: number;
  readonly after: number;
  readonly across: number;
}

export interface StakeOut {
  readonly marks: readonly [StakeMark, StakeMark];
  readonly between: number;
  readonly stakes: readonly Stake[];
  readonly strings: readonly StringLine[];
  readonly diagonals: readonly Diagonal[];
  readonly squares: readonly SquareCheck[];
}

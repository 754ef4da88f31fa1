import type { PackId } from '../catalogue/packs';
import type { PartRef } from '../plan/partRef';
import type { Place } from '../plan/place';
import { type StageId, type Use } from '../stages/facts';

/** Where a run lies along one side, in the side's own coordinates, m. */
export interface Span {
  readonly side: string;
  readonly from: number;
  readonly to: number;
}

/** Whether a piece runs the way of its side, or the other way. */
export type SpanWay = 'along' | 'against';
/** A span with its length along what is cut, m: on a slope more than from `from` to `to` on the level. */
export interface CutSpan extends Span {
  readonly cut: number;
  /** Whether the run passes the side from its `from` corner or against it. */
  readonly way: SpanWay;
}

/** A straight grade under a run: a strip hung parallel to it leans, and each piece on it takes `extra` more, m. */
export interface Lean {
  /** From and to along the run, m. */
  readonly from: number;
  readonly to: number;
  readonly extra: number;
}

/** What each joint of a run takes in packs: two pieces are fastened to each other. Plain data, since runs go to workers. */
export interface AtJoint {
  readonly stage: StageId;
  readonly pack: PackId;
  readonly count: number;
  /** How the count comes about: up a joint, or across it, so long, m. */
  readonly along: 'up' | 'across';
  readonly length: number;
}

/** A length wanted in one go, which may be jointed where `joints` says. All m. */
export interface Run {
  /** What it becomes. One value for the run and all its pieces. */
  readonly part: PartRef;
  readonly use: Use;
  /** Between its ends, before allowances. */
  readonly length: number;
  readonly startAllowance: number;
  readonly endAllowance: number;
  /**
   * Its other size where it is a small piece that may lie either way, such as a leaf or a vent; null where it takes the whole width of
   * the roll.
   */
  readonly across: number | null;
  /** Places from its start where it may be jointed: posts for what hangs, anywhere for what lies. */
  readonly joints: readonly number[] | 'anywhere';
  /** One value for all runs that are jointed alike. */
  readonly atJoint: readonly AtJoint[];
  /** Its place along the fence, for order and letters. */
  readonly place: Place;
  readonly spans: readonly CutSpan[];
  /** In order; none on the level, and none where mesh steps. */
  readonly leans: readonly Lean[];
}

/** Something straight that is cut in one piece, m, and lies along no side. */
export const plainRun = (use: Use, part: PartRef, length: number, place: Place): Run => ({
  part,
  use,
  length,
  startAllowance: 0,
  endAllowance: 0,
  across: null,
  joints: [],
  atJoint: NO_JOINTS,
  place,
  spans: [],
  leans: [],
});

/** Nothing is fastened where pieces butt, or where there is no joint. */
export const NO_JOINTS: readonly AtJoint[] = [];

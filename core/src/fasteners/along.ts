import type { AskOf, Reason } from '../buying/demand';
import type { PackId } from '../catalogue/packs';
import { roundUp } from '../units/round';
import { type Term, type TermParams, ratio, sum, upTo, value } from '../working';

/** How far apart fasteners are at most, m. */
export const PITCH = {
  /** Staples on what lies on the ground and the lowest band. */
  low: 0.1,
  /** Staples above it. */
  high: 0.15,
  ring: 0.15,
  jointRing: 0.1,
  peg: 0.5,
  clip: 0.3,
} as const;

/** Clips on a steel post, and ties of a panel to each post that it meets. */
export const LEAST_CLIPS = 5;
export const TIES_A_POST = 5;

/** Between staples: closer on what is gnawed and pushed at, m. */
export const pitchAt = (lowest: boolean): number => (lowest ? PITCH.low : PITCH.high);

/** ⌈length / pitch⌉ */
export const gaps = (length: number, pitch: number): Term =>
  upTo('fasten.gaps', 'piece', { spacing: pitch }, [
    ratio('fasten.gaps', 'ratio', { spacing: pitch }, [
      value('fasten.height', length, 'm', {}),
      value('fasten.distance', pitch, 'm', {}),
    ]),
  ]);

export const oneMore = (): Term => value('fasten.one-more', 1, 'piece', {});

type Along =
  | 'fasten.each-post'
  | 'fasten.seam'
  | 'fasten.splice'
  | 'fasten.board'
  | 'fasten.stiles'
  | 'fasten.rails'
  | 'fasten.on-frame'
  | 'fasten.tied-along'
  | 'arch.ties'
  | 'cover.screws';

/** ⌈length / pitch⌉ + 1 along one edge, at both its ends and no further apart than the pitch. */
export function onePast<C extends Along>(
  code: C,
  length: number,
  pitch: number,
  params: TermParams[C],
): Term {
  return sum(code, 'piece', params, [gaps(length, pitch), oneMore()]);
}

/** ⌈length / pitch⌉ round an edge that is closed: it has no end to add one at. */
export function around<C extends 'cover.ties'>(
  code: C,
  length: number,
  pitch: number,
  params: TermParams[C],
): Term {
  return sum(code, 'piece', params, [gaps(length, pitch)]);
}

/** The same as a number, where nobody asks how it comes about. */
export const countPast = (length: number, pitch: number): number => roundUp(length / pitch) + 1;

/** Rings along a level seam. */
export const ringsAlong = (length: number): number => countPast(length, PITCH.ring);

/** What is bought in packs, as it comes about. */
export const packed = ({ stage, part }: Reason, pack: PackId, terms: readonly Term[]): AskOf<'pack'> => ({
  stage,
  part,
  buy: 'pack',
  pack,
  count: terms.reduce((n, term) => n + term.value, 0),
  need: () => terms,
});

import { roundUp } from '../units/round';
import { type Term, type TermParams, ratio, sum, upTo, value } from '../working';

/** Spacings of domain.md 6, m. */
export const PITCH = {
  /** Staples on the skirt and the lowest band. */
  low: 0.1,
  /** Staples above it. */
  high: 0.15,
  ring: 0.15,
  jointRing: 0.1,
  peg: 0.5,
  clip: 0.3,
} as const;

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
  'fasten.each-post' | 'fasten.seam' | 'fasten.splice' | 'fasten.board' | 'fasten.stiles' | 'fasten.rails';

/** ⌈length / pitch⌉ + 1 along one edge, at both its ends and no further apart than the pitch. */
export function onePast<C extends Along>(
  code: C,
  length: number,
  pitch: number,
  params: TermParams[C],
): Term {
  return sum(code, 'piece', params, [gaps(length, pitch), oneMore()]);
}

/** The same as a number, where nobody asks how it comes about. */
export const countPast = (length: number, pitch: number): number => roundUp(length / pitch) + 1;

/** Rings along a level seam. */
export const ringsAlong = (length: number): number => countPast(length, PITCH.ring);

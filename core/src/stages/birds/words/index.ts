import type { Reader } from '../../../saying/reader';
import { capital } from '../../../saying/phrases';
import type { BirdKind } from '../plan/kinds';
import { BIRDS } from '../plan/kinds';

export { cautions } from './advice';

export interface OfKind {
  readonly kind: BirdKind;
}
export interface Through extends OfKind {
  readonly opening: number;
  readonly holds: number;
}
export interface Over extends OfKind {
  readonly wall: number;
  readonly needs: number;
}

/** What is found about birds. Lengths m, areas m². */
export const FINDINGS = {
  'birds.none': () => 'No birds yet: the area they want and the largest opening are left out.',
  'birds.crowded': ({ area, wanted }: { readonly area: number; readonly wanted: number }, r: Reader) =>
    `The run has ${r.area(area)} and the birds want ${r.area(wanted)}.`,
  'birds.through': ({ kind, opening, holds }: Through, r: Reader) =>
    `${capital(BIRDS[kind].many)} get through ${r.opening(opening)}; ${r.opening(holds)} holds them.`,
  'birds.over': ({ kind, wall, needs }: Over, r: Reader) =>
    `${capital(BIRDS[kind].many)} clear a wall of ${r.length(wall)} without a cover; they want ${r.length(needs)}, a cover, or one wing clipped.`,
  'birds.cover': ({ kind }: OfKind) =>
    `${capital(BIRDS[kind].many)} are kept under a cover; none is planned here yet.`,
} as const;

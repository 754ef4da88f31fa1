import { type Cautions } from '../../plan/cautions';
import type { Reader } from '../../saying/reader';
import { capital, counted } from '../../saying/phrases';
import type { BirdKind, SpaceSchool } from './kinds';
import { BIRD_NAMES, SPACE_NAMES } from './names';

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
export interface Each extends OfKind {
  readonly keeping: 'confined' | 'part-day';
}

/** What is found about birds. Lengths m, areas m². */
export const FINDINGS = {
  'birds.none': () => 'No birds yet: the area they want and the largest opening are left out.',
  'birds.crowded': ({ area, wanted }: { readonly area: number; readonly wanted: number }, r: Reader) =>
    `The run has ${r.area(area)} and the birds want ${r.area(wanted)}.`,
  'birds.through': ({ kind, opening, holds }: Through, r: Reader) =>
    `${capital(BIRD_NAMES[kind][1])} get through ${r.opening(opening)}; ${r.opening(holds)} holds them.`,
  'birds.over': ({ kind, wall, needs }: Over, r: Reader) =>
    `${capital(BIRD_NAMES[kind][1])} clear a wall of ${r.length(wall)} without a cover; they want ${r.length(needs)}, a cover, or one wing clipped.`,
  'birds.cover': ({ kind }: OfKind) =>
    `${capital(BIRD_NAMES[kind][1])} are kept under a cover; none is planned here yet.`,
} as const;

/** What a working of the area wanted is made of. */
export const TERMS = {
  'birds.area-wanted': () => 'area wanted',
  'birds.kind-area': ({ kind, count }: { readonly kind: BirdKind; readonly count: number }) =>
    `for ${counted(count, ...BIRD_NAMES[kind])}`,
  'birds.count': ({ kind }: OfKind) => BIRD_NAMES[kind][1],
  'birds.total': () => 'birds',
  'birds.each': ({ keeping }: Each) =>
    keeping === 'confined' ? 'each, always shut in' : 'each, let out part of the day',
  'birds.space': ({ school }: { readonly school: SpaceSchool }) => `space: ${SPACE_NAMES[school]}`,
  'birds.area-each': () => 'area a bird',
} as const;

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'add-birds': ({ flock }: { readonly flock: { readonly kind: BirdKind } }) =>
    `Add ${BIRD_NAMES[flock.kind][1]}`,
  'set-birds': () => 'Change the birds',
  'remove-birds': () => 'Take these birds out',
  'set-space': ({ space }: { readonly space: SpaceSchool }) => `Space: ${SPACE_NAMES[space]}`,
} as const;

/** What can hurt, or is asked by law. */
export const cautions: Cautions = () => [
  'Livestock registration and bird-housing orders are local: check what applies to you.',
];

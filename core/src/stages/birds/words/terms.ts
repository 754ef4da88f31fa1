import { counted } from '../../../saying/phrases';
import type { BirdKind, SpaceSchool } from '../plan/kinds';
import { BIRDS } from '../plan/kinds';
import { SPACE_NAMES } from './names';

export interface OfKind {
  readonly kind: BirdKind;
}

export interface Each extends OfKind {
  readonly keeping: 'confined' | 'part-day';
}

/** What a working of the area wanted is made of. */
export const TERMS = {
  'birds.area-wanted': () => 'area wanted',
  'birds.kind-area': ({ kind, count }: { readonly kind: BirdKind; readonly count: number }) =>
    `for ${counted(count, BIRDS[kind].one, BIRDS[kind].many)}`,
  'birds.count': ({ kind }: OfKind) => BIRDS[kind].many,
  'birds.total': () => 'birds',
  'birds.each': ({ keeping }: Each) =>
    keeping === 'confined' ? 'each, always shut in' : 'each, let out part of the day',
  'birds.space': ({ school }: { readonly school: SpaceSchool }) => `space: ${SPACE_NAMES[school]}`,
  'birds.area-each': () => 'area per bird',
} as const;

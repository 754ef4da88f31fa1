import type { Reader } from '../../../saying/reader';

export interface CoverNamed {
  readonly name: string;
}
export interface CoverLong {
  readonly length: number;
}

/** What a working of covers is made of. Lengths m. */
export const TERMS = {
  'mesh.cover': ({ name }: CoverNamed) => name,
  'cover.strip': () => 'strips',
  'cover.area': () => 'covered, in plan',
  'cover.film': () => 'film on the walls',
  'cover.ties': ({ length }: CoverLong, r: Reader) => `ties round the edge of the net, ${r.about(length)}`,
  'cover.cord': () => 'metres of cord, 1.5 along each seam',
  'cover.wire': () => 'metres of wire round the top',
  'cover.gutter': () => 'metres of gutter along the eave',
  'cover.straps': ({ length }: CoverLong, r: Reader) => `straps, each ${r.about(length)} with its ends`,
  'cover.straps-over': () => 'over the cover, one each 2.4 m and one more',
  'cover.straps-each': () => 'of 5 m each',
  'cover.tensioners': () => 'a tensioner at each corner',
  'cover.clamps': () => 'clamps along the side that rolls up',
  'cover.screws': ({ length }: CoverLong, r: Reader) => `screws along a purlin, ${r.about(length)}`,
  'cover.stays': () => 'posts on the edge, one stay each',
  'hours.cover': ({ name }: CoverNamed) => `lay ${name}`,
  'hours.net': ({ name }: CoverNamed) => `put up ${name}`,
} as const;

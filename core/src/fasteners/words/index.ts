import { type Reader } from '../../saying/reader';
import { BOARDED, SEAMS } from '../../stages/facts';

export interface FastenSeam {
  readonly kind: keyof typeof SEAMS;
  readonly length: number;
}
export interface FastenBoard {
  readonly at: keyof typeof BOARDED;
  readonly length: number;
}

/** What counting fasteners is made of, whichever stage asks for them. Lengths m. */
export const TERMS = {
  'fasten.need': () => 'need',
  'fasten.posts': ({ height, spacing }: { readonly height: number; readonly spacing: number }, r: Reader) =>
    `up ${r.about(height)} of band, ${r.about(spacing)} apart`,
  'fasten.post-count': () => 'posts',
  'fasten.each-post': () => 'each post',
  'fasten.gaps': ({ spacing }: { readonly spacing: number }, r: Reader) =>
    `gaps of at most ${r.about(spacing)}`,
  'fasten.height': () => 'length fastened',
  'fasten.distance': () => 'largest distance',
  'fasten.one-more': () => 'plus one at the end',
  'fasten.clips': ({ height }: { readonly height: number }, r: Reader) =>
    `clips beyond those supplied, wall ${r.about(height)}`,
  'fasten.clips-needed': () => 'clips on a steel post',
  'fasten.clips-included': () => 'come with the post',
  'fasten.least-clips': () => 'at least',
  'fasten.seam': ({ kind, length }: FastenSeam, r: Reader) => `${SEAMS[kind]}, ${r.about(length)}`,
  'fasten.board': ({ at, length }: FastenBoard, r: Reader) => `${BOARDED[at]}, ${r.about(length)}`,
  'fasten.tied-along': ({ at, length }: { readonly at: number; readonly length: number }, r: Reader) =>
    `${at > 0 ? `along ${r.length(at)} up` : 'along the foot'}, ${r.about(length)}`,
  'fasten.on-frame': ({ kind, length, each }: FastenSeam & { readonly each: number }, r: Reader) =>
    `${SEAMS[kind]}, ${r.about(length)}, one each ${r.length(each)}`,
  'fasten.stiles': ({ height }: { readonly height: number }, r: Reader) =>
    `up the stiles of a leaf, ${r.about(height)}`,
  'fasten.rails': ({ length }: { readonly length: number }, r: Reader) =>
    `along the rails of a leaf, ${r.about(length)}`,
  'fasten.ties': () => 'panels tied to posts',
  'fasten.ties-each': () => 'ties each',
  'fasten.rows': () => 'rows',
  'fasten.arms': () => 'one per post',
  'fasten.splice': ({ height }: { readonly height: number }, r: Reader) => `joint ${r.about(height)} high`,
  'fasten.pegs-edge': ({ edge }: { readonly edge: number }, r: Reader) =>
    `outer edge of the apron, ${r.about(edge)}`,
  'fasten.pegs-end': () => 'one for the open end',
  'fasten.pegs-joints': () => 'across joints of the apron',
  'fasten.joint-count': () => 'joints',
  'fasten.pegs-each-joint': () => 'each joint',
} as const;

import { type KindId, nameOf } from '../../ways/plan/kinds';
import { type SideParam } from '../../../saying/sentences';
import { type Reader } from '../../../saying/reader';

/** What walls take to build. */
export const HOURS = {
  'hours.mesh': () => 'hang mesh',
  'hours.take-off': () => 'take old mesh off',
  'hours.boards': () => 'put up boards and rails',
} as const;

/** What a working of walls is made of. Lengths m. */
export const TERMS = {
  ...HOURS,
  'hours.bands': () => 'bands',
  'higher.bolts': () => 'timbers bolted beside posts that stand',
  'higher.each': () => 'each',
  'mesh.side': ({ side }: SideParam) => `side ${side}`,
  'mesh.gate': ({ way }: { readonly way: KindId; readonly width: number }) =>
    `less the ${nameOf(way)}, clear width`,
  'mesh.ends': () => 'free ends, turned back round the post',
  'mesh.end-count': () => 'ends',
  'mesh.end-each': () => 'each',
  'mesh.above': () => 'above leaves lower than the wall, with ends',
  'mesh.patch': () => 'patches of the overhang at corners',
  'timber.piece': () => 'pieces of one length',
  'mesh.lean': () => 'hung parallel to the slope, ends cut plumb',
  'mesh.lean-again': () => 'a slope with a joint, cut plumb again',
  'mesh.lean-pieces': () => 'further pieces',
  'mesh.lean-each': () => 'each',
  'mesh.lean-height': () => 'high',
  'mesh.lean-grade': () => 'grade',
  'mesh.need': () => 'need',
  'mesh.wall': ({ top }: { readonly top: number }, r: Reader) => `wall up to ${r.length(top)}`,
} as const;

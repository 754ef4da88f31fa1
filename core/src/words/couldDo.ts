import type { Market } from '../catalogue/market';
import type { PostProduct } from '../catalogue/types';
import { SCRAP, leftOver } from '../cutList/leftOvers';
import { PITCH } from '../fasteners/along';
import type { OwnedPiece } from '../plan/schema';
import { postKindOf } from '../catalogue/postKinds';
import type { Reader } from '../saying/makeReader';
import { sayLeftOver } from './cutList';

/** The leaf of a barrow gate as it is usually hung, m. */
const LEAF = { width: 1.05, height: 1.75 } as const;
/** Walls are told to this, m: no tape in the yard is read finer. */
const STEP = 0.05;
/** No wall is higher, m. */
const HIGHEST = 6;
/** How far apart single fasteners are set, m, where they are set along something. */
const SET: Readonly<Partial<Record<string, number>>> = {
  staple: PITCH.low,
  ring: PITCH.ring,
  peg: PITCH.peg,
  clip: PITCH.clip,
};

/**
 * The highest wall that a post of this length carries as a line post, m; 0 for none (rules: Posts).
 *
 * What stands in a spike's socket needs nothing for the ground.
 */
export function highestWall(post: PostProduct, length: number): number {
  const { depth, highest } = postKindOf(post);
  const buried = (above: number) => (post.standing === 'spike' ? 0 : depth(above));
  const most = Math.min(HIGHEST, highest?.above ?? HIGHEST);
  for (let steps = Math.floor(most / STEP + 1e-9); steps > 0; steps--) {
    const above = steps * STEP;
    if (above + buried(above) <= length + 1e-9) return Math.round(above * 100) / 100;
  }
  return 0;
}

/** What a piece in the shed could still do, in a phrase; empty where there is nothing to say. */
export function sayCouldDo(piece: OwnedPiece, reader: Reader, market: Market): string {
  if (piece.condition === 'poor') return 'not to be used';
  switch (piece.kind) {
    case 'roll': {
      if (piece.length < SCRAP) return 'scrap: too short for any patch';
      const rest = leftOver({ width: piece.width }, piece.length, LEAF, market.widths(piece.product));
      return sayLeftOver(rest, reader);
    }
    case 'post': {
      const wall = highestWall(market.post(piece.product), piece.length);
      return wall > 0 ? `a line post of a wall up to ${reader.about(wall)}` : 'too short for any wall';
    }
    case 'timber':
      return `a bay of up to ${reader.about(piece.length)}`;
    case 'kit':
      return `closes a way of ${reader.about(piece.width)}`;
    case 'pack': {
      const pitch = SET[piece.product];
      return pitch === undefined ? '' : `enough for about ${reader.about(piece.count * pitch)}`;
    }
  }
}

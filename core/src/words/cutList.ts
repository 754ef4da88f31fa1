import type { CutStep, PostAt } from '../cutList/cutList';
import { type LeftOver, PATCH, SCRAP, VENT } from '../cutList/leftOvers';
import { sayPiece } from './docket';
import { ROLE_NAMES } from '../stages/posts/words/names';
import { type Reader } from '../saying/makeReader';
import { counted, listed } from '../saying/phrases';

const postName = ({ role, number }: PostAt) => `${ROLE_NAMES[role][0]} ${number}`;

/** Where a piece hangs and where it is cut: `from corner post 1, cut after line post 10`. */
export function sayCut({ piece, from, to }: CutStep, reader: Reader): string {
  if (from && to) return `from ${postName(from)}, cut after ${postName(to)}`;
  if (piece.lies) {
    const { along, across } = piece.lies;
    return `${sayPiece(piece)}, ${reader.about(along)} along and ${reader.about(across)} across`;
  }
  return sayPiece(piece);
}

/** What a left-over can still make: `still a leaf, or 12 vents`; empty for scrap. */
export function sayLeftOver({ length, leaves, vents, corners, nextWidth }: LeftOver, reader: Reader): string {
  if (length < SCRAP) return '';
  const size = (s: { width: number; height: number }) =>
    `${reader.about(s.width)} × ${reader.about(s.height)}`;
  const uses = [
    ...(leaves > 0 ? [counted(leaves, 'gate leaf', 'gate leaves')] : []),
    ...(vents > 0 ? [`${counted(vents, 'vent')} of ${size(VENT)}`] : []),
    ...(vents === 0 && corners > 0 ? [`${counted(corners, 'patch', 'patches')} of ${size(PATCH)}`] : []),
    ...(nextWidth !== null ? [`a strip ${reader.about(nextWidth)} wide`] : []),
  ];
  return uses.length > 0 ? `still makes ${listed(uses, 'or')}` : '';
}

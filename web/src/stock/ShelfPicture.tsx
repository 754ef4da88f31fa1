import { type Market, type OwnedPiece } from '@aviarum/core';
import { memo } from 'react';
import { MeshPattern } from '../strip/meshPattern';

/** px to a metre along, the same for everything in the shed; what is longer than the shelf runs off it. */
const ALONG = 22;
const SHELF = 12;
/** px to a metre across: widths are told apart, posts are not fat. */
const ACROSS = 24;
/** No more are drawn side by side. */
const MOST = 8;
const HIGH = 46;

const piecesOf = (piece: OwnedPiece) => Array.from({ length: Math.min(MOST, piece.count) }, (_, i) => i);

/** Sticks lie over each other, as many as there are. */
function Sticks({ piece, length }: { piece: OwnedPiece; length: number }) {
  const pitch = Math.min(8, (HIGH - 8) / Math.min(MOST, piece.count));
  return piecesOf(piece).map((i) => (
    <rect
      key={i}
      className={piece.kind === 'post' ? 'shelf-post' : 'shelf-timber'}
      x="1"
      y={4 + i * pitch}
      width={Math.min(SHELF, length) * ALONG}
      height={Math.max(3, pitch - 2)}
    />
  ));
}

function Rolled({ piece, market }: { piece: Extract<OwnedPiece, { kind: 'roll' }>; market: Market }) {
  const mesh = `shelf-${piece.id}`;
  const high = Math.min(HIGH - 4, piece.width * ACROSS);
  return (
    <>
      <defs>
        <MeshPattern id={mesh} mesh={market.mesh(piece.product)} pxPerMetre={120} />
      </defs>
      <rect
        x="1"
        y={(HIGH - high) / 2}
        width={Math.min(SHELF, piece.length) * ALONG}
        height={high}
        fill={`url(#${mesh})`}
        stroke="var(--ink)"
      />
    </>
  );
}

/** Small things as a heap of dots: the more, the larger. */
function Heap({ piece }: { piece: OwnedPiece }) {
  const dots = Math.min(40, Math.max(1, Math.round(Math.sqrt(piece.count) * 2)));
  return Array.from({ length: dots }, (_, i) => (
    <circle
      key={i}
      className="shelf-dot"
      cx={6 + (i % 14) * 7}
      cy={HIGH - 8 - Math.floor(i / 14) * 8}
      r="2.2"
    />
  ));
}

/** What lies in the shed, to the scale of the shelf. */
export const ShelfPicture = memo(function ShelfPicture({
  piece,
  market,
}: {
  piece: OwnedPiece;
  market: Market;
}) {
  return (
    <svg className="shelf" viewBox={`0 0 ${SHELF * ALONG + 2} ${HIGH}`} aria-hidden="true">
      {piece.kind === 'roll' && <Rolled piece={piece} market={market} />}
      {(piece.kind === 'post' || piece.kind === 'timber') && <Sticks piece={piece} length={piece.length} />}
      {piece.kind === 'kit' && (
        <rect
          className="shelf-timber"
          x="1"
          y="4"
          width={piece.width * ALONG}
          height={HIGH - 8}
          fill="none"
        />
      )}
      {piece.kind === 'pack' && <Heap piece={piece} />}
    </svg>
  );
});

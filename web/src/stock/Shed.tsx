import { type Market, type OwnedPiece, type ShedPiece, capital, sayCouldDo, sayOwned } from '@aviarum/core';
import { useEffect, useRef, useState } from 'react';
import { putPiece, removePiece } from '../api/stock';
import { useReader } from '../state/reckoningStore';
import { ShelfPicture } from './ShelfPicture';
import { PieceForm } from './PieceForm';
import { Problems } from './Problems';
import { useTry } from './useTry';

interface Props {
  readonly holding: string;
  readonly market: Market;
  readonly pieces: readonly ShedPiece[];
}

/** The shed: what is there, in which state, and which plans count on it. */
export function Shed({ holding, market, pieces }: Props) {
  const { problems, attempt } = useTry(holding, 'shed');
  const [changing, setChanging] = useState<string | null>(null);
  const [adding, setAdding] = useState(pieces.length === 0);
  const changed = pieces.find((p) => p.piece.id === changing)?.piece ?? null;
  return (
    <section className="stocksection">
      <h2>Shed</h2>
      {pieces.length === 0 && (
        <p className="soft">
          Nothing yet. Put in what you have: a part roll, off-cuts, posts of the old fence.
        </p>
      )}
      {pieces.length > 0 && (
        <ul className="stocklist">
          {pieces.map((p) => (
            <Row
              key={p.piece.id}
              {...p}
              market={market}
              onChange={() => setChanging(p.piece.id)}
              onTakeOut={() => void attempt(() => removePiece(holding, p.piece.id))}
            />
          ))}
        </ul>
      )}
      {changed && <Changing key={changed.id} piece={changed} market={market} />}
      {!changed && !adding && (
        <div>
          <button type="button" className="btn" onClick={() => setAdding(true)}>
            Put something in the shed
          </button>
        </div>
      )}
      {(changed || adding) && (
        <PieceForm
          key={changed ? `form of ${changed.id}` : 'form'}
          market={market}
          taken={pieces.map((p) => p.piece)}
          piece={changed}
          onSend={(piece) => attempt(() => putPiece(holding, piece))}
          onLeave={() => {
            setChanging(null);
            setAdding(false);
          }}
        />
      )}
      <Problems title={changed ? 'It was not changed.' : 'It was not put in.'} problems={problems} />
    </section>
  );
}

/** Over the form: what is changed. The keeper is led there, however long the list is. */
function Changing({ piece, market }: { piece: OwnedPiece; market: Market }) {
  const reader = useReader();
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => heading.current?.focus(), []);
  return (
    <h3 ref={heading} tabIndex={-1} className="changing">
      {capital(sayOwned(piece, reader, market))}: what has changed
    </h3>
  );
}

function Row({
  piece,
  claims,
  market,
  onChange,
  onTakeOut,
}: ShedPiece & { market: Market; onChange: () => void; onTakeOut: () => void }) {
  const reader = useReader();
  const known = market.knows(piece.kind, piece.product);
  const said = known ? sayOwned(piece, reader, market) : piece.product;
  const still = known ? sayCouldDo(piece, reader, market) : '';
  return (
    <li className="shelved" data-poor={piece.condition === 'poor' ? 'yes' : 'no'}>
      {known ? <ShelfPicture piece={piece} market={market} /> : <span />}
      <span>
        {known ? capital(said) : said}
        {piece.note !== '' && <span className="soft"> {piece.note}</span>}
        {still !== '' && <span className="stilldo">{still}</span>}
        {claims.length > 0 && (
          <span className={claims.length > 1 ? 'usedby claimed' : 'usedby soft'}>
            {claims.length > 1 ? '▲ counted on by ' : 'used by '}
            {claims.map((c) => c.name).join(' and ')}
            {claims.length > 1 && ': it can be used once'}
          </span>
        )}
      </span>
      <span className="mends">
        {known && (
          <button type="button" className="btn btn-ghost" aria-label={`Change ${said}`} onClick={onChange}>
            Change
          </button>
        )}
        <button
          type="button"
          className="btn btn-ghost"
          aria-label={`Remove ${piece.product}`}
          onClick={onTakeOut}
        >
          Remove
        </button>
      </span>
    </li>
  );
}

import {
  type Market,
  type OwnedPiece,
  capital,
  meshName,
  newId,
  packName,
  postName,
  sayOwned,
  timberName,
} from '@aviarum/core';
import { useState } from 'react';
import { type ShedPiece, putPiece, removePiece } from '../api/stock';
import { Choice, Pick } from '../fields/Choice';
import { CountField } from '../fields/CountField';
import { LengthField } from '../fields/LengthField';
import { useReader } from '../state/reckoningStore';
import { Problems } from './Problems';
import { StockForm } from './StockForm';
import { useTry } from './useTry';

interface Props {
  readonly holding: string;
  readonly market: Market;
  readonly pieces: readonly ShedPiece[];
}

/** The shed: what is there, in which state, and which plans count on it. */
export function Shed({ holding, market, pieces }: Props) {
  const reader = useReader();
  const { problems, attempt } = useTry(holding, 'shed');
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
          {pieces.map(({ piece, claims }) => (
            <li key={piece.id}>
              <span>
                {market.knows(piece.kind, piece.product)
                  ? capital(sayOwned(piece, reader, market))
                  : piece.product}
                {piece.note !== '' && <span className="soft"> {piece.note}</span>}
                {claims.length > 0 && (
                  <span className={claims.length > 1 ? 'claimed' : 'soft'}>
                    {claims.length > 1 ? ' ▲ counted on by ' : ' used by '}
                    {claims.map((c) => c.name).join(' and ')}
                    {claims.length > 1 && ': it can be used once'}
                  </span>
                )}
              </span>
              <button
                type="button"
                className="btn btn-ghost"
                aria-label={`Take out ${piece.product}`}
                onClick={() => void attempt(() => removePiece(holding, piece.id))}
              >
                Take out
              </button>
            </li>
          ))}
        </ul>
      )}
      <NewPiece
        market={market}
        onAdd={(piece) => attempt(() => putPiece(holding, piece))}
        taken={pieces.map((p) => p.piece)}
      />
      <Problems title="It was not put in." problems={problems} />
    </section>
  );
}

const KINDS = [
  { value: 'roll', label: 'mesh' },
  { value: 'post', label: 'posts' },
  { value: 'timber', label: 'timber' },
  { value: 'pack', label: 'fasteners, fittings' },
] as const;
type Kind = (typeof KINDS)[number]['value'];

const CONDITIONS = [
  { value: 'sound', label: 'sound' },
  { value: 'worn', label: 'worn, looked over' },
  { value: 'poor', label: 'poor, not to be used' },
] as const;

const PACKS = [
  'staple',
  'clip',
  'ring',
  'tie',
  'peg',
  'concrete',
  'brace',
  'hinge',
  'catch',
  'two-step-catch',
] as const;

function productsOf(kind: Kind, market: Market, reader: ReturnType<typeof useReader>) {
  switch (kind) {
    case 'roll':
      return market.meshIds().map((id) => ({ value: id, label: meshName(market.mesh(id), reader) }));
    case 'post':
      return market.postIds().map((id) => ({ value: id, label: postName(market.post(id), reader) }));
    case 'timber':
      return (['board', 'rail', 'frame', 'sill'] as const)
        .flatMap((k) => market.timbersOf(k))
        .map((t) => ({ value: t.id, label: timberName(t, reader) }));
    case 'pack':
      return PACKS.map((id) => ({ value: id, label: packName(id) }));
  }
}

function NewPiece({
  market,
  onAdd,
  taken,
}: {
  market: Market;
  onAdd: (piece: OwnedPiece) => Promise<boolean>;
  taken: readonly OwnedPiece[];
}) {
  const reader = useReader();
  const [kind, setKind] = useState<Kind>('roll');
  const [chosen, setChosen] = useState<string | null>(null);
  const [length, setLength] = useState(5);
  const [width, setWidth] = useState(0.9);
  const [count, setCount] = useState(1);
  const [condition, setCondition] = useState<OwnedPiece['condition']>('sound');
  const [note, setNote] = useState('');
  const products = productsOf(kind, market, reader);
  const product = products.find((p) => p.value === chosen)?.value ?? products[0]?.value ?? '';
  const bare = {
    id: newId('o', taken, Math.random),
    count: Math.max(1, count),
    condition,
    note: note.trim(),
  };
  const piece = (
    kind === 'roll'
      ? { ...bare, kind, product, width, length }
      : kind === 'pack'
        ? { ...bare, kind, product }
        : { ...bare, kind, product, length }
  ) as OwnedPiece;
  return (
    <StockForm onSend={() => void onAdd(piece).then((done) => done && setNote(''))}>
      <Choice name="What" value={kind} options={KINDS} onChoose={setKind} />
      <Pick name="Product" value={product} options={products} onChoose={setChosen} />
      <div className="fields">
        {kind === 'roll' && (
          <LengthField name="Width" value={width} least={0.05} most={6} onCommit={setWidth} />
        )}
        {kind !== 'pack' && (
          <LengthField
            name="Length"
            value={length}
            least={0.05}
            most={kind === 'roll' ? 500 : 12}
            onCommit={setLength}
          />
        )}
        <CountField name="How many" value={count} most={1000} onCommit={setCount} />
      </div>
      <Choice name="State" value={condition} options={CONDITIONS} onChoose={setCondition} />
      <div className="field">
        <label className="name" htmlFor="shed-note">
          Note
        </label>
        <input
          id="shed-note"
          className="input"
          maxLength={200}
          value={note}
          onChange={(e) => setNote(e.target.value)}
        />
      </div>
      <button type="submit" className="btn btn-primary" disabled={count < 1}>
        Put it in the shed
      </button>
    </StockForm>
  );
}

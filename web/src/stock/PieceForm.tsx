import {
  type Market,
  type OwnedPiece,
  PACK_IDS,
  type Reader,
  kitName,
  meshName,
  newId,
  packName,
  postName,
  timberName,
  LENGTHS,
  cutText,
  boundsAt,
} from '@aviarum/core';
import { useId, useState } from 'react';
import { Choice, Pick } from '../fields/Choice';
import { CountField } from '../fields/CountField';
import { PlanLength } from '../fields/PlanLength';
import { useReader } from '../state/reckoningStore';
import { StockForm } from './StockForm';

const KINDS = [
  { value: 'roll', label: 'mesh' },
  { value: 'post', label: 'posts' },
  { value: 'timber', label: 'timber' },
  { value: 'kit', label: 'gates, doors' },
  { value: 'pack', label: 'fasteners, fittings' },
] as const;
type Kind = OwnedPiece['kind'];

const CONDITIONS = [
  { value: 'sound', label: 'sound' },
  { value: 'worn', label: 'worn, looked over' },
  { value: 'poor', label: 'poor, not to be used' },
] as const;

function productsOf(kind: Kind, market: Market, reader: Reader) {
  switch (kind) {
    case 'roll':
      return market.meshIds().map((id) => ({ value: id, label: meshName(market.mesh(id), reader) }));
    case 'post':
      return market.postIds().map((id) => ({ value: id, label: postName(market.post(id), reader) }));
    case 'timber':
      return (['board', 'rail', 'frame', 'sill', 'joist', 'tube', 'batten'] as const)
        .flatMap((k) => market.timbersOf(k))
        .map((t) => ({ value: t.id, label: timberName(t, reader) }));
    case 'kit':
      return market.kitIds().map((id) => ({ value: id, label: kitName(id) }));
    case 'pack':
      return PACK_IDS.map((id) => ({ value: id, label: packName(id, reader) }));
  }
}

/** Widths and lengths as the fields first show them, m. */
function sizesOf(piece: OwnedPiece | null) {
  const given: { readonly kind?: Kind; readonly width?: number; readonly length?: number } = piece ?? {};
  return { width: given.width ?? 0.9, length: given.length ?? 5 };
}

type Sizes = ReturnType<typeof sizesOf>;

/** What the fields say, as a piece of its kind. */
function pieceOf(
  kind: Kind,
  product: string,
  { width, length }: Sizes,
  bare: Pick<OwnedPiece, 'id' | 'count' | 'condition' | 'note'>,
): OwnedPiece {
  switch (kind) {
    case 'roll':
      return { ...bare, kind, product, width, length };
    case 'kit':
      return { ...bare, kind, product, width };
    case 'pack':
      return { ...bare, kind, product: product as (typeof PACK_IDS)[number] };
    case 'post':
    case 'timber':
      return { ...bare, kind, product, length };
  }
}

/** The sizes that a kind has. */
function SizeFields({ kind, sizes, onSet }: { kind: Kind; sizes: Sizes; onSet: (sizes: Sizes) => void }) {
  return (
    <>
      {(kind === 'roll' || kind === 'kit') && (
        <PlanLength
          of={kind === 'kit' ? 'owned.kit.width' : 'owned.roll.width'}
          name={kind === 'kit' ? 'Clear width' : 'Width'}
          value={sizes.width}
          onCommit={(width) => onSet({ ...sizes, width })}
        />
      )}
      {kind !== 'pack' && kind !== 'kit' && (
        <PlanLength
          of={`owned.${kind === 'post' || kind === 'roll' ? kind : 'timber'}.length`}
          name="Length"
          value={sizes.length}
          onCommit={(length) => onSet({ ...sizes, length })}
        />
      )}
    </>
  );
}

interface Props {
  readonly market: Market;
  /** What is there already. */
  readonly taken: readonly OwnedPiece[];
  /** What is changed; null where something is put in. */
  readonly piece: OwnedPiece | null;
  /** @returns whether it was taken */
  readonly onSend: (piece: OwnedPiece) => Promise<boolean>;
  readonly onLeave: () => void;
}

/** Something put in the shed, or a piece there as it is by now: cut from, worn, fewer of them. */
export function PieceForm({ market, taken, piece, onSend, onLeave }: Props) {
  const reader = useReader();
  const noteId = useId();
  const [kind, setKind] = useState<Kind>(piece?.kind ?? 'roll');
  const [chosen, setChosen] = useState<string | null>(piece?.product ?? null);
  const [sizes, setSizes] = useState(sizesOf(piece));
  const [count, setCount] = useState(piece?.count ?? 1);
  const [condition, setCondition] = useState<OwnedPiece['condition']>(piece?.condition ?? 'sound');
  const [note, setNote] = useState(piece?.note ?? '');
  const products = productsOf(kind, market, reader);
  const product = products.find((p) => p.value === chosen)?.value ?? products[0]?.value ?? '';
  const made = (): OwnedPiece => {
    const id = piece?.id ?? newId('o', taken, Math.random);
    return pieceOf(kind, product, sizes, { id, count: Math.max(1, count), condition, note: note.trim() });
  };
  const send = async () => {
    if (!(await onSend(made()))) return;
    setNote('');
    onLeave();
  };
  return (
    <StockForm onSend={() => void send()}>
      <Choice name="What" value={kind} options={KINDS} onChoose={setKind} />
      <Pick name="Product" value={product} options={products} onChoose={setChosen} />
      <div className="fields">
        <SizeFields kind={kind} sizes={sizes} onSet={setSizes} />
        <CountField
          name="How many"
          value={count}
          most={boundsAt('owned.roll.count').most}
          onCommit={setCount}
        />
      </div>
      <Choice name="State" value={condition} options={CONDITIONS} onChoose={setCondition} />
      <div className="field">
        <label className="name" htmlFor={noteId}>
          Note
        </label>
        <input
          id={noteId}
          className="input"
          value={note}
          onChange={(e) => setNote(cutText(e.target.value, LENGTHS.note))}
        />
      </div>
      <div className="mends">
        <button type="submit" className="btn btn-primary" disabled={count < 1}>
          {piece ? 'Save' : 'Put it in the shed'}
        </button>
        <button type="button" className="btn" onClick={onLeave}>
          {piece ? 'Leave it as it was' : 'Close'}
        </button>
      </div>
    </StockForm>
  );
}

import {
  type Market,
  type OwnMesh,
  MESH_TYPES,
  MESH_TYPE_IDS,
  capital,
  meshName,
  newId,
  wireName,
  type StoredPrice,
} from '@aviarum/core';
import { useState } from 'react';
import { putProduct, removeProduct } from '../api/stock';
import { Pick } from '../fields/Choice';
import { Measures, PlanLength } from '../fields/PlanLength';
import { useReader } from '../state/reckoningStore';
import { NO_ROLL, type OwnRoll, OwnRolls, checkRolls } from './OwnRolls';
import { Problems } from './Problems';
import { StockForm } from './StockForm';
import { useTry } from './useTry';

interface Props {
  readonly holding: string;
  readonly products: readonly OwnMesh[];
  readonly prices: readonly StoredPrice[];
  readonly market: Market;
}

/** Meshes that no yard of the edition lists: with all that is needed to hang, judge and buy them. */
export function OwnProducts({ holding, products, prices, market }: Props) {
  const reader = useReader();
  const { problems, attempt } = useTry(holding, 'products', 'prices');
  const remove = (id: string) => attempt(() => removeProduct(holding, id));
  return (
    <section className="stocksection">
      <h2>Own products</h2>
      <p className="soft">
        A mesh that neither yard lists. A plan knows it once today’s prices were taken at its docket.
      </p>
      {products.length > 0 && (
        <ul className="stocklist">
          {products.map((product) => (
            <li key={product.id}>
              <span>
                {capital(meshName(product, reader))}, {wireName(product, reader)};{' '}
                {product.widths.map((w) => reader.length(w)).join(', ')} wide
                <span className="soft">
                  {' '}
                  {prices
                    .filter((p) => p.offer.product === product.id)
                    .map((p) =>
                      p.offer.kind === 'roll'
                        ? `${reader.length(p.offer.width)} × ${reader.length(p.offer.length)} for ${reader.money(p.offer.price)}`
                        : '',
                    )
                    .join(', ')}
                </span>
              </span>
              <button
                type="button"
                className="btn btn-ghost"
                aria-label={`Remove ${meshName(product, reader)}`}
                onClick={() => void remove(product.id)}
              >
                Remove
              </button>
            </li>
          ))}
        </ul>
      )}
      <NewProduct
        market={market}
        taken={products}
        onAdd={(product, made) => attempt(() => putProduct(holding, product, made))}
      />
      <Problems title="It was not added." problems={problems} />
    </section>
  );
}

const OPENING = { up: 'Opening up', along: 'Opening along' } as const;

const TYPES = MESH_TYPE_IDS.filter((id) => MESH_TYPES[id].own).map((value) => ({
  value,
  label: MESH_TYPES[value].name,
}));

function NewProduct({
  market,
  taken,
  onAdd,
}: {
  market: Market;
  taken: readonly OwnMesh[];
  onAdd: (product: OwnMesh, prices: readonly StoredPrice[]) => Promise<boolean>;
}) {
  const [type, setType] = useState<OwnMesh['type']>('welded');
  const [opening, setOpening] = useState<OwnMesh['opening']>({ up: 0.025, along: 0.025 });
  const [wire, setWire] = useState(0.0016);
  const [rolls, setRolls] = useState<readonly OwnRoll[]>([NO_ROLL]);
  const [yard, setYard] = useState(market.yards[0]?.id ?? '');
  const [wrong, setWrong] = useState<string | null>(null);
  const change = (to: readonly OwnRoll[]) => {
    setRolls(to);
    setWrong(null);
  };
  const add = async () => {
    const given = checkRolls(rolls);
    if (typeof given === 'string') return setWrong(given);
    const id = newId('m', taken, Math.random);
    const rising = (sizes: readonly number[]) => [...new Set(sizes)].sort((a, b) => a - b);
    const product: OwnMesh = {
      id,
      type,
      opening,
      wire,
      widths: rising(given.map((r) => r.width)),
      lengths: rising(given.map((r) => r.length)),
    };
    const asOf = new Date().toISOString().slice(0, 10);
    const prices = given.map((roll, i) => ({
      id: `${id}-${i + 1}`,
      yard,
      asOf,
      offer: { kind: 'roll' as const, product: id, ...roll, stock: null },
    }));
    if (await onAdd(product, prices)) change([NO_ROLL]);
  };
  return (
    <StockForm onSend={() => void add()}>
      <Pick name="Kind of mesh" value={type} options={TYPES} onChoose={(value) => setType(value)} />
      <div className="fields">
        <Measures
          of="buying.ownProducts.opening"
          kind="opening"
          thing={opening}
          names={OPENING}
          onSet={(to) => setOpening({ ...opening, ...to })}
        />
        <PlanLength of="buying.ownProducts.wire" name="Wire" kind="opening" value={wire} onCommit={setWire} />
      </div>
      <Pick
        name="Sold at"
        value={yard}
        options={market.yards.map((y) => ({ value: y.id, label: y.name }))}
        onChoose={setYard}
      />
      <OwnRolls rolls={rolls} onChange={change} />
      {wrong !== null && (
        <p className="wrong" role="alert">
          {wrong}
        </p>
      )}
      <button type="submit" className="btn btn-primary">
        Add the product
      </button>
    </StockForm>
  );
}

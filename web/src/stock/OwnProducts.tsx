import {
  type Market,
  type OwnMesh,
  MESH_NAMES,
  capital,
  meshName,
  newId,
  parseLength,
  wireName,
} from '@aviarum/core';
import { useState } from 'react';
import { type StoredPrice, putPrice, putProduct, removePrice, removeProduct } from '../api/stock';
import { Pick } from '../fields/Choice';
import { LengthField } from '../fields/LengthField';
import { useReader } from '../state/reckoningStore';
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
  const remove = (id: string) =>
    attempt(async () => {
      for (const p of prices.filter((own) => own.offer.product === id)) await removePrice(holding, p.id);
      await removeProduct(holding, id);
    });
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
                {capital(meshName(product, reader))}, {wireName(product)};{' '}
                {product.widths.map((w) => reader.length(w)).join(', ')} wide
                <span className="soft">
                  {' '}
                  {prices
                    .filter((p) => p.offer.product === product.id)
                    .map((p) =>
                      p.offer.kind === 'roll'
                        ? `${reader.length(p.offer.length)} for ${reader.money(p.offer.price)}`
                        : '',
                    )
                    .join(', ')}
                </span>
              </span>
              <button
                type="button"
                className="btn btn-ghost"
                aria-label={`Take out ${meshName(product, reader)}`}
                onClick={() => void remove(product.id)}
              >
                Take out
              </button>
            </li>
          ))}
        </ul>
      )}
      <NewProduct
        market={market}
        taken={products}
        onAdd={(product, made) =>
          attempt(async () => {
            await putProduct(holding, product);
            for (const price of made) await putPrice(holding, price);
          })
        }
      />
      <Problems title="It was not added." problems={problems} />
    </section>
  );
}

const TYPES = ['welded', 'fine-welded', 'hexagonal', 'chain-link', 'woven', 'plastic'] as const;

/** `15, 30` as lengths; null when any part is none. */
function lengthsIn(text: string, system: 'metric' | 'imperial'): readonly number[] | null {
  const parts = text.split(/[;,]\s+|;/).filter((p) => p.trim() !== '');
  const read = parts.map((p) => parseLength(p.trim(), system, 'length'));
  const lengths = read.flatMap((r) => (r.ok ? [r.value] : []));
  return lengths.length === parts.length && lengths.length > 0 ? lengths : null;
}

function NewProduct({
  market,
  taken,
  onAdd,
}: {
  market: Market;
  taken: readonly OwnMesh[];
  onAdd: (product: OwnMesh, prices: readonly StoredPrice[]) => Promise<boolean>;
}) {
  const reader = useReader();
  const [type, setType] = useState<OwnMesh['type']>('welded');
  const [up, setUp] = useState(0.025);
  const [along, setAlong] = useState(0.025);
  const [wire, setWire] = useState(0.0016);
  const [width, setWidth] = useState(1);
  const [lengths, setLengths] = useState('');
  const [yard, setYard] = useState(market.yards[0]?.id ?? '');
  const [price, setPrice] = useState('');
  const sizes = lengthsIn(lengths, reader.system);
  const money = price.split(/[;]|,\s+/).map((p) => Number(p.trim().replace(',', '.')));
  const priced = sizes !== null && money.length === sizes.length && money.every((p) => p > 0);
  const add = async () => {
    if (!sizes || !priced) return;
    const id = newId('m', taken, Math.random);
    const product: OwnMesh = { id, type, opening: { up, along }, wire, widths: [width], lengths: [...sizes] };
    const today = new Date().toISOString().slice(0, 10);
    const prices = sizes.map((length, i) => ({
      id: `${id}-${i + 1}`,
      yard,
      asOf: today,
      offer: {
        kind: 'roll' as const,
        product: id,
        width,
        length,
        price: Math.round((money[i] ?? 0) * 100),
        stock: null,
      },
    }));
    if (await onAdd(product, prices)) {
      setLengths('');
      setPrice('');
    }
  };
  return (
    <StockForm onSend={() => void add()}>
      <Pick
        name="Kind of mesh"
        value={type}
        options={TYPES.map((value) => ({ value, label: MESH_NAMES[value] }))}
        onChoose={(value) => setType(value)}
      />
      <div className="fields">
        <LengthField name="Opening up" kind="opening" value={up} least={0.001} most={0.5} onCommit={setUp} />
        <LengthField
          name="Opening along"
          kind="opening"
          value={along}
          least={0.001}
          most={0.5}
          onCommit={setAlong}
        />
        <LengthField name="Wire" kind="opening" value={wire} least={0.0001} most={0.02} onCommit={setWire} />
        <LengthField name="Roll width" value={width} least={0.05} most={6} onCommit={setWidth} />
      </div>
      <div className="field">
        <label className="name" htmlFor="own-lengths">
          Roll lengths, such as 15; 30
        </label>
        <input
          id="own-lengths"
          className="input"
          value={lengths}
          onChange={(e) => setLengths(e.target.value)}
        />
      </div>
      <Pick
        name="Sold at"
        value={yard}
        options={market.yards.map((y) => ({ value: y.id, label: y.name }))}
        onChoose={setYard}
      />
      <div className="field">
        <label className="name" htmlFor="own-prices">
          Price of each length, such as 52.00; 98.50
        </label>
        <input id="own-prices" className="input" value={price} onChange={(e) => setPrice(e.target.value)} />
      </div>
      {lengths !== '' && sizes === null && (
        <p className="soft small" role="alert">
          These are not lengths. Try 15; 30.
        </p>
      )}
      {price !== '' && sizes !== null && !priced && (
        <p className="soft small" role="alert">
          One price for each length: {sizes.length} in all.
        </p>
      )}
      <button type="submit" className="btn btn-primary" disabled={!priced}>
        Add the product
      </button>
    </StockForm>
  );
}

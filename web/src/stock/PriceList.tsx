import { type Market, type StoredPrice, utf8 } from '@aviarum/core';
import { useState } from 'react';
import { ApiError } from '../api/client';
import { priceListAddress, putPriceList, removePrice } from '../api/stock';
import { FileButton } from '../fields/FileButton';
import { useReader } from '../state/reckoningStore';
import { Problems } from './Problems';
import { useTry } from './useTry';

interface Props {
  readonly holding: string;
  readonly prices: readonly StoredPrice[];
  readonly market: Market;
}

const sizeOf = ({ offer }: StoredPrice, reader: ReturnType<typeof useReader>) => {
  if (offer.kind === 'roll') return `${reader.length(offer.width)} × ${reader.length(offer.length)}`;
  if (offer.kind === 'pack') return `of ${offer.count}`;
  return reader.length(offer.kind === 'kit' ? offer.width : offer.length);
};

const NOT_UTF8 = 'The sheet is not UTF-8. Save it again as “CSV UTF-8”.';

/** Prices the keeper was told, beside those of the edition; in and out as a sheet. */
export function PriceList({ holding, prices, market }: Props) {
  const reader = useReader();
  const { problems, attempt } = useTry(holding, 'prices');
  const [taken, setTaken] = useState<{ rows: number; taken: number } | null>(null);
  const read = async (file: File) => {
    setTaken(null);
    const text = utf8(new Uint8Array(await file.arrayBuffer()));
    await attempt(async () => {
      if (text === undefined)
        throw new ApiError(400, NOT_UTF8, [{ code: 'not-utf8', pointer: '', message: NOT_UTF8 }], {});
      setTaken(await putPriceList(holding, text));
    });
  };
  return (
    <section className="stocksection">
      <h2>Prices</h2>
      <p className="soft">
        Both yards’ prices as a sheet, one row a roll, post or pack. Change what you were told, leave the
        rest, and bring it back.
      </p>
      <div style={{ display: 'flex', gap: 10, flexWrap: 'wrap' }}>
        <a className="btn" href={priceListAddress(holding)} download="price-list.csv">
          Price list as CSV
        </a>
        <FileButton
          label="Bring a price list"
          name="Price list file"
          accept=".csv,text/csv"
          onFile={(file) => void read(file)}
        />
      </div>
      {taken && (
        <p role="status">
          {taken.rows} rows read; {taken.taken} differ from today’s edition and are yours now.
        </p>
      )}
      <Problems title="The sheet was refused; no row was taken." problems={problems} />
      {prices.length > 0 && (
        <table className="stocktable">
          <thead>
            <tr>
              <th scope="col">own price</th>
              <th scope="col">yard</th>
              <th scope="col">size</th>
              <th scope="col">price</th>
              <th scope="col">of</th>
              <th scope="col">
                <span className="sr-only">take out</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {prices.map((p) => (
              <tr key={p.id}>
                <th scope="row">{p.offer.product}</th>
                <td>{market.yard(p.yard).name}</td>
                <td>{sizeOf(p, reader)}</td>
                <td>{reader.money(p.offer.price)}</td>
                <td>{p.asOf ?? ''}</td>
                <td>
                  <button
                    type="button"
                    className="btn btn-ghost"
                    aria-label={`Remove the price of ${p.offer.product}`}
                    onClick={() => void attempt(() => removePrice(holding, p.id))}
                  >
                    Remove
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

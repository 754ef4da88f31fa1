import { type Market, type StoredPrice, type KeptYardList, utf8 } from '@aviarum/core';
import { useState } from 'react';
import { ApiError } from '../api/client';
import { priceListAddress, putPriceList } from '../api/stock';
import { FileButton } from '../fields/FileButton';
import { PriceTable } from './PriceTable';
import { Problems } from './Problems';
import { useTry } from './useTry';

interface Props {
  readonly holding: string;
  readonly prices: readonly StoredPrice[];
  readonly lists: readonly KeptYardList[];
  readonly market: Market;
}

const NOT_UTF8 = 'The sheet is not UTF-8. Save it again as “CSV UTF-8”.';

/** Prices the keeper was told, beside those of the edition; in and out as a sheet. */
export function PriceList({ holding, prices, lists, market }: Props) {
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
        Press a price to type what your yard asks. Or take all of it away as a sheet, one row per roll, post
        or pack, and bring it back.
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
      <PriceTable holding={holding} prices={prices} lists={lists} market={market} />
    </section>
  );
}

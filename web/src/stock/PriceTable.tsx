import {
  EDITIONS,
  LATEST_EDITION,
  type Market,
  type StoredPrice,
  type KeptYardList,
  moneyPrinter,
  newId,
} from '@aviarum/core';
import { Undo2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { putPrice, putYardList, removePrice } from '../api/stock';
import { shortDay } from '../fields/dates';
import { Choice, Pick } from '../fields/Choice';
import { SearchField } from '../fields/SearchField';
import { MoneyField } from '../fields/MoneyField';
import { currencies } from '../fields/currencies';
import { useReader } from '../state/reckoningStore';
import { Problems } from './Problems';
import { KINDS, type Kind, type PriceRow, type Priced, priceRows } from './priceRows';
import { useTry } from './useTry';

interface Edit {
  /** Of each yard's list. */
  readonly currencyOf: (yard: string) => string;
  readonly yardName: (yard: string) => string;
  readonly put: (priced: Priced, price: number) => void;
  readonly back: (price: StoredPrice) => void;
}

/** One size at one yard: its price, which is pressed to be typed anew, and of when it is. */
function PriceLine({ priced, product, edit }: { priced: Priced; product: string; edit: Edit }) {
  const [typing, setTyping] = useState(false);
  const { size, offer, own, asOf, yard, listed } = priced;
  const currency = edit.currencyOf(yard);
  const said = `${product}, ${size} at ${edit.yardName(yard)}`;
  return (
    <li data-own={own ? 'yes' : 'no'}>
      <span className="pricesize">{size}</span>
      {typing ? (
        <span onBlur={() => setTyping(false)}>
          <MoneyField
            name={`Price of ${said}`}
            hideName
            value={offer.price}
            currency={currency}
            onCommit={(price) => {
              setTyping(false);
              edit.put(priced, price);
            }}
          />
        </span>
      ) : (
        <button
          type="button"
          className="pricebtn figure"
          aria-label={`Change the price of ${said}`}
          onClick={() => setTyping(true)}
        >
          {moneyPrinter(currency)(offer.price)}
        </button>
      )}
      <span className="soft small">{own ? `yours, ${shortDay(asOf)}` : ''}</span>
      {own && (
        <button
          type="button"
          className="btn btn-ghost iconbtn"
          aria-label={listed ? `Back to the list’s price of ${said}` : `Remove the price of ${said}`}
          onClick={() => edit.back(own)}
        >
          <Undo2 size={15} aria-hidden />
        </button>
      )}
    </li>
  );
}

function Product({ row, edit, begins }: { row: PriceRow; edit: Edit; begins: boolean }) {
  const [open, setOpen] = useState(begins);
  const own = row.yards.flatMap((y) => y.priced).filter((p) => p.own).length;
  const range = (priced: readonly Priced[], yard: string) => {
    if (priced.length === 0) return 'not sold there';
    const prices = priced.map((p) => p.offer.price);
    const money = moneyPrinter(edit.currencyOf(yard));
    const [low, high] = [Math.min(...prices), Math.max(...prices)];
    return `${priced.length === 1 ? 'one size' : `${priced.length} sizes`}, ${money(low)}${high > low ? ` to ${money(high)}` : ''}`;
  };
  return (
    <tr>
      <th scope="row">
        <button type="button" className="linebtn" aria-expanded={open} onClick={() => setOpen(!open)}>
          {row.name}
          {own > 0 && (
            <span className="note">{own === 1 ? 'one price of yours' : `${own} prices of yours`}</span>
          )}
        </button>
      </th>
      {row.yards.map(({ yard, priced }) => (
        <td key={yard} data-yard={edit.yardName(yard)}>
          {open && priced.length > 0 ? (
            <ul className="pricelines">
              {priced.map((p) => (
                <PriceLine key={p.key} priced={p} product={row.name} edit={edit} />
              ))}
            </ul>
          ) : (
            <span className="soft">{range(priced, yard)}</span>
          )}
        </td>
      ))}
    </tr>
  );
}

interface Props {
  readonly holding: string;
  readonly prices: readonly StoredPrice[];
  readonly lists: readonly KeptYardList[];
  readonly market: Market;
}

/** What the yards ask, beside each other and changed in place; a price that is typed is of today. */
export function PriceTable({ holding, prices, lists, market }: Props) {
  const reader = useReader();
  const { problems, attempt } = useTry(holding, 'prices', 'yards');
  const [kind, setKind] = useState<Kind>('roll');
  const [find, setFind] = useState('');
  const catalogue = EDITIONS[LATEST_EDITION];
  const named = useMemo(currencies, []);
  const rows = useMemo(
    () => (catalogue ? priceRows(kind, catalogue, prices, { market, reader }) : []),
    [catalogue, kind, prices, market, reader],
  );
  if (!catalogue) return null;
  const listOf = (yard: string) => lists.find((l) => l.yard === yard);
  const currencyOf = (yard: string) => listOf(yard)?.currency ?? 'XXX';
  const edit: Edit = {
    currencyOf,
    yardName: (yard) => market.yard(yard).name,
    put: ({ yard, offer, own }, price) =>
      void attempt(() =>
        putPrice(holding, {
          id: own?.id ?? newId('p', prices, Math.random),
          yard,
          offer: { ...offer, price, stock: offer.stock ?? null },
          asOf: new Date().toISOString().slice(0, 10),
        }),
      ),
    back: (price) => void attempt(() => removePrice(holding, price.id)),
  };
  const words = find.toLocaleLowerCase();
  const shown = rows.filter((r) => r.name.toLocaleLowerCase().includes(words));
  return (
    <>
      <div className="pricetools">
        <Choice name="Prices of" hideName value={kind} options={KINDS} onChoose={setKind} />
        <SearchField
          name="Find a product"
          hideName
          placeholder="find, such as 13 × 13"
          value={find}
          onType={setFind}
        />
      </div>
      <Problems title="The price was not taken." problems={problems} />
      <table className="pricetable">
        <thead>
          <tr>
            <th scope="col">list of {shortDay(catalogue.pricesAsOf)}</th>
            {catalogue.yards.map((y) => (
              <th key={y.id} scope="col">
                {y.name}
                <Pick
                  name={`Currency of the list of ${y.name}`}
                  hideName
                  value={currencyOf(y.id)}
                  options={named}
                  onChoose={(currency) =>
                    void attempt(() =>
                      putYardList(holding, { yard: y.id, currency }, listOf(y.id)?.saveNumber ?? 0),
                    )
                  }
                />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {shown.map((row) => (
            <Product key={`${kind} ${row.product}`} row={row} edit={edit} begins={kind !== 'roll'} />
          ))}
        </tbody>
      </table>
    </>
  );
}

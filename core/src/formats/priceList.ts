import Papa from 'papaparse';
import type { Catalogue, Offer } from '../catalogue';
import { type OwnPrice, dateSchema, ownOfferSchema } from '../plan/schema';
import { cutText } from '../schema/text';
import { majorUnits, minorDigits } from '../units/money';
import { sheet } from './csv';
import { MOST_PROBLEMS, type Problem } from './problem';

const HEAD = [
  'yard',
  'kind',
  'product',
  'width',
  'length',
  'count',
  'price',
  'currency',
  'stock',
  'date',
] as const;
type Column = (typeof HEAD)[number];

/** What an offer says of its size, m; which of it, follows from its kind. */
interface Size {
  readonly kind: Offer['kind'];
  readonly width?: number;
  readonly length?: number;
  readonly count?: number;
}
export const offerSize = (offer: Offer): Size => offer;

/** What makes an offer the same thing at the same yard, whatever it costs. */
export function goodsKey(yard: string, offer: Offer): string {
  const { width = 0, length = 0, count = 0 } = offerSize(offer);
  const size = {
    roll: `${width.toFixed(4)} ${length.toFixed(4)}`,
    post: length.toFixed(4),
    timber: length.toFixed(4),
    kit: width.toFixed(4),
    pack: String(count),
  }[offer.kind];
  return `${yard} ${offer.kind} ${offer.product} ${size}`;
}

/** Every price of an edition with the keeper's own in their places, and those that the edition does not know. */
export function fullPriceList(catalogue: Catalogue, own: readonly OwnPrice[]): readonly OwnPrice[] {
  const list = new Map<string, OwnPrice>();
  for (const yard of catalogue.yards) {
    for (const offer of yard.offers) {
      const { stock = null, ...rest } = offer;
      list.set(goodsKey(yard.id, offer), {
        yard: yard.id,
        offer: { ...rest, stock },
        asOf: catalogue.pricesAsOf,
      });
    }
  }
  for (const price of own) list.set(goodsKey(price.yard, price.offer), price);
  return [...list.values()];
}

/** Prices as CSV: sizes in metres, prices in major units as the yard states them, dates ISO. */
export function priceListCsv(prices: readonly OwnPrice[]): string {
  const rows = prices.map(({ yard, offer, asOf, currency }) => {
    const { width, length, count } = offerSize(offer);
    const cells: Record<Column, string | number> = {
      yard,
      kind: offer.kind,
      product: offer.product,
      width: width ?? '',
      length: length ?? '',
      count: count ?? '',
      price: majorUnits(currency ?? 'XXX')(offer.price),
      currency: currency ?? '',
      stock: offer.stock ?? '',
      date: asOf ?? '',
    };
    return HEAD.map((column) => cells[column]);
  });
  return sheet(HEAD, rows);
}

export type ReadPrices =
  | { readonly ok: true; readonly prices: readonly OwnPrice[] }
  /** Every problem names its row, counted from 1 with the heads, and its column. */
  | { readonly ok: false; readonly problems: readonly Problem[] };

/** More rows than all yards together have. */
const MOST_ROWS = 3000;
/** A list of all prices is a fifth of this, bytes. */
export const PRICE_LIST_LIMIT = 100_000;
/** Characters of a wrong cell that are said back. */
const MOST_ECHOED = 40;

const refused = (code: string, pointer: string, message: string): ReadPrices => ({
  ok: false,
  problems: [{ code, pointer, message }],
});

/** `12.50` or `12,50`; NaN for anything else. */
const numberOf = (text: string): number =>
  /^-?\d+([.,]\d+)?$/.test(text) ? Number(text.replace(',', '.')) : NaN;

/** What a row must be checked against. */
export interface Known {
  readonly yards: readonly string[];
  /** Ids of products by kind; packs are checked by the schema. */
  readonly products: Readonly<Record<'roll' | 'post' | 'timber' | 'kit', readonly string[]>>;
  /** Currencies of the yards' lists; none for a list that names none. */
  readonly currencies: ReadonlyMap<string, string>;
}

export function knownOf(
  catalogue: Catalogue,
  ownMeshes: readonly { readonly id: string }[],
  lists: readonly { readonly yard: string; readonly currency: string }[] = [],
): Known {
  const ids = (list: readonly { readonly id: string }[]) => list.map((t) => t.id);
  return {
    yards: ids(catalogue.yards),
    products: {
      roll: [...ids(catalogue.meshes), ...ids(ownMeshes)],
      post: ids(catalogue.posts),
      timber: ids(catalogue.timbers),
      kit: ids(catalogue.kits),
    },
    currencies: new Map(lists.map((l) => [l.yard, l.currency])),
  };
}

const SIZES: Readonly<Record<string, readonly Column[]>> = {
  roll: ['width', 'length'],
  post: ['length'],
  timber: ['length'],
  kit: ['width'],
  pack: ['count'],
};

function readRow(cells: Readonly<Record<string, string>>, known: Known, today: string) {
  const problems: { column: Column; message: string }[] = [];
  const cell = (column: Column) => (Object.hasOwn(cells, column) ? (cells[column] ?? '') : '').trim();
  const said = (column: Column) =>
    `“${cutText(cell(column), MOST_ECHOED)}${cell(column).length > MOST_ECHOED ? '…' : ''}”`;
  const wrong = (column: Column, message: string) => problems.push({ column, message });
  const number = (column: Column): number => {
    const value = numberOf(cell(column));
    if (Number.isNaN(value)) wrong(column, `must be a number, is ${said(column)}`);
    return value;
  };
  const [yard, kind, product] = [cell('yard'), cell('kind'), cell('product')];
  if (!known.yards.includes(yard))
    wrong('yard', `must be one of ${known.yards.join(', ')}, is ${said('yard')}`);
  const sizes = Object.hasOwn(SIZES, kind) ? SIZES[kind] : undefined;
  if (!sizes) {
    wrong('kind', `must be one of ${Object.keys(SIZES).join(', ')}, is ${said('kind')}`);
    return { problems, price: undefined };
  }
  const products = known.products[kind as keyof Known['products']];
  if (kind !== 'pack' && !products.includes(product))
    wrong('product', `there is no ${kind} ${said('product')}; add it as your own first`);
  const date = cell('date') === '' ? today : cell('date');
  if (!dateSchema.safeParse(date).success) wrong('date', `must be such as 2026-11-25, is ${said('date')}`);
  const list = known.currencies.get(yard) ?? 'XXX';
  const stated = cell('currency') === '' ? list : cell('currency');
  if (stated !== list)
    wrong(
      'currency',
      `the list of ${yard} ${list === 'XXX' ? 'names no currency' : `is in ${list}`}, this is ${said('currency')}; set the currency of the list first`,
    );
  const offer = {
    kind,
    product,
    ...Object.fromEntries(sizes.map((size) => [size, number(size)])),
    price: Math.round(number('price') * 10 ** minorDigits(list)),
    stock: cell('stock') === '' ? null : number('stock'),
  };
  if (problems.length > 0) return { problems, price: undefined };
  const checked = ownOfferSchema.safeParse(offer);
  if (!checked.success) {
    for (const issue of checked.error.issues)
      wrong((issue.path[0] as Column | undefined) ?? 'kind', issue.message);
    return { problems, price: undefined };
  }
  const price: OwnPrice = { yard, offer: checked.data, asOf: date };
  return { problems, price: list === 'XXX' ? price : { ...price, currency: list } };
}

/**
 * Reads a price list. All of it or nothing: a wrong row is told by its number and column, and no row is taken.
 *
 * @param today  date for rows without one, ISO
 */
export function readPriceList(text: string, known: Known, today: string): ReadPrices {
  if (text.length > PRICE_LIST_LIMIT)
    return refused(
      'too-large',
      '',
      `is over ${PRICE_LIST_LIMIT / 1000} kB; a list of all prices is far shorter`,
    );
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase(),
  });
  const missing = (['yard', 'kind', 'product', 'price'] as const).filter(
    (h) => !parsed.meta.fields?.includes(h),
  );
  if (missing.length > 0) {
    const message = `has no column “${missing.join('”, “')}”; the heads are ${HEAD.join(', ')}`;
    return refused('no-column', '/1', message);
  }
  if (parsed.data.length > MOST_ROWS)
    return refused('too-many', '', `has ${parsed.data.length} rows; at most ${MOST_ROWS} are read at once`);
  if (parsed.data.length === 0) return refused('empty', '', 'holds no row under its heads');
  const problems: Problem[] = [];
  const prices: OwnPrice[] = [];
  const rowOf = new Map<string, number>();
  for (const [i, cells] of parsed.data.entries()) {
    if (problems.length >= MOST_PROBLEMS) break;
    const wrong = (column: Column, message: string) =>
      problems.push({
        code: 'bad-cell',
        pointer: `/${i + 2}/${column}`,
        message: `row ${i + 2}, ${column}: ${message}`,
      });
    const row = readRow(cells, known, today);
    for (const { column, message } of row.problems) wrong(column, message);
    if (!row.price) continue;
    const goods = goodsKey(row.price.yard, row.price.offer);
    const before = rowOf.get(goods);
    if (before !== undefined) wrong('product', `is the same as in row ${before}; keep one of them`);
    rowOf.set(goods, i + 2);
    prices.push(row.price);
  }
  if (problems.length > 0) return { ok: false, problems: problems.slice(0, MOST_PROBLEMS) };
  return { ok: true, prices };
}

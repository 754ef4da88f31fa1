import Papa from 'papaparse';
import type { Catalogue, Offer } from '../catalogue';
import { type OwnPrice, ownOfferSchema } from '../plan/schema';
import { sheet } from './csv';
import type { Problem } from './planFile';

const HEAD = ['yard', 'kind', 'product', 'width', 'length', 'count', 'price', 'stock', 'date'] as const;
type Column = (typeof HEAD)[number];

/** What makes an offer the same thing at the same yard, whatever it costs. */
export function goodsKey(yard: string, offer: Offer): string {
  const size = {
    roll: () =>
      'length' in offer && 'width' in offer ? `${offer.width.toFixed(4)} ${offer.length.toFixed(4)}` : '',
    post: () => ('length' in offer ? offer.length.toFixed(4) : ''),
    timber: () => ('length' in offer ? offer.length.toFixed(4) : ''),
    kit: () => ('width' in offer ? offer.width.toFixed(4) : ''),
    pack: () => ('count' in offer ? String(offer.count) : ''),
  }[offer.kind]();
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
  const rows = prices.map(({ yard, offer, asOf }) => {
    const cells: Record<Column, string | number> = {
      yard,
      kind: offer.kind,
      product: offer.product,
      width: 'width' in offer ? offer.width : '',
      length: 'length' in offer ? offer.length : '',
      count: 'count' in offer ? offer.count : '',
      price: offer.price / 100,
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

const MOST_PROBLEMS = 50;

/** `12.50` or `12,50`; NaN for anything else. */
const numberOf = (text: string): number =>
  /^-?\d+([.,]\d+)?$/.test(text) ? Number(text.replace(',', '.')) : NaN;

/** What a row must be checked against. */
export interface Known {
  readonly yards: readonly string[];
  /** Ids of products by kind; packs are checked by the schema. */
  readonly products: Readonly<Record<'roll' | 'post' | 'timber' | 'kit', readonly string[]>>;
}

export function knownOf(catalogue: Catalogue, ownMeshes: readonly { readonly id: string }[]): Known {
  const ids = (list: readonly { readonly id: string }[]) => list.map((t) => t.id);
  return {
    yards: ids(catalogue.yards),
    products: {
      roll: [...ids(catalogue.meshes), ...ids(ownMeshes)],
      post: ids(catalogue.posts),
      timber: ids(catalogue.timbers),
      kit: ids(catalogue.kits),
    },
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
  const cell = (column: Column) => (cells[column] ?? '').trim();
  const wrong = (column: Column, message: string) => problems.push({ column, message });
  const number = (column: Column): number => {
    const value = numberOf(cell(column));
    if (Number.isNaN(value)) wrong(column, `must be a number, is “${cell(column)}”`);
    return value;
  };
  const [yard, kind, product] = [cell('yard'), cell('kind'), cell('product')];
  if (!known.yards.includes(yard)) wrong('yard', `must be one of ${known.yards.join(', ')}, is “${yard}”`);
  const sizes = SIZES[kind];
  if (!sizes) {
    wrong('kind', `must be one of ${Object.keys(SIZES).join(', ')}, is “${kind}”`);
    return { problems, price: undefined };
  }
  const products = known.products[kind as keyof Known['products']];
  if (kind !== 'pack' && !products.includes(product))
    wrong('product', `there is no ${kind} “${product}”; add it as your own first`);
  const date = cell('date') === '' ? today : cell('date');
  if (!/^\d{4}-\d{2}-\d{2}$/.test(date) || Number.isNaN(Date.parse(date)))
    wrong('date', `must be such as 2026-11-25, is “${date}”`);
  const offer = {
    kind,
    product,
    ...Object.fromEntries(sizes.map((size) => [size, number(size)])),
    price: Math.round(number('price') * 100),
    stock: cell('stock') === '' ? null : number('stock'),
  };
  if (problems.length > 0) return { problems, price: undefined };
  const checked = ownOfferSchema.safeParse(offer);
  if (!checked.success) {
    for (const issue of checked.error.issues)
      wrong((issue.path[0] as Column | undefined) ?? 'kind', issue.message);
    return { problems, price: undefined };
  }
  return { problems, price: { yard, offer: checked.data, asOf: date } satisfies OwnPrice };
}

/**
 * Reads a price list. All of it or nothing: a wrong row is told by its number and column, and no row is taken.
 *
 * @param today  date for rows without one, ISO
 */
export function readPriceList(text: string, known: Known, today: string): ReadPrices {
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
    return { ok: false, problems: [{ code: 'no-column', pointer: '/1', message }] };
  }
  const rows = parsed.data.map((cells) => readRow(cells, known, today));
  const problems = rows.flatMap((row, i) =>
    row.problems.map(({ column, message }): Problem => ({
      code: 'bad-cell',
      pointer: `/${i + 2}/${column}`,
      message: `row ${i + 2}, ${column}: ${message}`,
    })),
  );
  if (problems.length > 0) return { ok: false, problems: problems.slice(0, MOST_PROBLEMS) };
  if (rows.length === 0)
    return { ok: false, problems: [{ code: 'empty', pointer: '', message: 'holds no row under its heads' }] };
  return { ok: true, prices: rows.flatMap((row) => (row.price ? [row.price] : [])) };
}

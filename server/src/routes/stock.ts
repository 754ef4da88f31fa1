import { createHash } from 'node:crypto';
import {
  type OwnMesh,
  type OwnOffer,
  type OwnedPiece,
  type Problem,
  type YardList,
  ownMeshSchema,
  ownedPieceSchema,
} from '@aviarum/core';
import {
  PRICE_LIST_LIMIT,
  fullPriceList,
  goodsKey,
  knownOf,
  priceListCsv,
  readPriceList,
} from '@aviarum/core/prices';
import { Hono } from 'hono';
import { z } from 'zod';
import { BorderError, notFound } from '../problem';
import {
  deletePiece,
  deletePrice,
  deleteProduct,
  listPrices,
  listProducts,
  listShed,
  listYardLists,
  putPieces,
  putPrices,
  putProducts,
  putYardList,
} from '../store/stock';
import { type Writing, inHolding } from '../store/writing';
import { atMost, checked, jsonBody, textBody } from './body';
import { type Price, checkPrices, latest, priceSchema, yardListSchema } from './prices';
import { type Acting, type Services, idIn } from './types';

const priceListLimit = atMost(PRICE_LIST_LIMIT);
const withPrices = z.strictObject({ product: ownMeshSchema, prices: z.array(priceSchema).max(200) });

function refuse(code: string, pointer: string, message: string): never {
  throw new BorderError(422, 'Some fields are not right.', [{ code, pointer, message }]);
}

function sameId(given: string, inAddress: string, pointer = '/id') {
  if (given !== inAddress) refuse('other-id', pointer, `must be “${inAddress}”, as in the address`);
}

/** The same goods at the same yard always have the same id. */
const priceId = (yard: string, offer: OwnOffer): string =>
  `p-${createHash('sha256').update(goodsKey(yard, offer)).digest('hex').slice(0, 24)}`;

/** @throws BorderError 422 naming each price that is for nothing, or there twice */
function refuseWrong(prices: readonly Price[], own: readonly OwnMesh[], at: string | null) {
  const ids = new Set<string>();
  const twice = prices.flatMap((p, i): Problem[] => {
    const before = ids.has(p.id);
    ids.add(p.id);
    return before
      ? [{ code: 'twice', pointer: `${at ?? ''}/${i}/id`, message: `the id “${p.id}” is used twice` }]
      : [];
  });
  const problems = [...twice, ...checkPrices(prices, own, at)];
  if (problems.length > 0) throw new BorderError(422, 'Some fields are not right.', problems);
}

const yardListChange = z.strictObject({
  ...yardListSchema.shape,
  /** The save number that the change is based on, 0 where there was none; without it the list is taken as it is. */
  basedOn: z.int().min(0).optional(),
});

/** Rows that differ from the edition become prices. @throws BorderError 422 naming each row and column that is wrong */
async function takePriceList(trx: Writing, holding: string, text: string, now: Date) {
  const lists = await listYardLists(trx, holding);
  const known = knownOf(latest(), await listProducts(trx, holding), lists);
  const read = readPriceList(text, known, now.toISOString().slice(0, 10));
  if (!read.ok) throw new BorderError(422, 'Some rows are not right; none was taken.', read.problems);
  const shipped = new Map(fullPriceList(latest(), []).map((p) => [goodsKey(p.yard, p.offer), p.offer]));
  // What is as the edition has it needs no price of its own.
  const own = read.prices.filter(({ yard, offer, currency }) => {
    if (currency !== undefined) return true;
    const before = shipped.get(goodsKey(yard, offer));
    return before?.price !== offer.price || (before.stock ?? null) !== offer.stock;
  });
  await putPrices(
    trx,
    holding,
    own.map(({ yard, offer, asOf }) => ({ id: priceId(yard, offer), yard, offer, asOf: asOf ?? '' })),
  );
  return { rows: read.prices.length, taken: own.length };
}

/** The holding's own products. */
function productRoutes({ db }: Services) {
  return new Hono<Acting>()
    .get('/products', async (c) => c.json(await listProducts(db, c.var.holding.id)))
    .put('/products/:id', async (c) => {
      const { product, prices } = checked<{ product: OwnMesh; prices: Price[] }>(
        withPrices,
        await jsonBody(c),
      );
      sameId(product.id, idIn(c, 'id', 'product'), '/product/id');
      if (latest().meshes.some((m) => m.id === product.id))
        refuse('taken', '/product/id', `“${product.id}” is a product of the edition; give yours another id`);
      prices.forEach(({ offer }, i) => {
        if (offer.kind !== 'roll' || offer.product !== product.id)
          refuse('other-product', `/prices/${i}/offer/product`, `must be a roll of “${product.id}”`);
      });
      refuseWrong(prices, [product], '/prices');
      const holding = c.var.holding.id;
      await inHolding(db, holding, async (trx) => {
        await putProducts(trx, holding, [product]);
        await putPrices(trx, holding, prices);
      });
      return c.json(product);
    })
    .delete('/products/:id', async (c) => {
      const [holding, id] = [c.var.holding.id, idIn(c, 'id', 'product')];
      if (!(await inHolding(db, holding, (trx) => deleteProduct(trx, holding, id))))
        throw notFound('product');
      return c.body(null, 204);
    });
}

/** The holding's own products, prices and shed. */
export function stockRoutes(services: Services) {
  const { db, clock } = services;
  return new Hono<Acting>()
    .route('/', productRoutes(services))
    .get('/prices', async (c) => c.json(await listPrices(db, c.var.holding.id)))
    .put('/prices/:id', async (c) => {
      const own = checked<Price>(priceSchema, await jsonBody(c));
      sameId(own.id, idIn(c, 'id', 'price'));
      const holding = c.var.holding.id;
      await inHolding(db, holding, async (trx) => {
        refuseWrong([own], await listProducts(trx, holding), null);
        await putPrices(trx, holding, [own]);
      });
      return c.json(own);
    })
    .delete('/prices/:id', async (c) => {
      if (!(await deletePrice(db, c.var.holding.id, idIn(c, 'id', 'price')))) throw notFound('price');
      return c.body(null, 204);
    })
    .get('/price-list', async (c) => {
      const csv = priceListCsv(fullPriceList(latest(), await listPrices(db, c.var.holding.id)));
      return c.body(csv, 200, { 'content-type': 'text/csv; charset=utf-8' });
    })
    .put('/price-list', priceListLimit, async (c) => {
      const holding = c.var.holding.id;
      const text = await textBody(c);
      const pricesTaken = await inHolding(db, holding, (trx) => takePriceList(trx, holding, text, clock()));
      return c.json(pricesTaken);
    })
    .get('/yards', async (c) => c.json(await listYardLists(db, c.var.holding.id)))
    .put('/yards/:yard', async (c) => {
      const { basedOn, ...list } = checked<YardList & { basedOn?: number | undefined }>(
        yardListChange,
        await jsonBody(c),
      );
      sameId(list.yard, idIn(c, 'yard', 'yard'), '/yard');
      if (!latest().yards.some((y) => y.id === list.yard))
        refuse('unknown', '/yard', `there is no yard “${list.yard}”`);
      const holding = c.var.holding.id;
      const kept = await inHolding(db, holding, (trx) => putYardList(trx, holding, list, basedOn));
      if (!kept)
        throw new BorderError(409, 'The list was changed elsewhere; nothing was saved. Look at it again.', [
          { code: 'changed', pointer: '/basedOn', message: 'is not the latest save number of the list' },
        ]);
      return c.json(kept);
    })
    .get('/shed', async (c) => c.json(await listShed(db, c.var.holding.id)))
    .put('/shed/:id', async (c) => {
      const piece = checked<OwnedPiece>(ownedPieceSchema, await jsonBody(c));
      sameId(piece.id, idIn(c, 'id', 'piece'));
      const holding = c.var.holding.id;
      await inHolding(db, holding, (trx) => putPieces(trx, holding, [piece]));
      return c.json(piece);
    })
    .delete('/shed/:id', async (c) => {
      if (!(await deletePiece(db, c.var.holding.id, idIn(c, 'id', 'piece')))) throw notFound('piece');
      return c.body(null, 204);
    });
}

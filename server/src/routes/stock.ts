import { type OwnMesh, type OwnOffer, ownMeshSchema, ownOfferSchema } from '@aviarum/core';
import { Hono } from 'hono';
import { z } from 'zod';
import { BorderError, notFound } from '../problem';
import { deletePrice, deleteProduct, listPrices, listProducts, putPrice, putProduct } from '../store/stock';
import { checked, jsonBody } from './body';
import type { Acting, Services } from './types';

const id = z
  .string()
  .regex(/^[A-Za-z0-9_-]{1,40}$/, 'must be 1 to 40 letters, digits, dashes or underscores');
const price = z.strictObject({ id, yard: id, offer: ownOfferSchema, asOf: z.iso.date() });

function sameId(given: string, inAddress: string) {
  if (given === inAddress) return;
  throw new BorderError(422, 'Some fields are not right.', [
    { code: 'other-id', pointer: '/id', message: `must be “${inAddress}”, as in the address` },
  ]);
}

/** The holding's own products and prices. */
export function stockRoutes({ db }: Services) {
  return new Hono<Acting>()
    .get('/products', async (c) => c.json(await listProducts(db, c.var.holding.id)))
    .put('/products/:id', async (c) => {
      const product = checked<OwnMesh>(ownMeshSchema, await jsonBody(c));
      sameId(product.id, c.req.param('id'));
      await putProduct(db, c.var.holding.id, product);
      return c.json(product);
    })
    .delete('/products/:id', async (c) => {
      if (!(await deleteProduct(db, c.var.holding.id, c.req.param('id')))) throw notFound('product');
      return c.body(null, 204);
    })
    .get('/prices', async (c) => c.json(await listPrices(db, c.var.holding.id)))
    .put('/prices/:id', async (c) => {
      const own = checked<{ id: string; yard: string; offer: OwnOffer; asOf: string }>(
        price,
        await jsonBody(c),
      );
      sameId(own.id, c.req.param('id'));
      await putPrice(db, c.var.holding.id, own);
      return c.json(own);
    })
    .delete('/prices/:id', async (c) => {
      if (!(await deletePrice(db, c.var.holding.id, c.req.param('id')))) throw notFound('price');
      return c.body(null, 204);
    });
}

import { nameSchema } from '@aviarum/core';
import { Hono } from 'hono';
import { z } from 'zod';
import { notFound } from '../problem';
import { createHolding, holdingsOf, renameHolding } from '../store/holdings';
import { checked, jsonBody } from './body';
import { type Acting, type Services, idIn } from './types';

const newHolding = z.strictObject({ name: nameSchema });

export function holdingRoutes({ db }: Services) {
  return new Hono<Acting>()
    .get('/', async (c) => c.json(await holdingsOf(db, c.var.keeper)))
    .post('/', async (c) => {
      const { name } = checked(newHolding, await jsonBody(c));
      const holding = { id: crypto.randomUUID(), name, example: false };
      return c.json(await createHolding(db, c.var.keeper, holding), 201);
    })
    .put('/:holding', async (c) => {
      const { name } = checked(newHolding, await jsonBody(c));
      const id = idIn(c, 'holding', 'holding');
      const renamed = await renameHolding(db, c.var.keeper, id, name);
      if (!renamed) throw notFound('holding');
      return c.json(renamed);
    });
}

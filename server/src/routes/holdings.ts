import { nameSchema } from '@aviarum/core';
import { Hono } from 'hono';
import { z } from 'zod';
import { createHolding, holdingsOf } from '../store/holdings';
import { checked, jsonBody } from './body';
import type { Acting, Services } from './types';

const newHolding = z.strictObject({ name: nameSchema });

export function holdingRoutes({ db }: Services) {
  return new Hono<Acting>()
    .get('/', async (c) => c.json(await holdingsOf(db, c.var.keeper)))
    .post('/', async (c) => {
      const { name } = checked(newHolding, await jsonBody(c));
      const holding = { id: crypto.randomUUID(), name, example: false };
      return c.json(await createHolding(db, c.var.keeper, holding), 201);
    });
}

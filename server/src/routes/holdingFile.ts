import { setImmediate } from 'node:timers/promises';
import { type Plan, type Problem, nameSchema, ownMeshSchema, ownedPieceSchema } from '@aviarum/core';
import { Hono } from 'hono';
import { z } from 'zod';
import { BorderError } from '../problem';
import { putBack, takeOut } from '../store/holdingFile';
import { checked, jsonBody } from './body';
import { planFrom } from './plans';
import { checkPrices, priceSchema, yardListSchema } from './prices';
import type { Acting, Services } from './types';

/** A holding of hundreds of plans is well under it, bytes. */
export const HOLDING_FILE_LIMIT = 32 * 1024 * 1024;

const holdingFile = z.strictObject({
  format: z.literal('aviarum-holding'),
  formatVersion: z.literal(1, 'is from a newer Aviarum; open it there'),
  name: nameSchema,
  plans: z.array(z.unknown()).max(1000),
  shed: z.array(ownedPieceSchema).max(2000),
  products: z.array(ownMeshSchema).max(500),
  prices: z.array(priceSchema).max(2000),
  yardLists: z.array(yardListSchema).max(20).default([]),
});

function twice(things: readonly { readonly id: string }[], at: string): Problem[] {
  const seen = new Set<string>();
  return things.flatMap(({ id }, i) => {
    const before = seen.has(id);
    seen.add(id);
    return before
      ? [{ code: 'twice', pointer: `${at}/${i}/id`, message: `the id “${id}” is used twice` }]
      : [];
  });
}

/** A holding out as one file. */
export const holdingOutRoute = ({ db, clock }: Services) =>
  new Hono<Acting>().get('/', async (c) => {
    c.header(
      'content-disposition',
      `attachment; filename="holding-${clock().toISOString().slice(0, 10)}.json"`,
    );
    return c.json(await takeOut(db, c.var.holding));
  });

/** A holding back from a file, as a new one: nothing that is there is written over. */
export const holdingInRoute = ({ db }: Services) =>
  new Hono<Acting>().post('/', async (c) => {
    const file = checked(holdingFile, await jsonBody(c));
    const plans: Plan[] = [];
    for (const [i, document] of file.plans.entries()) {
      plans.push(planFrom(document, `/plans/${i}`));
      // Others have their turn meanwhile.
      await setImmediate();
    }
    const problems = [
      ...twice(plans, '/plans'),
      ...twice(file.shed, '/shed'),
      ...twice(file.products, '/products'),
      ...twice(file.prices, '/prices'),
      ...checkPrices(file.prices, file.products, '/prices'),
    ];
    if (problems.length > 0)
      throw new BorderError(422, 'The holding was refused; nothing was saved.', problems);
    const holding = { id: crypto.randomUUID(), name: file.name, example: false };
    await putBack(db, c.var.keeper, holding, { ...file, plans });
    return c.json(holding, 201);
  });

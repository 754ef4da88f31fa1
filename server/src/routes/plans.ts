import { type Plan, checkPlan } from '@aviarum/core';
import { Hono } from 'hono';
import { z } from 'zod';
import { BorderError, notFound } from '../problem';
import {
  createPlan,
  deletePlan,
  getPlan,
  getRevision,
  listPlans,
  listRevisions,
  savePlan,
} from '../store/plans';
import { checked, jsonBody } from './body';
import type { Acting, Services } from './types';

const saveId = z.string().regex(/^[A-Za-z0-9-]{8,64}$/, 'must be 8 to 64 letters, digits or dashes');
const save = z.strictObject({ saveId, basedOn: z.int().min(1), plan: z.unknown() });
const creation = z.strictObject({ plan: z.unknown() });

/** @throws BorderError 422 with pointers under /plan */
function planFrom(document: unknown): Plan {
  const read = checkPlan(document);
  if (read.ok) return read.plan;
  const problems = read.problems.map((p) => ({ ...p, pointer: `/plan${p.pointer}` }));
  throw new BorderError(422, 'The plan was refused; nothing was saved.', problems);
}

export function planRoutes({ db }: Services) {
  return new Hono<Acting>()
    .get('/', async (c) => c.json(await listPlans(db, c.var.holding.id)))
    .post('/', async (c) => {
      const plan = planFrom(checked(creation, await jsonBody(c)).plan);
      const created = await createPlan(db, c.var.holding.id, plan);
      if (!created) {
        throw new BorderError(409, 'This holding has a plan of that id already.', [
          { code: 'taken', pointer: '/plan/id', message: 'is taken; give the plan another id' },
        ]);
      }
      return c.json(created, 201);
    })
    .get('/:plan', async (c) => {
      const plan = await getPlan(db, c.var.holding.id, c.req.param('plan'));
      if (!plan) throw notFound('plan');
      return c.json(plan);
    })
    .put('/:plan', async (c) => {
      const id = c.req.param('plan');
      const body = checked(save, await jsonBody(c));
      const plan = planFrom(body.plan);
      if (plan.id !== id) {
        throw new BorderError(422, 'The plan was refused; nothing was saved.', [
          { code: 'other-id', pointer: '/plan/id', message: `must be “${id}”, as in the address` },
        ]);
      }
      const saved = await savePlan(db, c.var.holding.id, id, { ...body, plan });
      if (saved.outcome === 'missing') throw notFound('plan');
      const { saveNumber, savedAt } = saved;
      if (saved.outcome === 'conflict') {
        throw new BorderError(409, 'The plan was changed elsewhere; nothing was saved.', [], {
          saveNumber,
          savedAt,
        });
      }
      return c.json({ saveNumber, savedAt });
    })
    .delete('/:plan', async (c) => {
      if (!(await deletePlan(db, c.var.holding.id, c.req.param('plan')))) throw notFound('plan');
      return c.body(null, 204);
    })
    .get('/:plan/revisions', async (c) =>
      c.json(await listRevisions(db, c.var.holding.id, c.req.param('plan'))),
    )
    .get('/:plan/revisions/:save', async (c) => {
      const number = Number(c.req.param('save'));
      const revision =
        Number.isSafeInteger(number) && number < 2 ** 31
          ? await getRevision(db, c.var.holding.id, c.req.param('plan'), number)
          : undefined;
      if (!revision) throw notFound('revision');
      return c.json(revision);
    });
}

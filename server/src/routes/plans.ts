import { type Plan, cardSchema, checkPlan } from '@aviarum/core';
import { Hono } from 'hono';
import { z } from 'zod';
import { BorderError, notFound } from '../problem';
import { deletePlan } from '../store/bin';
import {
  createPlan,
  getPlan,
  getRevision,
  listPlans,
  listRevisions,
  putCard,
  savePlan,
} from '../store/plans';
import { checked, jsonBody } from './body';
import { type Acting, type Services, idIn } from './types';

/** The largest number that a save can have. */
const MOST_SAVES = 2 ** 31 - 1;
const saveId = z.string().regex(/^[A-Za-z0-9-]{8,64}$/, 'must be 8 to 64 letters, digits or dashes');
const saveNumber = z.int().min(1).max(MOST_SAVES);
const card = z.nullable(cardSchema).optional();
const save = z.strictObject({ saveId, basedOn: saveNumber, plan: z.unknown(), card });
const creation = z.strictObject({ plan: z.unknown(), card });
const newCard = z.strictObject({ saveNumber: saveNumber, card: cardSchema });

/** @throws BorderError 422 with pointers under /plan */
export function planFrom(document: unknown, at = '/plan'): Plan {
  const read = checkPlan(document);
  if (read.ok) return read.plan;
  const problems = read.problems.map((p) => ({ ...p, pointer: `${at}${p.pointer}` }));
  throw new BorderError(422, 'The plan was refused; nothing was saved.', problems);
}

/** Saving asks for the holding in its own statement: nothing else is read for it. */
export function saveRoute({ db }: Services) {
  return new Hono<Acting>().put('/:holding/plans/:plan', async (c) => {
    const at = { keeper: c.var.keeper, holding: idIn(c, 'holding', 'holding'), id: idIn(c, 'plan', 'plan') };
    const body = checked(save, await jsonBody(c));
    const plan = planFrom(body.plan);
    if (plan.id !== at.id) {
      throw new BorderError(422, 'The plan was refused; nothing was saved.', [
        { code: 'other-id', pointer: '/plan/id', message: `must be “${at.id}”, as in the address` },
      ]);
    }
    const saved = await savePlan(db, at, { ...body, card: body.card ?? null, plan });
    if (saved.outcome === 'missing') throw notFound('plan');
    const { saveNumber, savedAt } = saved;
    if (saved.outcome === 'reused') {
      throw new BorderError(
        409,
        'This save was made before with another content; nothing was saved.',
        [
          {
            code: 'save-id-reused',
            pointer: '/saveId',
            message: 'belongs to another save; give this one its own',
          },
        ],
        { saveNumber, savedAt },
      );
    }
    if (saved.outcome === 'conflict') {
      throw new BorderError(409, 'The plan was changed elsewhere; nothing was saved.', [], {
        saveNumber,
        savedAt,
      });
    }
    return c.json({ saveNumber, savedAt });
  });
}

export function planRoutes({ db }: Services) {
  return new Hono<Acting>()
    .get('/', async (c) => c.json(await listPlans(db, c.var.holding.id)))
    .post('/', async (c) => {
      const body = checked(creation, await jsonBody(c));
      const plan = planFrom(body.plan);
      const created = await createPlan(db, c.var.holding.id, plan, body.card ?? null);
      if (!created) {
        throw new BorderError(409, 'This holding has a plan of that id already.', [
          { code: 'taken', pointer: '/plan/id', message: 'is taken; give the plan another id' },
        ]);
      }
      return c.json(created, 201);
    })
    .get('/:plan', async (c) => {
      const plan = await getPlan(db, c.var.holding.id, idIn(c, 'plan', 'plan'));
      if (!plan) throw notFound('plan');
      return c.json(plan);
    })
    .delete('/:plan', async (c) => {
      if (!(await deletePlan(db, c.var.holding.id, idIn(c, 'plan', 'plan')))) throw notFound('plan');
      return c.body(null, 204);
    })
    .put('/:plan/card', async (c) => {
      const id = idIn(c, 'plan', 'plan');
      const kept = await putCard(db, c.var.holding.id, id, checked(newCard, await jsonBody(c)));
      if (!kept)
        throw new BorderError(409, 'The plan was saved since, or is gone; the card was not kept.', []);
      return c.body(null, 204);
    })
    .get('/:plan/revisions', async (c) =>
      c.json(await listRevisions(db, c.var.holding.id, idIn(c, 'plan', 'plan'))),
    )
    .get('/:plan/revisions/:save', async (c) => {
      const number = /^\d{1,10}$/.test(c.req.param('save')) ? Number(c.req.param('save')) : 0;
      const known = number >= 1 && number <= MOST_SAVES;
      const revision = known && (await getRevision(db, c.var.holding.id, idIn(c, 'plan', 'plan'), number));
      if (!revision) throw notFound('revision');
      return c.json(revision);
    });
}

import { Hono } from 'hono';
import { notFound } from '../problem';
import { listBin, purgePlan, restorePlan } from '../store/bin';
import { type Acting, type Services, idIn } from './types';

/** Deleted plans: for thirty days they can be brought back. */
export function binRoutes({ db }: Services) {
  return new Hono<Acting>()
    .get('/', async (c) => c.json(await listBin(db, c.var.holding.id)))
    .post('/:plan/restore', async (c) => {
      const restored = await restorePlan(db, c.var.holding.id, idIn(c, 'plan', 'plan'));
      if (!restored) throw notFound('plan in the bin');
      return c.json(restored);
    })
    .delete('/:plan', async (c) => {
      if (!(await purgePlan(db, c.var.holding.id, idIn(c, 'plan', 'plan'))))
        throw notFound('plan in the bin');
      return c.body(null, 204);
    });
}

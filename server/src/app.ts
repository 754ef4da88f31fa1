import { serveStatic } from '@hono/node-server/serve-static';
import { Hono } from 'hono';
import { HTTPException } from 'hono/http-exception';
import type { Logger } from 'pino';
import { databaseFailure } from './failures';
import { type PublicAddress, guardHeaders, ownHost, ownOrigin } from './guard';
import { BorderError, notFound, problemResponse } from './problem';
import { binRoutes } from './routes/bin';
import { atMost } from './routes/body';
import { holdingInRoute, holdingOutRoute } from './routes/holdingFile';
import { holdingRoutes } from './routes/holdings';
import { meterRoutes } from './routes/meters';
import { planRoutes, saveRoute } from './routes/plans';
import { stockRoutes } from './routes/stock';
import { type Acting, type Services, idIn } from './routes/types';
import type { Database } from './store/database';
import { holdingFor, ready } from './store/holdings';
import { TooMany } from './store/limits';
import { LOCAL_KEEPER } from './store/seed';

export interface AppParts {
  readonly db: Database;
  /** The same database for what takes long, over connections of its own. */
  readonly slow: Database;
  readonly log: Logger;
  /** Folder of the built interface; none in API tests. */
  readonly webRoot?: string | undefined;
  /** The address under which others than this machine's own browser come in. */
  readonly publicAddress?: PublicAddress;
  /** What time it is: this machine's own clock where nothing else is given. */
  readonly clock?: () => Date;
}

/** A plan of 400 corners is well under this, bytes. */
export const BODY_LIMIT = 2 * 1024 * 1024;
const A_YEAR = 'public, max-age=31536000, immutable';

/** Everything under one holding: no route here but saving runs before the holding is known to be the keeper's. */
function holdingScope(services: Services) {
  const { db } = services;
  return (
    new Hono<Acting>()
      // Read while it comes, line by line: it has limits of its own.
      .route('/from-file', holdingInRoute(services))
      .use(atMost(BODY_LIMIT))
      .route('/', saveRoute(services))
      .use('/:holding/*', async (c, next) => {
        const holding = await holdingFor(db, c.var.keeper, idIn(c, 'holding', 'holding'));
        if (!holding) throw notFound('holding');
        c.set('holding', holding);
        await next();
      })
      .route('/:holding/plans', planRoutes(services))
      .route('/:holding/bin', binRoutes(services))
      .route('/:holding/meters', meterRoutes(services))
      .route('/:holding/file', holdingOutRoute(services))
      .route('/:holding', stockRoutes(services))
      .route('/', holdingRoutes(services))
  );
}

function api({ db, slow, publicAddress, clock = () => new Date() }: AppParts) {
  return new Hono<Acting>()
    .get('/health', (c) => c.json({ status: 'up' }))
    .get('/ready', async (c) => {
      try {
        await ready(db);
        return c.json({ status: 'ready' });
      } catch {
        return problemResponse(c, 503, 'The database does not answer.');
      }
    })
    .use(ownOrigin(publicAddress))
    .use(async (c, next) => {
      c.set('keeper', LOCAL_KEEPER);
      c.header('cache-control', 'no-store');
      await next();
    })
    .route('/holdings', holdingScope({ db, slow, clock }))
    .all('*', () => {
      throw notFound('address');
    });
}

export function makeApp(parts: AppParts) {
  const { log, webRoot } = parts;
  const app = new Hono<Acting>();
  app.use(async (c, next) => {
    const requestId = crypto.randomUUID();
    c.set('requestId', requestId);
    const began = performance.now();
    await next();
    const ms = Math.round((performance.now() - began) * 10) / 10;
    log.info({ requestId, method: c.req.method, path: c.req.path, status: c.res.status, ms }, 'request');
  });
  app.use(guardHeaders);
  app.use(ownHost(parts.publicAddress));
  app.onError((error, c) => {
    if (error instanceof BorderError)
      return problemResponse(c, error.status, error.title, { problems: error.problems, more: error.more });
    if (error instanceof HTTPException) return problemResponse(c, error.status, error.message);
    if (error instanceof TooMany)
      return problemResponse(c, 422, 'A holding is full; nothing was saved.', {
        problems: [
          { code: 'too-many', pointer: '', message: `a holding has at most ${error.most} ${error.what}` },
        ],
      });
    const failure = databaseFailure(error, c.req.method === 'GET');
    const logged = { requestId: c.var.requestId, path: c.req.path, err: error };
    if (failure) {
      log.warn(logged, 'database');
      return problemResponse(c, failure.status, failure.title);
    }
    log.error(logged, 'failed');
    return problemResponse(c, 500, 'Something went wrong here.', {
      problems: [],
      more: { requestId: c.var.requestId },
    });
  });
  app.route('/api', api(parts));
  if (webRoot !== undefined) {
    app.use(
      '/assets/*',
      serveStatic({
        root: webRoot,
        precompressed: true,
        onFound: (_path, c) => c.header('cache-control', A_YEAR),
      }),
    );
    app.use(
      '/*',
      serveStatic({
        root: webRoot,
        precompressed: true,
        onFound: (_path, c) => c.header('cache-control', 'no-cache'),
      }),
    );
    // Deep links: every other address is the interface's own.
    app.get('/*', async (c, next) => {
      if (/\.[a-z0-9]+$/i.test(c.req.path)) throw notFound('file');
      c.header('cache-control', 'no-cache');
      return serveStatic({ root: webRoot, path: 'index.html', precompressed: true })(c, next);
    });
  }
  return app;
}

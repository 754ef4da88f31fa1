import { serveStatic } from '@hono/node-server/serve-static';
import { Hono } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { csrf } from 'hono/csrf';
import { HTTPException } from 'hono/http-exception';
import type { Logger } from 'pino';
import { BorderError, notFound, problemResponse } from './problem';
import { holdingRoutes } from './routes/holdings';
import { planRoutes } from './routes/plans';
import { stockRoutes } from './routes/stock';
import type { Acting } from './routes/types';
import type { Database } from './store/database';
import { holdingFor, ready } from './store/holdings';
import { LOCAL_KEEPER } from './store/seed';

export interface AppParts {
  readonly db: Database;
  readonly log: Logger;
  /** Folder of the built interface; none in API tests. */
  readonly webRoot?: string | undefined;
}

/** A plan of 400 corners is well under this, bytes. */
export const BODY_LIMIT = 2 * 1024 * 1024;
const A_YEAR = 'public, max-age=31536000, immutable';

/** Everything under one holding: no route here runs before the holding is known to be the keeper's. */
function holdingScope(db: Database) {
  const services = { db };
  return new Hono<Acting>()
    .use('/:holding/*', async (c, next) => {
      const holding = await holdingFor(db, c.var.keeper, c.req.param('holding'));
      if (!holding) throw notFound('holding');
      c.set('holding', holding);
      await next();
    })
    .route('/:holding/plans', planRoutes(services))
    .route('/:holding', stockRoutes(services))
    .route('/', holdingRoutes(services));
}

function api({ db }: AppParts) {
  return (
    new Hono<Acting>()
      .get('/health', (c) => c.json({ status: 'up' }))
      .get('/ready', async (c) => {
        try {
          await ready(db);
          return c.json({ status: 'ready' });
        } catch {
          return problemResponse(c, 503, 'The database does not answer.');
        }
      })
      .use(
        bodyLimit({
          maxSize: BODY_LIMIT,
          onError: (c) =>
            problemResponse(c, 413, 'The request is too large.', [
              { code: 'too-large', pointer: '', message: `must be at most ${BODY_LIMIT} bytes` },
            ]),
        }),
      )
      // The local keeper is signed in by itself: another site's page must not act in their name.
      .use(csrf())
      .use(async (c, next) => {
        c.set('keeper', LOCAL_KEEPER);
        await next();
        c.header('cache-control', 'no-store');
      })
      .route('/holdings', holdingScope(db))
      .all('*', () => {
        throw notFound('address');
      })
  );
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
  app.use(async (c, next) => {
    await next();
    c.header('x-content-type-options', 'nosniff');
    c.header('referrer-policy', 'no-referrer');
    // The solver of the cutting is WebAssembly; nothing else may be made into code.
    c.header(
      'content-security-policy',
      "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; frame-ancestors 'none'",
    );
  });
  app.onError((error, c) => {
    if (error instanceof BorderError)
      return problemResponse(c, error.status, error.title, error.problems, error.more);
    if (error instanceof HTTPException) return problemResponse(c, error.status, error.message);
    log.error({ requestId: c.var.requestId, path: c.req.path, err: error }, 'failed');
    return problemResponse(c, 500, 'Something went wrong here; nothing was saved.', [], {
      requestId: c.var.requestId,
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

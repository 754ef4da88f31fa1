import type { MiddlewareHandler } from 'hono';
import { BorderError } from './problem';

/** Where the server may be reached beside this machine itself; none where only this machine's browser comes in. */
export type PublicAddress = URL | undefined;

const OWN_NAMES: ReadonlySet<string> = new Set(['127.0.0.1', 'localhost', '[::1]']);

const hostOf = (text: string): URL | undefined => {
  try {
    return new URL(`http://${text}`);
  } catch {
    return undefined;
  }
};

/**
 * Requests under a name that is not the server's own are refused: a page elsewhere that made its own name point at this machine would otherwise be let
 * in as if it were ours.
 */
export const ownHost =
  (publicAddress: PublicAddress): MiddlewareHandler =>
  async (c, next) => {
    const host = hostOf(c.req.header('host') ?? new URL(c.req.url).host);
    if (!host || (!OWN_NAMES.has(host.hostname) && host.hostname !== publicAddress?.hostname))
      throw new BorderError(
        421,
        'This server is not reached under that name. Set PUBLIC_URL to the address that is used.',
      );
    await next();
  };

const READING: ReadonlySet<string> = new Set(['GET', 'HEAD', 'OPTIONS']);

/** The local keeper is signed in by itself: what writes must come from our own pages, or from no page at all. */
export const ownOrigin =
  (publicAddress: PublicAddress): MiddlewareHandler =>
  async (c, next) => {
    if (!READING.has(c.req.method)) {
      const origin = c.req.header('origin');
      const host = c.req.header('host') ?? new URL(c.req.url).host;
      const own = origin === undefined || origin === publicAddress?.origin || origin === `http://${host}`;
      const site = c.req.header('sec-fetch-site');
      if (!own || (origin === undefined && site !== undefined && site !== 'same-origin' && site !== 'none'))
        throw new BorderError(403, 'Another site may not write here; nothing was saved.');
    }
    await next();
  };

const GUARDS = Object.entries({
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  // The solver of the cutting is WebAssembly; nothing else may be made into code.
  'content-security-policy':
    "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'",
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
});

/** Set before the answer is made: to change one that is made costs as much as all the rest. */
export const guardHeaders: MiddlewareHandler = async (c, next) => {
  for (const [name, value] of GUARDS) c.header(name, value);
  await next();
};

import { idSchema } from '@aviarum/core';
import { notFound } from '../problem';
import type { Database } from '../store/database';
import type { Holding } from '@aviarum/core';

/** What every route under a holding can count on. */
export interface Acting {
  Variables: { keeper: string; holding: Holding; requestId: string };
}
export interface Services {
  readonly db: Database;
  /** The same database over connections of its own, for what takes long: what is quick never waits for it. */
  readonly slow: Database;
  /** What time it is. */
  readonly clock: () => Date;
}

/** A request as far as its address goes. */
interface Addressed {
  readonly req: { param(name: string): string | undefined };
}

/** An id in the address. @throws BorderError 404 when it can be the id of nothing */
export function idIn(c: Addressed, name: string, what: string): string {
  const read = idSchema.safeParse(c.req.param(name));
  if (!read.success) throw notFound(what);
  return read.data;
}

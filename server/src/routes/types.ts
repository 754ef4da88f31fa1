import type { Database } from '../store/database';
import type { Holding } from '../store/holdings';

/** What every route under a holding can count on. */
export interface Acting {
  Variables: { keeper: string; holding: Holding; requestId: string };
}
export interface Services {
  readonly db: Database;
}

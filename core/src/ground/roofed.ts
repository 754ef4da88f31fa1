import type { Building } from '../plan/schema';
import type { Ring } from './survey';
import { insideOrOn } from './vector';

/** A post stands so far outside the edge of a roof at the most and is still under it, m. */
export const UNDER = 0.05;

/** The roof on posts that stands over all of a run; undefined where there is none. */
export const roofOver = (ring: Ring, buildings: readonly Building[]): Building | undefined =>
  buildings.find(
    ({ stands, outline }) =>
      stands === 'posts' && ring.sides.every(({ start }) => insideOrOn(start, outline, UNDER)),
  );

import { key } from '../../engine/step';
import type { HungOpening } from './stage';

/** How high what an opening is in stands over it, by its id, m: a wall or a curve. */
export const WALLS_OVER = key<ReadonlyMap<string, number>>('ways.walls');
export const HUNG_OPENINGS = key<readonly HungOpening[]>('ways');

import type { Building } from '../plan/schema';
import { EPSILON } from '../units/round';
import type { Ring } from './survey';
import { doubleArea } from './vector';

/** A floor so high over the ground is open to the run, dry, and no home for a rat, m (rules: What stands). */
export const RAISED = 0.3;

/** Ground under raised houses that a run leans on, where it is open to the birds, m². */
export const roomBeneath = (buildings: readonly Building[], rings: readonly Ring[]): number =>
  buildings
    .filter(({ floor }) => floor?.kind === 'raised' && floor.open && floor.above >= RAISED - EPSILON)
    .filter(({ id }) =>
      rings.some((ring) => ring.sides.some(({ side }) => side.kind === 'building' && side.building === id)),
    )
    .reduce((total, { outline }) => total + Math.abs(doubleArea(outline)) / 2, 0);

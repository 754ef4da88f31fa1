import { facetOf } from '../plan/effective';
import type { Plan } from '../plan/schema';
import { placeOf } from '../plan/openingPlace';
import { type FenceWalk, fenceWalks } from './fenceLines';
import { partingsOf } from './partings';
import { type Ring, surveyRings } from './survey';

/** The fence of a plan as lines and walks, for what needs nothing else of it. */
export function walksOf(plan: Plan, rings: readonly Ring[] = surveyRings(plan)): readonly FenceWalk[] {
  const partings = partingsOf(plan, {
    spacing: facetOf(plan, 'spacing'),
    bands: facetOf(plan, 'bands'),
    boards: facetOf(plan, 'boards'),
    slope: facetOf(plan, 'slope'),
  });
  return fenceWalks({ sides: plan.sides, openings: plan.openings.map(placeOf), partings }, rings);
}

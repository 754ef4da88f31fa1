import { whatBlocks } from './whatBlocks';
import type { Finding } from '../findings/types';
import { surveyRings } from '../ground/survey';
import { facetOf } from '../plan/effective';
import { placeOf } from '../plan/openingPlace';
import type { Plan } from '../plan/schema';

/** What makes a plan impossible to set out: such a plan is a draft in the editor and refused in a file or a save. */
export function blocking(plan: Plan): readonly Finding[] {
  return whatBlocks({
    rings: surveyRings(plan),
    openings: plan.openings.map(placeOf),
    pins: plan.postPins,
    buildings: plan.ground.buildings,
    spacing: facetOf(plan, 'spacing'),
    enclosures: plan.enclosures,
  });
}

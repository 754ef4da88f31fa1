import type { Finding } from './findings/types';
import { groundProblems } from './ground/problems';
import { surveyRings } from './ground/survey';
import { facetOf } from './plan/effective';
import type { Plan } from './plan/schema';

/** What makes a plan impossible to set out: such a plan is a draft in the editor and refused in a file or a save. */
export function blocking(plan: Plan): readonly Finding[] {
  return groundProblems({
    rings: surveyRings(plan),
    openings: plan.openings,
    pins: plan.postPins,
    buildings: plan.ground.buildings,
    choices: facetOf(plan, 'spacing'),
    enclosures: plan.enclosures,
  });
}

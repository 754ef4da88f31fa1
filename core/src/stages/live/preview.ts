import { surveyRings } from '../../ground/survey';
import type { Plan } from '../../plan/schema';
import type { Part } from '../../reckoning';
import { laidNets } from './laid';
import { netPart } from './part';
import { takePieces } from './pieces';
import { shaped } from './route/shape';
import { thingsOf } from './route/things';

/** Nets as they would stand while one is drawn out: their way and posts, without what is under them. */
export function previewNets(plan: Plan): readonly Part[] {
  const { shapes } = shaped(plan.nets, thingsOf({ ...plan.ground, rings: surveyRings(plan) }));
  const bare = { gaps: new Map(), clearances: new Map() };
  return laidNets(shapes, takePieces(shapes, plan.owned), bare).map(netPart);
}

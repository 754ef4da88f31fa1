import { editionOf } from '../catalogue';
import { apply } from '../plan/changes/apply';
import { WHOLE_PLAN } from '../plan/scope';
import type { Plan } from '../plan/schema';
import { openingLimits, passing, shorterSide } from '../stages/threats/shown/openings';
import { EPSILON } from '../units/round';

/** Taken where the usual mesh lets something through; a finer one than this is too thin against teeth. */
const FINER = 'fine-13';

/** Walls whose mesh holds the birds and keeps out what is about: a finer one than usual where small birds are kept. */
export function heldBy(plan: Plan): Plan {
  const limits = openingLimits(plan);
  const opening = (id: string) => {
    const mesh = editionOf(plan).meshes.find((m) => m.id === id);
    return mesh ? shorterSide(mesh) : Infinity;
  };
  const holds = (id: string) =>
    opening(id) <= (limits.bird?.opening ?? Infinity) + EPSILON &&
    passing(limits, opening(id), 'within-reach').every((t) => t.severity === 'know');
  return plan.choices.plan.bands.reduce((at, { id, mesh }) => {
    const better = !holds(mesh) && opening(FINER) < opening(mesh) && holds(FINER);
    return better ? apply(at, { verb: 'set-band', scope: WHOLE_PLAN, id, to: { mesh: FINER } }) : at;
  }, plan);
}

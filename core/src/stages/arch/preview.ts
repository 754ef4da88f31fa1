import { editionOf } from '../../catalogue/editionOf';
import { productsOf } from '../../catalogue/products';
import { surveyRings } from '../../ground/survey';
import { terrainOf } from '../../ground/terrain';
import { type Vector, plus, times } from '../../ground/vector';
import type { Plan } from '../../plan/schema';
import type { Part } from '../../reckoning';
import { archedBy } from './arched';
import { type Arch, rowOf } from './plan/kinds';
import { archParts } from './part';
import { archPlace } from './verbs';

/** Arches as they would stand, before anything is cut: enough for a drag. */
export const previewArches = (plan: Plan): readonly Part[] => {
  const terrain = terrainOf(plan.ground.spotHeights);
  const products = productsOf(editionOf(plan), plan.buying.ownProducts);
  const { shapes } = archedBy(plan.arches, {
    rings: surveyRings(plan),
    buildings: plan.ground.buildings,
    ground: (p) => terrain.heightAt(p),
    made: products,
  });
  return shapes.flatMap((shape) => archParts(shape, products, plan.stature, null));
};

/** How far a section goes past the feet of an arch, m. */
const PAST = 1.1;

/** The line across the middle of an arch, from foot to foot and a little past them; null where it is none. */
export function acrossArch(plan: Plan, id: string): { readonly from: Vector; readonly to: Vector } | null {
  const place = archPlace(plan, id);
  if (!place) return null;
  const along = { x: Math.cos(place.direction), y: Math.sin(place.direction) };
  const over = { x: along.y, y: -along.x };
  const middle = plus(place.at, times(along, place.length / 2));
  const half = place.base / 2 + PAST;
  return { from: plus(middle, times(over, -half)), to: plus(middle, times(over, half)) };
}

/** How long what an arch of a plan is bent of is, m. */
export const bentOf = (plan: Plan, arch: Arch): number =>
  rowOf(arch).bent(arch, productsOf(editionOf(plan), plan.buying.ownProducts));

import type { TimberProduct } from '../../catalogue/types';
import { surveyRings } from '../../ground/survey';
import { terrainOf } from '../../ground/terrain';
import type { Vector } from '../../ground/vector';
import type { Plan } from '../../plan/schema';
import type { Part } from '../../reckoning';
import { coveredBy } from './laid';
import { layingOf } from './layings';
import { coverParts } from './part';

/** Covers and their props as they would lie, before anything is cut: enough for a drag. */
export const previewCovers = (plan: Plan): readonly Part[] => {
  const terrain = terrainOf(plan.ground.spotHeights);
  const ground = (p: Vector) => terrain.heightAt(p);
  const by = { ground, snow: 0, products: { timber: () => FLAT } };
  return coveredBy(plan.covers, surveyRings(plan), ground).over.flatMap((open) => {
    const { shape } = open;
    return coverParts(open, null, layingOf(shape).standing(shape), by);
  });
};

/** Of what is previewed no thickness is shown. */
const FLAT: TimberProduct = { id: '', kind: 'joist', thickness: 0, width: 0, lengths: [] };

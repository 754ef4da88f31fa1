import { meshWeight } from '../../../catalogue/meshWeight';
import { timberWeight } from '../../../buying/docket/weights';
import type { Products } from '../../../catalogue/products';
import { type ArchShape, hungEnds } from '../shape';
import { sticksOf, wheelsOf } from './frame';

/** Newtons that a kilogram weighs. */
const GRAVITY = 9.81;
/** Of its weight, what a shelter on skids and one on wheels is drawn with on the level (rules: Arched runs). */
const DRAGS = { skids: 0.6, wheels: 0.3 } as const;

/** What one person draws comfortably, N (rules: Arched runs). */
export const DRAGS_AT_MOST = 250;

/** How heavy an arch is, kg, and what draws it along the slope of its length, N. */
export interface Moved {
  readonly weight: number;
  readonly pull: number;
}

/** Of its frame, skin and film, kg; a roll's width does not matter: what it covers is weighed. */
export function weightOf(shape: ArchShape, products: Products): number {
  const { arch, made, bent, ribs, curve, base, top } = shape;
  const over = bent * ribs.built;
  const ends = hungEnds(shape).length * base * top;
  const cloth = (id: string | null, area: number) => (id === null ? 0 : meshWeight(products.mesh(id)) * area);
  const sticks = sticksOf(shape, products, []).reduce(
    (t, { timber, of, lengths }) =>
      // Posts stay in the ground.
      of === 'post' ? t : t + timberWeight(products, timber) * lengths.reduce((a, b) => a + b, 0),
    0,
  );
  const panels = made.panels && curve ? meshWeight(products.mesh(made.panels.mesh)) * over : 0;
  return panels + sticks + cloth(arch.skin, over + ends) + cloth(arch.film, over) + 1.6 * wheelsOf(arch);
}

/** What it takes to draw it; null for one that stays. @param grade  of its length, rise over run */
export function movedOf(shape: ArchShape, products: Products, grade: number): Moved | null {
  const { moved } = shape.arch;
  if (moved === 'fixed') return null;
  const weight = weightOf(shape, products);
  return { weight, pull: weight * GRAVITY * (DRAGS[moved] + Math.abs(grade)) };
}

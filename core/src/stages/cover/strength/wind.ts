import { meshWeight } from '../../../catalogue/meshWeight';
import type { Assumptions } from '../../../plan/assumptions';
import type { OverLaid } from '../plan/kinds';
import { layingOf } from '../layings';
import type { BearingBy, LaidCover } from '../layings/laying';
import { type Pulled, postRow } from './nets';
import type { Loads } from './members';
import { type Bearing, heldRow } from '../../../strength/held';
import type { Strength } from '../../../strength/words/row';
import { upliftOf, windOn } from '../../../strength/wind';

/** How a closed cover holds against the wind: by its own weight, and by what holds it down. */
export function upliftRow(
  loads: Loads,
  laid: LaidCover<OverLaid>,
  beneath: 'open' | 'closed',
  { products, assumed }: BearingBy,
): Strength {
  const { shape } = laid;
  const laying = layingOf(shape);
  const load = upliftOf(assumed.gust, shape.area, beneath);
  const weight = (meshWeight(products.mesh(shape.made.mesh)) * shape.area * 9.81) / 1000;
  return heldRow(loads, {
    member: 'uplift',
    part: { on: 'cover', cover: shape.cover.id },
    unit: 'kN',
    measure: 'kN',
    span: laying.fit(shape)?.over ?? 0,
    carries: shape.area,
    allowed: weight + laying.holdsDown(laid, assumed),
    snow: 0,
    slides: false,
    wind: true,
    under: () => ({ load, stress: load }),
  });
}

/** Posts that a wrap presses: at half its height, each by its share of the side. */
export function wrapRows(
  loads: Bearing,
  pulled: readonly (Pulled & { readonly height: number })[],
  assumed: Assumptions,
): readonly Strength[] {
  const pressure = windOn(assumed.gust);
  return pulled.map((one) =>
    postRow(loads, one, {
      member: 'wrapped-post',
      height: one.height / 2,
      force: () => pressure * one.by * one.height,
      snow: 0,
      slides: false,
      wind: true,
    }),
  );
}

import type { Products } from '../../../catalogue/products';
import { meshWeight } from '../../../catalogue/meshWeight';
import type { Assumptions } from '../../../plan/assumptions';
import type { CoverOf } from '../kinds';
import { fitOf } from '../over/fitter';
import { type CoverShape, laidAs } from '../over/shape';
import { sheetScrews } from '../fastened';
import { type Pulled, postRow } from './nets';
import { type Loads } from './members';
import { type Bearing, heldRow } from '../../../strength/held';
import type { Strength } from '../../../strength/row';
import { upliftOf, windOn } from '../../../strength/wind';

/** What holds a roof down: its straps or screws, and its own weight, kN. */
function heldDown(
  shape: CoverShape,
  cover: CoverOf<'sheet' | 'tarp'>,
  products: Pick<Products, 'mesh'>,
  assumed: Assumptions,
): number {
  const weight = (meshWeight(products.mesh(cover.mesh)) * shape.area * 9.81) / 1000;
  if ('straps' in cover) return weight + fitOf(shape, cover).straps * assumed.strapHolds;
  return weight + sheetScrews(shape) * assumed.screwHolds;
}

/** How a closed cover holds against the wind. */
export function upliftRow(
  loads: Loads,
  shape: CoverShape,
  cover: CoverOf<'sheet' | 'tarp'>,
  by: { readonly products: Products; readonly assumed: Assumptions },
): Strength {
  const load = upliftOf(by.assumed.gust, shape.area, cover.beneath);
  return heldRow(loads, {
    member: 'uplift',
    part: { on: 'cover', cover: cover.id },
    unit: 'kN',
    measure: 'kN',
    span: laidAs(shape) === 'piece' ? fitOf(shape, cover as CoverOf<'tarp'>).over : 0,
    carries: shape.area,
    allowed: heldDown(shape, cover, by.products, by.assumed),
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

import type { Ask } from '../../../buying/demand';
import type { Products } from '../../../catalogue/products';
import { PITCH, onePast, packed } from '../../../fasteners/along';
import { roundUp } from '../../../units/round';
import { product, value } from '../../../working';
import { MOST_BEAMS, MOST_RAFTERS } from '../held/lines';
import { NONE, onRafters } from '../held/supports';
import { fitOf } from '../over/fitter';
import { reasonOf } from '../reason';
import { carriedRows } from '../strength/carried';
import { inThePlane } from './flat';
import { gutter } from './gutter';
import type { LaidCover, Laying } from './laying';
import { alongTimber } from './strips';

/** Straps are made so long, m. */
const STRAP = 5;

/** The piece itself, its straps and clamps, and what tacks its edge to a rail. */
function asks({ shape, held }: LaidCover<'piece'>, products: Products): readonly Ask[] {
  const fit = fitOf(shape);
  const { how, mesh, carriers } = shape.made;
  const reason = reasonOf(shape);
  const straps = product('cover.straps', 'piece', { length: fit.strap }, [
    value('cover.straps-over', fit.straps, 'piece', {}),
    value('cover.straps-each', roundUp(fit.strap / STRAP), 'piece', {}),
  ]);
  const [first] = how.tacked ? held.rails : [];
  return [
    { ...reason, buy: 'piece', product: mesh, width: fit.across, length: fit.along },
    packed(reason, 'strap', [straps]),
    ...(fit.clamps > 0 ? [packed(reason, 'clamp', [value('cover.clamps', fit.clamps, 'piece', {})])] : []),
    ...(first
      ? [
          packed(reason, alongTimber(products, carriers.rail?.timber ?? null), [
            onePast('fasten.board', first.length, PITCH.high, { at: 'edge', length: first.length }),
          ]),
        ]
      : []),
    ...gutter(shape, held),
  ];
}

/** In one piece that is sold whole, strapped down over rails. */
export const piece: Laying<'piece'> = {
  side: () => null,
  runs: () => [],
  standing: () => NONE,
  supports: (shape) => onRafters(shape, MOST_RAFTERS, MOST_BEAMS),
  asks,
  strength: carriedRows,
  pulledAt: () => 0,
  holdsDown: ({ shape }, { strapHolds }) => fitOf(shape).straps * strapHolds,
  corners: inThePlane,
  fit: fitOf,
  figures: (shape) => {
    const { across, along } = fitOf(shape);
    return { [`cover.${shape.cover.id}.across`]: across, [`cover.${shape.cover.id}.along`]: along };
  },
  hours: 'whole',
};

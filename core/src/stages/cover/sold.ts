import type { Goods } from '../../catalogue/goods';
import { type Finding, finding } from '../../findings/types';
import { EPSILON } from '../../units/round';
import type { Covered } from './laid';
import { nearestSize } from '../../buying/fits';
import { largerFilm } from '../../buying/largerFilm';
import type { Unmet } from '../../buying/unmet';
import { layingOf } from './layings';
import type { CoverWay } from './over/ways';

/** What nothing sold is large enough for, or wider than its lap. */
export function soldFindings(
  { over }: Covered,
  laid: ReadonlyMap<string, CoverWay | null>,
  goods: Goods,
  unmet: readonly Unmet[],
): readonly Finding[] {
  return over.flatMap(({ shape, side }): Finding[] => {
    const { cover, made } = shape;
    const part = { on: 'cover', cover: cover.id } as const;
    const { name } = cover;
    const { mesh } = made;
    if (side)
      return laid.get(cover.id) === null
        ? [
            finding(
              'cover.no-width',
              { severity: 'mend', stage: 'cover', part },
              { name, lap: side.lap },
              made.laid === 'strips' && made.how.ringed
                ? [{ verb: 'set-cover', id: cover.id, to: { lap: 0.15 } }]
                : [],
            ),
          ]
        : [];
    const fit = layingOf(shape).fit(shape);
    if (!fit) return [];
    const sizes = goods
      .widths(mesh)
      .flatMap((width) => goods.rollLengths(mesh, width).map((length) => ({ width, length })));
    const nearest = nearestSize(fit, sizes);
    // What the docket takes from a yard or the shed covers it: then nothing is short, whatever else is on sale.
    if (!unmet.some((u) => u.buy === 'piece' && u.part.on === 'cover' && u.part.cover === cover.id))
      return [];
    if (nearest && nearest.short.across + nearest.short.along <= EPSILON) return [];
    const size = nearest?.size ?? { width: 0, length: 0 };
    const short = nearest?.short ?? { across: fit.across, along: fit.along };
    return [
      finding(
        'cover.too-small',
        { severity: 'mend', stage: 'cover', part },
        { name, ...short, ...size },
        () => {
          const larger = largerFilm(goods, mesh, fit);
          return larger === undefined
            ? [{ verb: 'remove-cover', id: cover.id }]
            : [{ verb: 'set-cover', id: cover.id, to: { mesh: larger } }];
        },
      ),
    ];
  });
}

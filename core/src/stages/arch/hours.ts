import { perUnit } from '../../build/rate';
import type { Assumptions } from '../../plan/assumptions';
import { type Term, product, value } from '../../working';
import { rowOf } from './plan/kinds';
import { type ArchShape, hungEnds } from './shape';

/** Person-hours to build an arch: its ribs each, its skin and film by their area. */
export function archHours(shape: ArchShape, assumed: Assumptions): readonly Term[] {
  const { arch, ribs, bent, curve, base, name } = shape;
  if (!curve) return [];
  const over = bent * ribs.built;
  const ends = hungEnds(shape).length * (curve.area + arch.board * base);
  return [
    product('hours.arch-frame', 'h', { name }, [
      value('arch.ribs', ribs.count, 'piece', { kind: arch.kind }),
      perUnit(assumed[rowOf(arch).hours]),
    ]),
    ...(arch.skin === null
      ? []
      : [
          product('hours.arch-skin', 'h', { name }, [
            value('arch.skin', over + ends, 'm²', {}),
            perUnit(assumed.hoursCoverStrip),
          ]),
        ]),
    ...(arch.film === null
      ? []
      : [
          product('hours.arch-film', 'h', { name }, [
            value('arch.film', over, 'm²', {}),
            perUnit(assumed.hoursCoverNet),
          ]),
        ]),
  ];
}

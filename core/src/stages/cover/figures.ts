import type { Figures, FiguresMade } from '../told';
import { fitOf } from './over/fitter';
import { tentOf } from './over/tent';
import type { Supports } from './held/supports';
import type { OpenCover } from './laid';
import { laidAs } from './over/shape';
import { type CoverWay, degreesOf } from './over/ways';
import type { Strength } from '../../strength/row';
import { type Wrapped, wrapArea } from './wraps';

/** Area, strips and what holds up one cover. */
export function coverFigures(
  { shape }: OpenCover,
  way: CoverWay | null,
  held: Supports,
  strength: readonly Strength[],
): Figures {
  const { cover, area } = shape;
  const figures: FiguresMade = { [`cover.${cover.id}.area`]: area };
  if (way) {
    figures[`cover.${cover.id}.strips`] = way.strips.length;
    figures[`cover.${cover.id}.stripLength`] = way.total;
    figures[`cover.${cover.id}.direction`] = degreesOf(way.sheet);
  }
  if (laidAs(shape) === 'net') {
    const { length, breadth } = tentOf(shape);
    figures[`cover.${cover.id}.netArea`] = length * breadth;
  }
  if ('straps' in cover) {
    const { across, along } = fitOf(shape, cover);
    figures[`cover.${cover.id}.across`] = across;
    figures[`cover.${cover.id}.along`] = along;
  }
  figures[`cover.${cover.id}.rails`] = held.rails.length;
  figures[`cover.${cover.id}.edgeRails`] = held.edgeRails.length;
  figures[`cover.${cover.id}.beams`] = held.beams.length;
  figures[`cover.${cover.id}.props`] = held.posts.length + held.props.length;
  const uplift = strength.find((s) => s.of === cover.id && s.member === 'uplift');
  if (uplift) figures[`cover.${cover.id}.uplift`] = uplift.load;
  return figures;
}

export const wrapFigures = (cover: { readonly id: string }, wrapped: readonly Wrapped[]): Figures => ({
  [`cover.${cover.id}.area`]: wrapArea(wrapped),
});

import type { Figures, FiguresMade } from '../told';
import type { Supports } from './held/supports';
import type { OpenCover } from './laid';
import { layingOf } from './layings';
import { type CoverWay, degreesOf } from './over/ways';
import type { Strength } from '../../strength/words/row';
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
  Object.assign(figures, layingOf(shape).figures(shape));
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

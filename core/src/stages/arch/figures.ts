import type { Figures, FiguresMade } from '../told';
import type { ArchFigure } from './told';
import { betweenTees, propsOf, stakesOf, strapsOf } from './frame/frame';
import type { Moved } from './frame/moved';
import { type ArchShape, widthOver } from './shape';
import { filmOf, volumeOf } from './skin/film';
import { type Skin, overCurve } from './skin/skin';

/** What is told of one arch. @param stature  of the keeper, m */
export function archFigures(
  shape: ArchShape,
  skin: Skin | null,
  stature: number,
  moved: Moved | null,
): Figures {
  const { arch, base, ribs, curve, top } = shape;
  const figures: FiguresMade = {};
  const tell = (name: ArchFigure, value: number) => (figures[`arch.${arch.id}.${name}`] = value);
  tell('base', base);
  tell('length', ribs.built);
  tell('panels', ribs.count);
  if (!curve) return figures;
  tell('rise', curve.rise);
  tell('ratio', curve.ratio);
  tell('endAngle', (curve.endAngle * 180) / Math.PI);
  tell('endArea', curve.area);
  tell('headroom', top);
  tell('standingWidth', widthOver(shape, stature));
  tell('volume', volumeOf(shape));
  tell('stakes', arch.foot === 'stakes' ? stakesOf(shape) : 0);
  tell('props', propsOf(shape));
  tell('straps', strapsOf(shape));
  const piece = betweenTees(shape);
  if (piece !== null) tell('piece', piece);
  if (skin) {
    tell('skinStrips', skin.strips);
    tell('skinLength', skin.strips * skin.strip);
    tell('endStrips', skin.endStrips);
    tell('endStripLength', skin.endStrips * skin.endStrip);
    tell('endsOver', overCurve(shape, skin));
  }
  const film = filmOf(shape);
  if (film) {
    tell('across', film.across);
    tell('along', film.along);
  }
  if (moved) {
    tell('weight', moved.weight);
    tell('pull', moved.pull);
  }
  return figures;
}

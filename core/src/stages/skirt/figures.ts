import type { FigureName, Figures, FiguresMade } from '../told';
import type { SkirtStage } from './rolls';

/** Strips, outer edges, trenches and what fills them. */
export function skirtFigures({ courses, length }: SkirtStage): Figures {
  const figures: FiguresMade = { 'skirt.stripLength': length.value };
  const add = (name: FigureName, amount: number) => (figures[name] = (figures[name] ?? 0) + amount);
  const most = (name: FigureName, amount: number) => (figures[name] = Math.max(figures[name] ?? 0, amount));
  for (const { shape, stripWidth, rollWidth, ground, trench, fill, stretches } of courses) {
    const outerEdge = stretches.reduce((total, s) => total + s.edge, 0);
    if (shape.mesh !== null) most('skirt.stripWidth', stripWidth);
    if (rollWidth !== undefined) most('skirt.rollWidth', rollWidth);
    if (outerEdge > 0) add('skirt.outerEdge', outerEdge);
    if (trench && shape.trench) {
      add('skirt.trenchLength', ground);
      most('skirt.trenchWidth', shape.trench.width);
      add('skirt.trenchVolume', trench.value);
    }
    if (fill && shape.fill) add(`skirt.${shape.fill.pack}Volume`, fill.value);
  }
  return figures;
}

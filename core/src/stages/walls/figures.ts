import type { FigureName, Figures, FiguresMade } from '../told';
import type { BoardCourse } from './shown/boards';
import { type Rake, type RoofedLine, areaOf, areaUnder } from './roofed/rakes';
import type { HungWalls } from './stage';

/** Metres of mesh by band and of boards by where they are. */
export function wallFigures({ courses }: HungWalls, boards: readonly BoardCourse[]): Figures {
  const figures: FiguresMade = {};
  const add = (name: FigureName, amount: number) => (figures[name] = (figures[name] ?? 0) + amount);
  for (const { at, runs } of boards)
    add(
      `boards.${at}`,
      runs.reduce((total, run) => total + run.length, 0),
    );
  for (const { band, working, slopeExtra } of courses) {
    add(`mesh.${band.band.id}.length`, working().value);
    add(`mesh.${band.band.id}.slopeExtra`, slopeExtra);
  }
  return figures;
}

/** Walls under a roof that stands, m²: up to it, and above their bands. */
export function roofedFigures(roofed: readonly RoofedLine[], rakes: readonly Rake[]): Figures {
  const figures: FiguresMade = {};
  for (const one of roofed) {
    figures[`roofed.${one.line.id}.area`] = areaUnder(one);
    figures[`roofed.${one.line.id}.rake`] = rakes
      .filter((r) => r.roofed === one)
      .reduce((total, r) => total + areaOf(r), 0);
  }
  return figures;
}

import { type HungWalls } from './stage';
import { type Falls } from './slope';
import { type Part } from '../../reckoning';
import { stepsOn, clearSpans, spansOnSides } from './shown/runs';
import { leafTop } from '../ways/shown/leaf';
import { type BoardCourse } from './shown/boards';
import { type FenceLine } from '../../ground/fenceLines';
import { type WallTop } from './shown/wallTop';
import { type Products } from '../../catalogue/products';
export function meshParts(walls: HungWalls, falls: Falls): readonly Part[] {
  return walls.courses.flatMap(({ group, band, row, rowIndex }) =>
    group.lines.flatMap((line) => {
      const fall = falls.get(line);
      const spans =
        fall && stepsOn(fall)
          ? fall.bays.map(({ from, to }) => ({
              from,
              to,
              level: Math.max(fall.profile.heightAt(from), fall.profile.heightAt(to)),
            }))
          : clearSpans(line).map(({ from, to }) => ({ from, to, level: null }));
      // Above a leaf that is lower than the wall.
      const over = line.openings
        .filter(({ opening }) => Math.min(row.top, band.top) > leafTop(opening, group.top) + 1e-9)
        .flatMap(({ opening, from, to }) =>
          spansOnSides(line, from, to).map((span): Part => ({
            kind: 'mesh',
            part: { on: 'above', opening: opening.id, band: band.band.id },
            ...span,
            bottom: Math.max(row.bottom, leafTop(opening, group.top)),
            top: Math.min(row.top, band.top),
            mesh: band.band.mesh,
            level: null,
            origin: 'new',
          })),
        );
      const hung = spans.flatMap(({ from, to, level }) =>
        spansOnSides(line, from, to).map((span): Part => ({
          kind: 'mesh',
          part: { on: 'row', side: span.side, band: band.band.id, row: rowIndex },
          ...span,
          bottom: row.bottom,
          top: Math.min(row.top, band.top),
          mesh: band.band.mesh,
          level,
          origin: 'new',
        })),
      );
      return [...hung, ...over];
    }),
  );
}

export function boardParts(
  boards: readonly BoardCourse[],
  tops: ReadonlyMap<FenceLine, WallTop>,
  products: Pick<Products, 'timber'>,
): readonly Part[] {
  return boards.flatMap(({ at, timber, lines, runs }) => {
    const byId = new Map(lines.map((l) => [l.id, l]));
    const high = products.timber(timber).width;
    return runs.flatMap((run) => {
      const line = byId.get(run.part.side);
      const wall = (line && tops.get(line)?.top) ?? 0;
      return run.spans.map(({ side, from, to }): Part => ({
        kind: 'board',
        part: run.part,
        side,
        from,
        to,
        bottom: at === 'ground' ? 0 : wall - high,
        top: at === 'ground' ? high : wall,
      }));
    });
  });
}

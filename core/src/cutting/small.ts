import type { Bin, Block } from './cutting';
import { EPSILON } from '../units/round';
import { addSheets } from './bins';
import type { Prepared } from './prepare';
import { blockAfter, triedOf } from './sheets';
import type { Run } from '../buying/run';

/** Into the roll whose block grows least; of those the one with least free. */
function laySheet(bins: readonly Bin[], sheet: Run, given: Prepared, tried: number): boolean {
  let best: { bin: Bin; before: Pick<Bin, 'block' | 'free'>; more: number; left: number } | undefined;
  for (const bin of bins) {
    const before = { block: bin.block, free: bin.free };
    if (!addSheets(bin, [sheet], given, tried)) continue;
    const more = before.free - bin.free;
    Object.assign(bin, before);
    const better =
      !best || more < best.more - EPSILON || (more < best.more + EPSILON && before.free < best.left);
    if (better) best = { bin, before, more, left: before.free };
  }
  return best !== undefined && addSheets(best.bin, [sheet], given, tried);
}

/** A whole row, into the fullest roll that takes it. */
function layRow(bins: readonly Bin[], row: Block): boolean {
  let best: Bin | undefined;
  for (const bin of bins) if (bin.free >= row.length - EPSILON && (!best || bin.free < best.free)) best = bin;
  if (!best) return false;
  best.block = blockAfter(best.block, row);
  best.free -= row.length;
  return true;
}

/**
 * All small pieces, into what the strips leave of the rolls: one by one where they lengthen a block the least, or row by row where there
 * are many.
 *
 * @param another  opens one more roll; undefined where there is none
 * @returns whether all were laid; the rolls are changed either way
 */
export function laySmall(
  bins: readonly Bin[],
  given: Prepared,
  another: () => Bin | undefined = () => undefined,
): boolean {
  const layAll = <T>(things: readonly T[], lay: (into: readonly Bin[], thing: T) => boolean) =>
    things.every((thing) => {
      if (lay(bins, thing)) return true;
      const bin = another();
      return bin !== undefined && lay([bin], thing);
    });
  const tried = triedOf(given.sheets.length);
  return given.rows
    ? layAll(given.rows, layRow)
    : layAll(given.sheets, (into, sheet) => laySheet(into, sheet, given, tried));
}

import Papa from 'papaparse';
import { marketOf } from '../catalogue';
import type { Plan } from '../plan/schema';
import { editionOf } from '../reckon';
import type { Reckoning } from '../reckoning';
import { STAGE_NAMES, readerFor, sayLine, sayPiece, sayUnits, poolName } from '../words';

type Cell = string | number;

/** Metres or feet, to a tenth of a millimetre: plain numbers that a spreadsheet adds up. */
function lengths(plan: Pick<Plan, 'units'>) {
  const unit = plan.units === 'imperial' ? 'ft' : 'm';
  const factor = plan.units === 'imperial' ? 1 / 0.3048 : 1;
  return { unit, of: (metres: number) => Number((metres * factor).toFixed(4)) };
}

/** A sheet that spreadsheets open properly: UTF-8 mark, CRLF, and no cell that could run as a formula. */
export function sheet(head: readonly string[], rows: readonly (readonly Cell[])[]): string {
  return `\uFEFF${Papa.unparse({ fields: [...head], data: rows.map((r) => [...r]) }, { escapeFormulae: true, newline: '\r\n' })}\r\n`;
}

/** The docket as CSV; money in major units with its currency beside it, empty where a yard has no price. */
export function docketCsv(plan: Plan, { docket }: Reckoning): string {
  const market = marketOf(editionOf(plan), plan.buying);
  const reader = readerFor(plan);
  const { unit, of } = lengths(plan);
  const rows = docket.lines.map((line): Cell[] => {
    const { name, note } = sayLine(line, reader, market);
    const amount = (value: number) => (line.unit === 'm' ? of(value) : value);
    return [
      STAGE_NAMES[line.stage],
      name,
      note,
      amount(line.need),
      amount(line.buy),
      amount(line.left),
      line.unit === 'm' ? unit : 'piece',
      sayUnits(line.units, line, reader),
      line.price === null ? '' : line.price / 100,
      docket.currency,
    ];
  });
  rows.push([
    'Total',
    docket.complete ? 'To buy' : 'To buy, at least',
    '',
    '',
    '',
    '',
    '',
    '',
    docket.total / 100,
    docket.currency,
  ]);
  return sheet(
    ['Stage', 'Item', 'Note', 'Need', 'Buy', 'Left', 'Unit', 'Bought as', 'Price', 'Currency'],
    rows,
  );
}

/** Every piece with the roll it is cut from. */
export function cutListCsv(plan: Plan, { cutting }: Reckoning): string {
  const market = marketOf(editionOf(plan), plan.buying);
  const reader = readerFor(plan);
  const { unit, of } = lengths(plan);
  const rows = cutting.flatMap((pool) =>
    pool.rolls.flatMap((roll, i) =>
      roll.pieces.map((piece): Cell[] => [
        poolName(pool, reader, market),
        of(pool.width),
        i + 1,
        of(roll.length),
        piece.letter,
        sayPiece(piece),
        of(piece.length),
        unit,
        piece.spans.map((s) => s.side).join(' '),
      ]),
    ),
  );
  return sheet(
    ['Product', 'Width', 'Roll', 'Roll length', 'Piece', 'Use', 'Cut length', 'Unit', 'Sides'],
    rows,
  );
}

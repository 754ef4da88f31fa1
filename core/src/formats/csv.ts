import Papa from 'papaparse';
import { marketOf } from '../catalogue';
import type { Plan } from '../plan/schema';
import { editionOf } from '../catalogue';
import type { Reckoning } from '../reckoning';
import type { CuttingPool } from '../cutting/types';
import type { BoughtUnits, DocketLine } from '../buying/docket/types';
import { cutList } from '../cutList/cutList';
import { STAGE_NAMES, poolName, readerFor, sayCut, sayLine, sayPiece, sayUnits } from '../words';
import { massText, printNumber } from '../units';
import { measureIn } from '../units/measures';
import { majorUnits } from '../units/money';

type Cell = string | number;

/** Metres or feet, to a tenth of a millimetre: plain numbers that a spreadsheet adds up. */
function lengths(plan: Pick<Plan, 'units'>) {
  const unit = plan.units === 'imperial' ? 'ft' : 'm';
  const factor = plan.units === 'imperial' ? 1 / 0.3048 : 1;
  return { unit, of: (metres: number) => Number((metres * factor).toFixed(4)) };
}

/** Kilograms or pounds, to a tenth. */
function weights({ units }: Pick<Plan, 'units'>) {
  const [, factor] = measureIn('kg', units);
  return (kilograms: number) => Math.round(kilograms * factor * 10) / 10;
}

/** A sheet that spreadsheets open properly: UTF-8 mark, CRLF, and no cell that could run as a formula. */
export function sheet(head: readonly string[], rows: readonly (readonly Cell[])[]): string {
  return `\uFEFF${Papa.unparse({ fields: [...head], data: rows.map((r) => [...r]) }, { escapeFormulae: true, newline: '\r\n' })}\r\n`;
}

type Line = Omit<DocketLine, 'working'>;
/** What of a reckoning a docket is written from: no workings. */
interface DocketShown {
  readonly docket: Omit<Reckoning['docket'], 'lines' | 'working'> & { readonly lines: readonly Line[] };
}
interface CutListShown extends Pick<Reckoning, 'parts'> {
  readonly cutting: readonly CuttingPool[];
}

/** The docket as CSV; money in major units with its currency beside it, empty where a yard has no price. */
export function docketCsv(plan: Plan, { docket }: DocketShown): string {
  const market = marketOf(editionOf(plan), plan.buying);
  const weighs = weights(plan);
  const reader = readerFor(plan);
  const { unit, of } = lengths(plan);
  const { currency } = plan;
  const major = majorUnits(currency);
  const yardsOf = (units: readonly BoughtUnits[]) =>
    [...new Set(units.flatMap((u) => (u.yard === '' ? [] : [market.yard(u.yard).name])))].join(', ');
  const rows = docket.lines.map((line): Cell[] => {
    const { name, note } = sayLine(line, reader, market);
    const amount = (value: number) => (line.unit === 'm' ? of(value) : value);
    return [
      STAGE_NAMES[line.stage],
      name,
      note,
      amount(line.need),
      amount(line.owned),
      amount(line.buy),
      amount(line.left),
      line.unit === 'm' ? unit : 'piece',
      sayUnits(line.units, line, reader),
      yardsOf(line.units),
      line.units.map((u) => (u.price === null ? '' : major(u.price))).join(' + '),
      line.price === null ? '' : major(line.price),
      line.tax === null ? '' : major(Math.round(line.tax)),
      weighs(line.weight),
      currency,
    ];
  });
  const blank = (n: number): Cell[] => Array<Cell>(n).fill('');
  for (const { yard, delivery } of docket.yards)
    if (delivery > 0)
      rows.push(['Delivery', market.yard(yard).name, ...blank(9), major(delivery), ...blank(2), currency]);
  for (const { rate, stated, tax } of docket.taxes) {
    const name = `${stated === 'with' ? 'Tax in the prices' : 'Tax to add'}, ${rate * 100} %`;
    rows.push(['Tax', name, ...blank(9), stated === 'without' ? major(tax) : '', major(tax), '', currency]);
  }
  rows.push([
    'Total',
    docket.complete ? 'To pay' : 'To pay, at least',
    ...blank(9),
    major(docket.total),
    '',
    weighs(docket.weight),
    currency,
  ]);
  return sheet(
    [
      'Stage',
      'Item',
      'Note',
      'Need',
      'Owned',
      'Buy',
      'Left',
      'Unit',
      'Bought as',
      'Yard',
      'Unit price',
      'Price',
      'Tax',
      `Weight ${massText(0, plan.units).unit}`,
      'Currency',
    ],
    rows,
  );
}

/** Every piece with the roll it is cut from, in the order in which it is unrolled along the fence. */
export function cutListCsv(plan: Plan, { cutting, parts }: CutListShown): string {
  const market = marketOf(editionOf(plan), plan.buying);
  const reader = readerFor(plan);
  const { unit, of } = lengths(plan);
  const rows = cutting.flatMap((pool) =>
    cutList(plan, parts, pool).map((step): Cell[] => [
      poolName(pool, reader, market),
      of(pool.width),
      step.rollNumber,
      of(step.roll.length),
      step.roll.owned ?? '',
      step.piece.letter,
      sayPiece(step.piece),
      of(step.piece.length),
      of(step.unrolled),
      unit,
      sayCut(step, reader),
      step.piece.spans.map((s) => s.side).join(' '),
    ]),
  );
  return sheet(
    [
      'Product',
      'Width',
      'Roll',
      'Roll length',
      'Owned',
      'Piece',
      'Use',
      'Cut length',
      'Unrolled',
      'Unit',
      'Where',
      'Sides',
    ],
    rows,
  );
}

/** The docket as plain words that can be sent to somebody: a line for each that is bought, then what it comes to. */
export function docketText(plan: Plan, { docket }: DocketShown): string {
  const market = marketOf(editionOf(plan), plan.buying);
  const reader = readerFor(plan);
  const bought = docket.lines.filter((line) => line.units.length > 0);
  return [
    `${plan.name}: what to buy, prices of ${docket.pricesAsOf}`,
    '',
    ...bought.map((line) => {
      const { name } = sayLine(line, reader, market);
      const price = line.price === null ? 'no price' : reader.money(line.price);
      return `${name}: ${sayUnits(line.units, line, reader)}, ${price}`;
    }),
    ...docket.yards.flatMap(({ yard, delivery }) =>
      delivery > 0 ? [`Delivery by ${market.yard(yard).name}: ${reader.money(delivery)}`] : [],
    ),
    ...docket.taxes.flatMap(({ stated, rate, tax }) =>
      stated === 'without' ? [`Tax of ${printNumber(rate * 100, 1)} %: ${reader.money(tax)}`] : [],
    ),
    '',
    `${docket.complete ? 'To buy' : 'To buy, at least'}: ${reader.money(docket.total)}`,
  ].join('\n');
}

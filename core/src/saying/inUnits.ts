import { FOOT, INCH } from '../units/factors';
import { type Measure, measureIn } from '../units/measures';
import { printLength, printNumber } from '../units/printLength';
import type { UnitSystem } from '../units/parseLength';

/** Figures with a unit in a sentence that is written once, in metric units. */
const FIGURE = /(\d+(?:\.\d+)?)\s(mm|cm|kg|kN\/m|kN|kPa|MPa|m\/s|m²|m³|m|N)(?![\w²³/·])/g;

/** Half a foot is as near as a rule of thumb is meant, where it is so near: 1.2 m is four feet. */
const THUMB = 0.02;
/** From here on a rule of thumb has no inches, m; below the other a wire is told in hundredths of an inch, m. */
const LONG = 9;
const WIRE = 0.0065;

function lengthInFeet(metres: number): string {
  if (metres < WIRE) return `${printNumber(metres / INCH, metres < 0.001 ? 3 : 2)}″`;
  if (metres < FOOT - 0.01)
    return printLength(Math.round(metres / INCH / 0.125) * 0.125 * INCH, 'imperial', 'opening');
  if (metres >= LONG) return `${printNumber(metres / FOOT, 0)}′`;
  const half = Math.round(metres / FOOT / 0.5) * 0.5 * FOOT;
  const near = Math.abs(half - metres) <= THUMB * metres;
  return printLength(near ? half : Math.round(metres / INCH / 0.5) * 0.5 * INCH, 'imperial');
}

function figureInFeet(figure: string, unit: string): string {
  const value = Number(figure);
  if (unit === 'mm') return lengthInFeet(value / 1000);
  if (unit === 'cm') return lengthInFeet(value / 100);
  if (unit === 'm') return lengthInFeet(value);
  if (unit === 'm²') return `${printNumber(value / FOOT ** 2, 0)} ft²`;
  const [name, factor] = measureIn(unit as Measure, 'imperial');
  const shown = value * factor;
  return `${printNumber(shown, shown < 1 ? 2 : shown < 20 ? 1 : 0).replace(/\.0$/, '')} ${name}`;
}

/** What is counted by the metre stays so many pieces: each is so long. */
const METRE = printLength(1, 'imperial', 'opening');
const WORDS: readonly (readonly [RegExp, string])[] = [
  [/\bby the metre\b/g, `in lengths of ${METRE}`],
  [/\bmetres of\b/g, `lengths of ${METRE} of`],
  [/\bsquare metre\b/g, 'square foot'],
  [/\bN in a kN\b/g, 'in the same unit'],
];

/**
 * A sentence in the reader's own units: what it says of mm, m, kg and kN stands in it in metric units and is told in feet, inches and pounds to a reader
 * in feet. Figures that came from the plan are in the reader's units already and stay as they are.
 */
export function inUnits(text: string, system: UnitSystem): string {
  if (system === 'metric') return text;
  const figures = text.replace(FIGURE, (_, figure: string, unit: string) => figureInFeet(figure, unit));
  return WORDS.reduce((said, [metric, feet]) => said.replace(metric, feet), figures);
}

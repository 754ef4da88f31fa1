import { FOOT, INCH, POUND } from './factors';
import type { UnitSystem } from './parseLength';
import { printNumber } from './printLength';

/** What figures are kept in beside lengths, areas, money and hours. */
export type Measure =
  'm³' | 'kPa' | 'kN' | 'kN/m' | 'N/m' | 'N' | 'Nm' | 'MPa' | 'cm³' | 'm/s' | 'kg' | 'J' | 'A' | 'h';

const POUND_FORCE = POUND * 9.80665;

/** The unit of a reader in feet and how many of it one of ours makes; what is the same everywhere is left out. */
const IN_FEET: Readonly<Partial<Record<Measure, readonly [unit: string, factor: number]>>> = {
  'm³': ['ft³', 1 / FOOT ** 3],
  kPa: ['lb/ft²', (1000 * FOOT ** 2) / POUND_FORCE],
  kN: ['lb', 1000 / POUND_FORCE],
  'kN/m': ['lb/ft', (1000 * FOOT) / POUND_FORCE],
  'N/m': ['lb/ft', FOOT / POUND_FORCE],
  N: ['lb', 1 / POUND_FORCE],
  Nm: ['lb·ft', 1 / (POUND_FORCE * FOOT)],
  MPa: ['psi', (1e6 * INCH ** 2) / POUND_FORCE],
  'cm³': ['in³', 1e-6 / INCH ** 3],
  'm/s': ['mph', 3600 / (5280 * FOOT)],
  kg: ['lb', 1 / POUND],
};

/** In which a reader sees a measure, and how many of it one of ours makes. */
export const measureIn = (of: Measure, system: UnitSystem): readonly [unit: string, factor: number] =>
  (system === 'imperial' ? IN_FEET[of] : undefined) ?? [of, 1];

/** Digits that tell a figure without pretending: four that count. */
function digits(value: number): number {
  const size = Math.abs(value);
  if (size === 0) return 0;
  return Math.max(0, Math.min(6, 3 - Math.floor(Math.log10(size))));
}

const trimmed = (text: string): string =>
  text.includes('.') ? text.replace(/0+$/, '').replace(/\.$/, '') : text;

/** A measure's figure as it is read and typed, without its unit. */
export function measureFigure(value: number, of: Measure, system: UnitSystem): string {
  const shown = value * measureIn(of, system)[1];
  return trimmed(printNumber(shown, digits(shown)));
}

/** `25 m/s`, or `55.92 mph` for a reader in feet. */
export const printMeasure = (value: number, of: Measure, system: UnitSystem): string =>
  `${measureFigure(value, of, system)} ${measureIn(of, system)[0]}`;

/** As units are typed: without raised figures and dots. */
const plain = (unit: string): string =>
  unit.toLowerCase().replace(/²/g, '2').replace(/³/g, '3').replace(/[·\s]/g, '');

/**
 * What is typed for a measure: a figure alone in the reader's own unit, or with a unit of either system.
 *
 * @returns in the unit that it is kept in; undefined where it is no such figure
 */
export function parseMeasure(text: string, of: Measure, system: UnitSystem): number | undefined {
  const read = /^\s*(-?[\d\s\u202f]*[.,]?\d+)\s*(.*?)\s*$/.exec(text);
  if (!read) return undefined;
  const figure = Number((read[1] ?? '').replace(/[\s\u202f]/g, '').replace(',', '.'));
  const typed = plain(read[2] ?? '');
  if (!Number.isFinite(figure)) return undefined;
  if (typed === '') return figure / measureIn(of, system)[1];
  for (const each of ['metric', 'imperial'] as const) {
    const [unit, factor] = measureIn(of, each);
    if (plain(unit) === typed) return figure / factor;
  }
  return undefined;
}

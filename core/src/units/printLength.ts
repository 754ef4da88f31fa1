import { FOOT, INCH, POUND } from './factors';
import type { LengthField, UnitSystem } from './parseLength';

const GLYPH: Record<string, string> = {
  '1/2': '½',
  '1/4': '¼',
  '3/4': '¾',
  '1/8': '⅛',
  '3/8': '⅜',
  '5/8': '⅝',
  '7/8': '⅞',
};
const raise = (n: number) => [...String(n)].map((d) => '⁰¹²³⁴⁵⁶⁷⁸⁹'[Number(d)]).join('');
const lower = (n: number) => [...String(n)].map((d) => '₀₁₂₃₄₅₆₇₈₉'[Number(d)]).join('');

/** Inches to the nearest sixteenth: `10½`, `³⁄₁₆`, `0`. */
function inchesText(sixteenths: number): string {
  const whole = Math.floor(sixteenths / 16);
  let over = sixteenths % 16;
  let under = 16;
  while (over > 0 && over % 2 === 0) {
    over /= 2;
    under /= 2;
  }
  if (over === 0) return String(whole);
  const fraction = GLYPH[`${over}/${under}`] ?? `${raise(over)}⁄${lower(under)}`;
  return whole === 0 ? fraction : `${whole}${fraction}`;
}

function imperialText(value: number, inchesOnly: boolean): string {
  const sixteenths = Math.round((Math.abs(value) / INCH) * 16);
  const sign = value < 0 && sixteenths > 0 ? '−' : '';
  if (inchesOnly) return `${sign}${inchesText(sixteenths)}″`;
  const feet = Math.floor(sixteenths / 192);
  const rest = sixteenths % 192;
  if (feet === 0) return `${sign}${inchesText(rest)}″`;
  return rest === 0 ? `${sign}${feet}′` : `${sign}${feet}′ ${inchesText(rest)}″`;
}

/** A number with a fixed count of decimals, thousands parted by a thin space, and a true minus. */
export function printNumber(value: number, decimals: number): string {
  const fixed = Math.abs(value).toFixed(decimals);
  const [whole = '0', part] = fixed.split('.');
  const grouped = whole.length > 4 ? whole.replace(/\B(?=(\d{3})+$)/g, '\u202f') : whole;
  const sign = value < 0 && Number(fixed) !== 0 ? '−' : '';
  return `${sign}${grouped}${part === undefined ? '' : `.${part}`}`;
}

/** Decimals that show a metric length truly: two, or up to four where the value has them. */
function lengthDecimals(value: number): number {
  for (const decimals of [2, 3])
    if (Math.abs(value - Number(value.toFixed(decimals))) < 5e-5) return decimals;
  return 3;
}

export interface LengthText {
  readonly figure: string;
  readonly unit: string;
}

/**
 * A length for reading, figure and unit apart so that the unit can be set small.
 *
 * @param value   m
 * @param system  the reader's units
 * @param field   `opening` prints millimetres, or inches alone
 * @returns for example `{ figure: '15.60', unit: 'm' }` or `{ figure: '7′ 10½″', unit: '' }`; imperial is to the nearest 1/16 inch
 */
export function lengthText(value: number, system: UnitSystem, field: LengthField = 'length'): LengthText {
  if (system === 'imperial') return { figure: imperialText(value, field === 'opening'), unit: '' };
  if (field === 'length') return { figure: printNumber(value, lengthDecimals(value)), unit: 'm' };
  const mm = value * 1000;
  return { figure: printNumber(mm, Math.abs(mm - Math.round(mm)) < 0.05 ? 0 : 1), unit: 'mm' };
}

/** What is cut or bought, and what nobody measured finer: to a centimetre or half an inch. @param value m */
export function aboutLength(value: number, system: UnitSystem): number {
  const step = system === 'imperial' ? INCH / 2 : 0.01;
  return Math.round(value / step) * step;
}

/** The same on one line: `15.60 m`, `13 mm`, `7′ 10½″`. */
export function printLength(value: number, system: UnitSystem, field: LengthField = 'length'): string {
  const { figure, unit } = lengthText(value, system, field);
  return unit === '' ? figure : `${figure} ${unit}`;
}

/** A weight for reading, in kilograms or pounds. @param value kg */
export function massText(value: number, system: UnitSystem): LengthText {
  const shown = system === 'imperial' ? value / POUND : value;
  return { figure: printNumber(shown, shown < 10 ? 1 : 0), unit: system === 'imperial' ? 'lb' : 'kg' };
}

/** An area for reading: `21.6 m²` or `232 ft²`. @param value m² */
export function areaText(value: number, system: UnitSystem): LengthText {
  if (system === 'imperial')
    return { figure: printNumber(value / (FOOT * FOOT), value < 10 ? 1 : 0), unit: 'ft²' };
  return { figure: printNumber(value, value < 10 ? 2 : 1), unit: 'm²' };
}

import { aboutLength, areaText, printLength, moneyPrinter, printNumber, type UnitSystem } from '../units';
import { measureIn } from '../units/measures';
import type { Reader } from './reader';

export type { Reader } from './reader';

const trimmed = (value: number, most: number): string => {
  const text = printNumber(value, most);
  return text.includes('.') ? text.replace(/0+$/, '').replace(/\.$/, '') : text;
};

export function makeReader(system: UnitSystem, currency: string): Reader {
  const area = (value: number) => {
    const { figure, unit } = areaText(value, system);
    return `${figure} ${unit}`;
  };
  const money = moneyPrinter(currency);
  const length = (metres: number) => printLength(metres, system);
  return {
    system,
    length,
    about: (metres) => length(aboutLength(metres, system)),
    tape: (metres) =>
      system === 'imperial' ? length(metres) : `${printNumber(Math.round(metres / 0.005) * 0.005, 3)} m`,
    opening: (metres) => printLength(metres, system, 'opening'),
    area,
    money,
    grade: (ratio) => `${trimmed(ratio * 100, 1)} %`,
    amount(value, unit) {
      switch (unit) {
        case 'm':
          return length(value);
        case 'm²':
          return area(value);
        case 'm³':
          return system === 'imperial'
            ? `${printNumber(value * measureIn('m³', system)[1], 2)} ft³`
            : `${printNumber(value, 3)} m³`;
        case 'N/kN':
          // Pounds are pounds, however many.
          return system === 'imperial' ? '1' : trimmed(value, 2);
        case 'piece':
          return printNumber(value, 0);
        case 'h':
          return `${printNumber(value, 1)} h`;
        case 'h/unit':
          return `${trimmed(value, 2)} h`;
        case 'money':
          return money(value);
        case 'grade':
          return `${printNumber(value * 100, 1)} %`;
        case 'ratio':
          return trimmed(value, 2);
        default: {
          const [name, factor] = measureIn(unit, system);
          return `${trimmed(value * factor, 2)} ${name}`;
        }
      }
    },
  };
}

/** The reader that a plan's own units and currency make. */
export const readerFor = (plan: { readonly units: UnitSystem; readonly currency: string }): Reader =>
  makeReader(plan.units, plan.currency);

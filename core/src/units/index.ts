export { FOOT, INCH, gaugeOf } from './factors';
export { majorUnits, minorDigits, moneyPrinter } from './money';
export {
  type LengthField,
  type LengthProblem,
  type ParsedLength,
  type UnitSystem,
  parseLength,
} from './parseLength';
export { type LengthText, aboutLength, areaText, lengthText, printLength, printNumber } from './printLength';
export { EPSILON, TOUCH, roundUp, tidy } from './round';

export { FOOT, INCH, gaugeOf } from './factors';
export { type Measure, measureFigure, measureIn, parseMeasure, printMeasure } from './measures';
export { majorUnits, minorDigits, moneyPrinter } from './money';
export {
  type LengthField,
  type LengthProblem,
  type ParsedLength,
  type UnitSystem,
  parseLength,
} from './parseLength';
export {
  type LengthText,
  aboutLength,
  areaText,
  lengthText,
  massText,
  printLength,
  printNumber,
} from './printLength';
export { EPSILON, TOUCH, roundUp, tidy } from './round';

import { expect, test } from '@jest/globals';
import { readerFor } from '../saying/makeReader';
import { listed } from '../saying/phrases';
import { majorUnits, minorDigits, moneyPrinter } from './money';

test.each([
  ['XXX', 2, '1234.50'],
  ['EUR', 2, '1234.50 EUR'],
  ['JPY', 0, '123\u202f450 JPY'],
  ['KWD', 3, '123.450 KWD'],
] as const)('money of %s has %s digits behind the point', (currency, digits, said) => {
  expect(minorDigits(currency)).toBe(digits);
  expect(moneyPrinter(currency)(123450)).toBe(said);
  expect(majorUnits(currency)(123450)).toBe(123450 / 10 ** digits);
  expect(readerFor({ units: 'metric', currency }).money(123450)).toBe(said);
});

test('a refund has a true minus, and nothing is no minus', () => {
  expect(moneyPrinter('EUR')(-5)).toBe('−0.05 EUR');
  expect(moneyPrinter('JPY')(-0.4)).toBe('0 JPY');
});

test('lists are said as one says them', () => {
  expect(listed([])).toBe('');
  expect(listed(['fox'])).toBe('fox');
  expect(listed(['fox', 'rat'])).toBe('fox and rat');
  expect(listed(['fox', 'mink', 'rat'], 'or')).toBe('fox, mink or rat');
});

import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { parseLength, printLength } from './index';
import { uniform } from '../testing/uniform';

const metric = (text: string) => {
  const parsed = parseLength(text, 'metric');
  return parsed.ok ? Number(parsed.value.toFixed(6)) : parsed.problem;
};
const feet = (text: string) => {
  const parsed = parseLength(text, 'imperial');
  return parsed.ok ? Number(parsed.value.toFixed(6)) : parsed.problem;
};

describe('a length is read as a keeper types it', () => {
  test.each([
    ["6'2", 1.8796],
    [`6'2"`, 1.8796],
    ['6 ft 2 in', 1.8796],
    ['6ft2in', 1.8796],
    ['6′ 2″', 1.8796],
    [`6'-2"`, 1.8796],
    ['1.88', 1.88],
    ['1,88', 1.88],
    [',5', 0.5],
    ['74in', 1.8796],
    ['74"', 1.8796],
    ['188 cm', 1.88],
    ['188cm', 1.88],
    ['950 mm', 0.95],
    ['1 m 88', 1.88],
    ['1m88', 1.88],
    ['1 m 5', 1.05],
    ['1 m 880', 1.88],
    ['1 m 88 cm', 1.88],
    ['2 yd', 1.8288],
    [`7' 10 1/2"`, 2.4003],
    ['7′ 10½″', 2.4003],
    ['³⁄₁₆"', 0.004762],
    ['¹¹⁄₁₆"', 0.017462],
    ['1 234.5', 1234.5],
    ['1 234 mm', 1.234],
    ['6 1/2', 6.5],
  ])('%s', (text, metres) => {
    expect(metric(text)).toBe(metres);
  });

  test('a bare number is in the unit of its field', () => {
    expect(feet('6.5')).toBe(1.9812);
    expect(parseLength('50', 'metric', 'opening')).toEqual({ ok: true, value: 0.05 });
    expect(parseLength('1/2', 'imperial', 'opening')).toEqual({ ok: true, value: 0.0127 });
    expect(feet('2 m')).toBe(2);
  });

  test.each([
    ['', 'empty'],
    ['  ', 'empty'],
    ['about six', 'not-a-length'],
    ['1.234,5', 'two-decimal-signs'],
    ['1.2.3', 'two-decimal-signs'],
    ['-3', 'negative'],
    ['−3 m', 'negative'],
    ['1/0', 'not-a-length'],
    ['12 34', 'not-a-length'],
    ['1.5 m 20', 'not-a-length'],
    ['NaN', 'not-a-length'],
    ['1e3', 'not-a-length'],
  ])('%j is refused as %s', (text, problem) => {
    expect(metric(text)).toBe(problem);
  });
});

describe('a length is printed for reading', () => {
  test('2.40 m reads as 7′ 10½″', () => {
    expect(printLength(2.4, 'imperial')).toBe('7′ 10½″');
  });
  test.each([
    [2.4, '2.40 m'],
    [7.525, '7.525 m'],
    [12345.6, '12\u202f345.60 m'],
    [-0.05, '−0.05 m'],
  ])('%d in metres', (value, text) => {
    expect(printLength(value, 'metric')).toBe(text);
  });
  test('fractions of an inch are glyphs, whole feet stand alone', () => {
    expect(printLength(0.3048 * 6, 'imperial')).toBe('6′');
    expect(printLength(0.0254 * (3 / 16), 'imperial')).toBe('³⁄₁₆″');
    expect(printLength(0.0254 * (13 / 16) + 0.3048, 'imperial')).toBe('1′ ¹³⁄₁₆″');
    expect(printLength(0.0127, 'imperial', 'opening')).toBe('½″');
  });
  test('an opening is printed in millimetres', () => {
    expect(printLength(0.0065, 'metric', 'opening')).toBe('6.5 mm');
    expect(printLength(0.1, 'metric', 'opening')).toBe('100 mm');
  });

  test('what is printed is read back within half of its last place', () => {
    fc.assert(
      fc.property(
        uniform(0, 900),
        fc.constantFrom('metric', 'imperial'),
        fc.constantFrom('length', 'opening'),
        (value, system, field) => {
          const back = parseLength(printLength(value, system, field), system, field);
          const tolerance = system === 'imperial' ? 0.0254 / 32 + 1e-9 : 0.00051;
          expect(back.ok && Math.abs(back.value - value) <= tolerance).toBe(true);
        },
      ),
    );
  });
});

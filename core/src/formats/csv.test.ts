import { describe, expect, test } from '@jest/globals';
import Papa from 'papaparse';
import { DEMO_PLANS } from '../plan/samples';
import { reckon } from '../reckon';
import { cutListCsv, docketCsv, docketText, sheet } from './csv';

const rows = (csv: string) =>
  Papa.parse<Record<string, string>>(csv.replace(/^\uFEFF/, ''), { header: true, skipEmptyLines: true }).data;

describe('the docket as a sheet', () => {
  for (const plan of DEMO_PLANS) {
    const reckoning = reckon(plan);
    const table = rows(docketCsv(plan, reckoning));
    test(`${plan.name}: every line and the total, in the plan’s unit`, () => {
      const { lines, yards, taxes } = reckoning.docket;
      const delivered = yards.filter((y) => y.delivery > 0).length;
      expect(table).toHaveLength(lines.length + delivered + taxes.length + 1);
      expect(Number(table[table.length - 1]?.Price)).toBeCloseTo(reckoning.docket.total / 100, 9);
      const factor = plan.units === 'imperial' ? 0.3048 : 1;
      reckoning.docket.lines.forEach((line, i) => {
        const row = table[i];
        expect(Number(row?.Need) * (line.unit === 'm' ? factor : 1)).toBeCloseTo(line.need, 3);
        expect(row?.Unit).toBe(line.unit === 'm' ? (plan.units === 'imperial' ? 'ft' : 'm') : 'piece');
      });
    });
    test(`${plan.name}: as words, every price is there and they add up`, () => {
      const { docket } = reckoning;
      const figures = docketText(plan, reckoning)
        .split('\n')
        .flatMap((text) => text.match(/([\d\u202f]+\.\d\d)(?: [A-Z]{3})?$/)?.[1] ?? [])
        .map((text) => Math.round(Number(text.replace(/\u202f/g, '')) * 100));
      const total = figures.pop();
      expect(total).toBe(docket.total);
      expect(figures.reduce((sum, x) => sum + x, 0)).toBe(docket.total);
      expect(figures.length).toBeGreaterThan(5);
    });
    test(`${plan.name}: every piece is on the cut list`, () => {
      const pieces = reckoning.cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces));
      expect(rows(cutListCsv(plan, reckoning)).map((r) => r.Piece)).toEqual(pieces.map((p) => p.letter));
    });
  }
  test('opens as UTF-8 with line ends that spreadsheets expect', () => {
    const [plan] = DEMO_PLANS;
    if (!plan) throw new Error('no demo plan');
    const csv = docketCsv(plan, reckon(plan));
    expect(csv.startsWith('\uFEFF')).toBe(true);
    expect(csv.split('\r\n').length).toBeGreaterThan(5);
  });
  test.each([
    ['JPY', 1],
    ['EUR', 100],
    ['KWD', 1000],
  ])('money of %s is in major units, %s minor ones each', (currency, minor) => {
    const [demo] = DEMO_PLANS;
    if (!demo) throw new Error('no demo plan');
    const plan = { ...demo, currency };
    const told = reckon(plan);
    const total = rows(docketCsv(plan, told)).at(-1);
    expect(total).toMatchObject({ Price: String(told.docket.total / minor), Currency: currency });
  });
  test('a cell that would run as a formula is made harmless, a number stays a number', () => {
    const csv = sheet(
      ['Name', 'Value'],
      [
        ['=1+1', -2],
        ['@now', 3],
      ],
    );
    expect(csv).toBe('\uFEFFName,Value\r\n"\'=1+1",-2\r\n"\'@now",3\r\n');
  });
});

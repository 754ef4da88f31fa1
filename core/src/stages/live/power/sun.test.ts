import { describe, expect, test } from '@jest/globals';
import { runBattery } from './battery';
import { dayNumber, dayOf, extraterrestrial, peakSunHours } from './sun';

describe('the sun', () => {
  test('gives 5.2 peak-sun hours in June, 1.8 in October and 0.65 in December at 54.1° N', () => {
    const hours = peakSunHours(54.1, 0.45);
    expect(hours[5]).toBeCloseTo(5.2, 1);
    expect(hours[9]).toBeCloseTo(1.8, 1);
    expect(hours[11]).toBeCloseTo(0.65, 2);
  });
  test('is that of minute after minute of the day', () => {
    for (const [latitude, day] of [
      [54.1, 166],
      [54.1, 349],
      [-33, 15],
      [0, 80],
    ] as const) {
      const declination = ((23.45 * Math.PI) / 180) * Math.sin((2 * Math.PI * (284 + day)) / 365);
      const near = 1 + 0.033 * Math.cos((2 * Math.PI * day) / 365);
      const phi = (latitude * Math.PI) / 180;
      let sum = 0;
      for (let minute = 0; minute < 1440; minute++) {
        const hour = ((minute + 0.5) / 1440 - 0.5) * 2 * Math.PI;
        const sine =
          Math.sin(phi) * Math.sin(declination) + Math.cos(phi) * Math.cos(declination) * Math.cos(hour);
        sum += Math.max(0, sine) / 60;
      }
      expect(extraterrestrial(latitude, day)).toBeCloseTo(1.367 * near * sum, 3);
    }
  });
  test('stays down all day beyond the circle in winter, and up all day in summer', () => {
    expect(extraterrestrial(75, 355)).toBe(0);
    expect(extraterrestrial(75, 172)).toBeGreaterThan(11);
  });
  test('days of the year count from 1 and come back', () => {
    expect([dayNumber('01-01'), dayNumber('03-01'), dayNumber('12-31'), dayNumber('02-29')]).toEqual([
      1, 60, 365, 59,
    ]);
    for (let n = 1; n <= 365; n++) expect(dayNumber(dayOf(n))).toBe(n);
    expect(dayOf(366)).toBe('01-01');
  });
});

describe('a battery', () => {
  const gain = (g: number) => Array<number>(12).fill(g);
  test('without sun lasts what is usable over what is used', () => {
    expect(runBattery({ usable: 30, use: 3.36, gain: gain(0), from: 91 }).days).toBeCloseTo(30 / 3.36, 9);
  });
  test('is never flat where as much comes as goes, and never more than full', () => {
    const run = runBattery({ usable: 30, use: 3, gain: gain(9), from: 1 });
    expect(run.days).toBeNull();
    expect(Math.max(...run.left)).toBe(30);
  });
  test('lasts a summer and is flat in winter, on the same day by hand', () => {
    const months = [1, 1, 3, 4, 5, 5, 5, 4, 3, 2, 1, 1];
    const { days } = runBattery({ usable: 20, use: 2.5, gain: months, from: dayNumber('04-01') });
    // Full until the end of September; then 0.5 a day for 31 days, then 1.5.
    const summer = 30 + 31 + 30 + 31 + 31 + 30;
    expect(days).toBeCloseTo(summer + 31 + (20 - 15.5) / 1.5, 9);
  });
  test('a year that ends lower than it began is not the last', () => {
    const months = [2.9, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3];
    // 3.1 Ah less each January, and full again never: 0 in the fourth.
    const { days } = runBattery({ usable: 10, use: 3, gain: months, from: 1 });
    expect(days).toBeGreaterThan(3 * 365);
    expect(days).toBeLessThan(3 * 365 + 31);
  });
});

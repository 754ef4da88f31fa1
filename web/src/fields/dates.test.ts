import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { clock, dayAndTime, longDay, shortDay, sinceWhen } from './dates';

describe('dates', () => {
  test('any day and time is written as the platform writes it', () => {
    const options = { day: 'numeric', month: 'long', year: 'numeric' } as const;
    const long = new Intl.DateTimeFormat('en-GB', options);
    const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
    const between = { min: new Date('2000-01-01'), max: new Date('2100-01-01'), noInvalidDate: true };
    fc.assert(
      fc.property(fc.date(between), (then) => {
        expect(longDay(then.toISOString())).toBe(long.format(then));
        expect(clock(then.toISOString())).toBe(time.format(then));
      }),
    );
  });

  test('short ones are short, and today is told by its time', () => {
    const then = new Date(2026, 8, 3, 7, 5).toISOString();
    expect(shortDay(then)).toBe('3 Sep 2026');
    expect(dayAndTime(then)).toBe('3 Sep 2026, 07:05');
    expect(sinceWhen(then)).toBe(dayAndTime(then));
    const now = new Date().toISOString();
    expect(sinceWhen(now)).toBe(clock(now));
    expect(sinceWhen('')).toBe('an earlier visit');
    expect(longDay('2026-11-25')).toBe('25 November 2026');
  });
});

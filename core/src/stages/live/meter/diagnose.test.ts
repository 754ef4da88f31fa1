import { describe, expect, test } from '@jest/globals';
import { type Pointed, diagnose } from './diagnose';
import type { Reading } from './reading';
import { sayPointed } from './words';

const HOUR = 3_600_000;
const END = Date.parse('2026-11-28T12:00:00Z');

/** Hourly readings of some days up to now; hours counted back from the last. */
const week = (of: (back: number, hourOfDay: number) => Partial<Reading>, days = 6): Reading[] =>
  Array.from({ length: days * 24 }, (_, back): Reading => {
    const at = new Date(END - back * HOUR);
    return {
      at: at.toISOString(),
      near: 6.4,
      far: 6.1,
      battery: 12.5,
      draw: 0.14,
      ...of(back, at.getUTCHours()),
    };
  });
const codes = (readings: readonly Reading[], now = END) => diagnose(readings, now).map((p) => p.code);
const one = (to: Partial<Reading>) =>
  diagnose(
    week(() => to, 1),
    END,
  )[0] as Pointed;

describe('what readings point to', () => {
  test('nothing was read; nothing for long', () => {
    expect(codes([])).toEqual(['none']);
    expect(
      codes(
        week(() => ({})),
        END + 40 * HOUR,
      ),
    ).toContain('stale');
  });
  test('a good line is good, in whatever order it comes', () => {
    const readings = week(() => ({}));
    expect(codes(readings)).toEqual(['good']);
    expect(codes([...readings].reverse())).toEqual(['good']);
  });
  test('under 3.0 is a finding, under 2.0 a red one', () => {
    expect(one({ near: 3.0, far: 3.0 }).code).toBe('good');
    expect(one({ near: 2.9, far: 2.8 })).toMatchObject({ code: 'low', weight: 'mend' });
    expect(one({ near: 2.1, far: 1.9 })).toMatchObject({ code: 'low', weight: 'red' });
  });
  test('good at the near end and half at the far end is a short between; nothing there a broken strand', () => {
    expect(one({ near: 6, far: 3 })).toMatchObject({ code: 'short' });
    expect(sayPointed(one({ near: 6, far: 3 }))).toMatch(/near end.*far end: a short between/);
    expect(one({ near: 6, far: 0 })).toMatchObject({ code: 'cut', weight: 'red' });
  });
  test('nothing at the near end is an energiser that is off, or a flat battery', () => {
    expect(one({ near: 0, far: 0 }).code).toBe('off');
    expect(one({ near: 0, far: 0, battery: 11.4 }).code).toBe('flat');
    expect(one({ near: 0, far: 0, battery: null }).code).toBe('off');
  });
  test('lower each morning: so many days left', () => {
    // 0.1 V a day; 12.5 now, flat at 11.9.
    const readings = week((back) => ({ battery: 12.5 + (back / 24) * 0.1 }));
    const found = diagnose(readings, END).find((p) => p.code === 'falling');
    if (found?.code !== 'falling') throw new Error('not found');
    expect(found.days).toBeCloseTo(6, 0);
    expect(sayPointed(found)).toBe('Lower each morning: the battery has 6 days left.');
    expect(codes(week(() => ({ battery: 12.5 })))).not.toContain('falling');
  });
  test('low in wet mornings and good at noon', () => {
    const readings = week((_, hour) => (hour >= 3 && hour < 8 ? { near: 3.8, far: 3.6 } : {}));
    expect(codes(readings)).toContain('wet');
  });
  test('a little less each day with a good battery: the strip grows up', () => {
    const readings = week((back) => ({ near: 4.4 + (back / 24) * 0.3, far: 4.2 + (back / 24) * 0.3 }));
    expect(codes(readings)).toContain('growing');
  });
  test('every sentence is one', () => {
    const all: Pointed[] = [
      ...diagnose([], END),
      one({ near: 0 }),
      one({ near: 6, far: 0 }),
      one({ near: 6, far: 2 }),
      one({ near: 2, far: 2 }),
      one({}),
    ];
    for (const p of all) expect(sayPointed(p)).toMatch(/^[A-Z0-9].*\.$/);
  });
});

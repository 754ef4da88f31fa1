import type { Reading } from './reading';

/** Live enough to work, and what is a red finding, kV (rules: Live nets). */
export const WORKS = 3;
export const RED = 2;
export const GOOD = 5;
export const FOR_BEAR = 6;

/** Far end at so much of the near one or less: something between takes it. */
const LOST = 0.65;
/** A far end that reads less is cut off, kV. */
const CUT = 0.3;
/** An energiser that reads less at its own end is off, kV. */
const OFF = 0.5;
/** A battery at so much is flat, V at rest. */
const FLAT = 11.9;
/** Nothing was read for longer, hours. */
const STALE = 26;
const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** Mornings looked at. */
const DAYS_BACK = 7;

export type Points =
  | { readonly code: 'none' }
  | { readonly code: 'stale'; readonly hours: number }
  | { readonly code: 'off' }
  | { readonly code: 'flat'; readonly volts: number }
  | { readonly code: 'cut'; readonly near: number; readonly far: number }
  | { readonly code: 'short'; readonly near: number; readonly far: number }
  | { readonly code: 'low'; readonly least: number }
  | { readonly code: 'falling'; readonly days: number }
  | { readonly code: 'wet'; readonly morning: number; readonly noon: number }
  | { readonly code: 'growing'; readonly each: number }
  | { readonly code: 'good'; readonly least: number };

/** What some readings point to, and how much it matters: under 2.0 kV red, under 3.0 a matter. */
export type Pointed = Points & { readonly weight: 'red' | 'mend' | 'know' };

const leastOf = ({ near, far }: Reading): number => (far === null ? near : Math.min(near, far));
const weightOf = (kv: number): Pointed['weight'] => (kv < RED ? 'red' : kv < WORKS ? 'mend' : 'know');

interface Timed {
  readonly time: number;
  readonly reading: Reading;
}

/** The median of what was read about one hour of each of the last days, by day; hours UTC. */
function byDay(
  timed: readonly Timed[],
  from: number,
  to: number,
  of: (r: Reading) => number | null,
): readonly { readonly day: number; readonly value: number }[] {
  const days = new Map<number, number[]>();
  for (const { time, reading } of timed) {
    const hour = (time % DAY) / HOUR;
    const value = of(reading);
    if (hour < from || hour >= to || value === null) continue;
    const day = Math.floor(time / DAY);
    const before = days.get(day);
    if (before) before.push(value);
    else days.set(day, [value]);
  }
  return [...days]
    .sort(([a], [b]) => a - b)
    .map(([day, values]) => ({
      day,
      value: [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0,
    }));
}

/** Least squares on days: how much it changes each day. */
function slopeOf(points: readonly { readonly day: number; readonly value: number }[]): number {
  const n = points.length;
  const day = points.reduce((t, p) => t + p.day, 0) / n;
  const value = points.reduce((t, p) => t + p.value, 0) / n;
  const [top, under] = points.reduce(
    ([a, b], p) => [a + (p.day - day) * (p.value - value), b + (p.day - day) ** 2],
    [0, 0],
  );
  return under === 0 ? 0 : top / under;
}

/** Whether it went down every day but one at most. */
const falls = (points: readonly { readonly value: number }[]): boolean =>
  points.slice(1).filter((p, i) => p.value >= (points[i]?.value ?? 0) - 1e-9).length <= 1;

/** What the last days say beside the last reading. */
function trend(timed: readonly Timed[]): readonly Pointed[] {
  const found: Pointed[] = [];
  const mornings = byDay(timed, 3, 7, (r) => r.battery);
  const slope = mornings.length >= 3 ? slopeOf(mornings) : 0;
  const lastVolts = mornings[mornings.length - 1]?.value;
  if (lastVolts !== undefined && slope < -0.01 && falls(mornings)) {
    const days = Math.max(0, (lastVolts - FLAT) / -slope);
    found.push({ code: 'falling', days, weight: days < 7 ? 'mend' : 'know' });
  }
  const dawn = byDay(timed, 3, 7, leastOf);
  const noon = byDay(timed, 11, 15, leastOf);
  const both = dawn.flatMap((d) => {
    const n = noon.find((other) => other.day === d.day);
    return n ? [{ morning: d.value, noon: n.value }] : [];
  });
  const wet = both.filter((b) => b.morning < 0.75 * b.noon);
  const lastWet = wet[wet.length - 1];
  if (lastWet && both.length >= 2 && wet.length * 2 > both.length)
    found.push({ code: 'wet', ...lastWet, weight: weightOf(lastWet.morning) });
  const growing = noon.length >= 4 ? slopeOf(noon) : 0;
  // A battery that falls takes the line with it: the growth is not to blame.
  if (growing < -0.08 && falls(noon) && slope > -0.02)
    found.push({ code: 'growing', each: -growing, weight: 'mend' });
  return found;
}

/**
 * What readings of a line point to (rules: Live nets): the last one first, then what the days before say.
 *
 * @param readings  in any order
 * @param now       ms since 1970; by the meter's own clock
 */
export function diagnose(readings: readonly Reading[], now: number): readonly Pointed[] {
  const timed = readings
    .map((reading) => ({ time: Date.parse(reading.at), reading }))
    .filter(({ time }) => Number.isFinite(time))
    .sort((a, b) => a.time - b.time);
  const last = timed[timed.length - 1];
  if (!last) return [{ code: 'none', weight: 'know' }];
  const { near, far, battery } = last.reading;
  const hours = (now - last.time) / HOUR;
  const least = leastOf(last.reading);
  const found: Pointed[] = [];
  if (hours > STALE) found.push({ code: 'stale', hours, weight: 'mend' });
  if (near < OFF) {
    if (battery !== null && battery < FLAT) found.push({ code: 'flat', volts: battery, weight: 'red' });
    else found.push({ code: 'off', weight: 'red' });
  } else if (far !== null && near >= WORKS && far < CUT)
    found.push({ code: 'cut', near, far, weight: 'red' });
  else if (far !== null && near >= WORKS && far <= LOST * near)
    found.push({ code: 'short', near, far, weight: far < RED ? 'red' : 'mend' });
  else if (least < WORKS) found.push({ code: 'low', least, weight: weightOf(least) });
  const recent = timed.filter(({ time }) => time > last.time - DAYS_BACK * DAY);
  found.push(...trend(recent));
  return found.length > 0 ? found : [{ code: 'good', least, weight: 'know' }];
}

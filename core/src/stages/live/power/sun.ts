/** Sunlight outside the air, kW a square metre. */
const SOLAR = 1.367;
const MONTH_DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const;

export const DAYS = 365;

/** The day of the year, 1 for 1 January; 29 February counts as the 28th. @param day  such as `10-15` */
export function dayNumber(day: string): number {
  const [month, date] = day.split('-').map(Number);
  const before = MONTH_DAYS.slice(0, (month ?? 1) - 1).reduce((t, n) => t + n, 0);
  return before + Math.min(date ?? 1, MONTH_DAYS[(month ?? 1) - 1] ?? 31);
}

/** `10-15` for a day of the year from 1; days after the last begin again. */
export function dayOf(number: number): string {
  let left = (((number - 1) % DAYS) + DAYS) % DAYS;
  for (const [i, days] of MONTH_DAYS.entries()) {
    if (left < days) return `${String(i + 1).padStart(2, '0')}-${String(left + 1).padStart(2, '0')}`;
    left -= days;
  }
  return '12-31';
}

/** 0 for January. @param number  of the day in the year, from 1 */
export const monthOf = (number: number): number => Number(dayOf(number).slice(0, 2)) - 1;

/**
 * Sunlight on the level outside the air on a day, kWh a square metre (declination after Cooper, distance of the sun as the first harmonic).
 *
 * @param latitude  degrees, south negative
 * @param day       of the year, from 1
 */
export function extraterrestrial(latitude: number, day: number): number {
  const phi = (latitude * Math.PI) / 180;
  const declination = ((23.45 * Math.PI) / 180) * Math.sin((2 * Math.PI * (284 + day)) / DAYS);
  const near = 1 + 0.033 * Math.cos((2 * Math.PI * day) / DAYS);
  const sunset = Math.acos(Math.max(-1, Math.min(1, -Math.tan(phi) * Math.tan(declination))));
  const height =
    Math.cos(phi) * Math.cos(declination) * Math.sin(sunset) + sunset * Math.sin(phi) * Math.sin(declination);
  return Math.max(0, (24 / Math.PI) * SOLAR * near * height);
}

/**
 * Peak-sun hours a day of each month, January first.
 *
 * @param share  of them for each kWh/m² outside the air at mid-month
 */
export const peakSunHours = (latitude: number, share: number): readonly number[] =>
  MONTH_DAYS.map(
    (_, month) => share * extraterrestrial(latitude, dayNumber(`${String(month + 1).padStart(2, '0')}-15`)),
  );

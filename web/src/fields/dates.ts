/* Dates as the sentences around them are written. Put together here: the browser's own formatter takes some 40 ms the first time, while a page waits for it. */

const MONTHS = [
  ...['January', 'February', 'March', 'April', 'May', 'June', 'July'],
  ...['August', 'September', 'October', 'November', 'December'],
];

/** A day without a time is that day wherever it is read. */
const at = (iso: string) => new Date(iso.length === '2026-11-28'.length ? `${iso}T00:00` : iso);
const written = (then: Date, month: string) => `${then.getDate()} ${month} ${then.getFullYear()}`;
const monthOf = (then: Date) => MONTHS[then.getMonth()] ?? '';
const two = (n: number) => String(n).padStart(2, '0');

/** A day: 28 November 2026. */
export function longDay(iso: string): string {
  const then = at(iso);
  return written(then, monthOf(then));
}

/** A day where there is little room: 28 Nov 2026. */
export function shortDay(iso: string): string {
  const then = at(iso);
  return written(then, monthOf(then).slice(0, 3));
}

/** The time of day: 07:05; nothing for no time. */
export function clock(iso: string): string {
  if (iso === '') return '';
  const then = at(iso);
  return `${two(then.getHours())}:${two(then.getMinutes())}`;
}

/** A day and its time: 28 Nov 2026, 07:05. */
export const dayAndTime = (iso: string): string => `${shortDay(iso)}, ${clock(iso)}`;

/** When something was kept: the time alone where it is of today. */
export function sinceWhen(iso: string): string {
  if (iso === '') return 'an earlier visit';
  return new Date(iso).toDateString() === new Date().toDateString() ? clock(iso) : dayAndTime(iso);
}

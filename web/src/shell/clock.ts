/** The time of day, as it is written here; nothing for no time. */
export const clock = (iso: string): string =>
  iso === '' ? '' : new Date(iso).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' });

/** The time, with its day where that is another than today. */
export function when(iso: string): string {
  if (iso === '') return 'an earlier visit';
  const then = new Date(iso);
  return then.toDateString() === new Date().toDateString()
    ? clock(iso)
    : then.toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });
}

/** When something was saved or deleted, as it is written here. */
export const saved = (iso: string): string =>
  new Date(iso).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });

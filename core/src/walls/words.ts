/** What walls take to build, and where their hours are told. */
export const HOURS = {
  'hours.mesh': () => 'hang mesh',
  'hours.boards': () => 'put up boards and rails',
} as const;
export const HOURS_FIGURES = { 'hours.boards': 'boards', 'hours.mesh': 'mesh' } as const;

/** What a working of walls is made of. Lengths m. */
export const TERMS = {
  ...HOURS,
} as const;

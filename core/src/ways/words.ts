/** What ways in take to hang and build, and where their hours are told. */
export const HOURS = {
  'hours.gates': () => 'hang gates from kits',
  'hours.gates-built': () => 'build and hang gates',
  'hours.pop-doors': () => 'hang pop doors and hatches',
} as const;
export const HOURS_FIGURES = {
  'hours.gates': 'gates',
  'hours.gates-built': 'gates',
  'hours.pop-doors': 'flaps',
} as const;

/** What a working of ways in is made of. Lengths m. */
export const TERMS = {
  ...HOURS,
} as const;

export const NAME = 'Outline';

/** Under which figure the hours of each code are told. */
export const HOURS_FIGURES = { 'hours.stake-out': 'stakeOut' } as const;

export const NAME = 'Outline';
/** Why it comes now. */
export const WHY = 'Posts, mesh and price follow from the shape.';

/** Under which figure the hours of each code are told. */
export const HOURS_FIGURES = { 'hours.stake-out': 'stakeOut' } as const;

/** What is found of one part and said by verdicts of all: whether there is less of it is seen there. */
export const JUDGED = ['side.open'] as const;

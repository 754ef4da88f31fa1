export const NAME = 'Ground';
/** Why it comes now. */
export const WHY = 'Pipes, roots and slope decide where posts can stand. They are dear to find with a spade.';

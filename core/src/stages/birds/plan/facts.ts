export const NAME = 'Birds';
/** Why it comes now. */
export const WHY = 'How many there are decides how large the run must be.';

export const NAME = 'Threats';
/** Why it comes now. */
export const WHY = 'What hunts here decides mesh, skirt and catches. Look for signs before you choose.';

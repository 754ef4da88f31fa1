/** Posts under what hangs or carries snow stand no further apart, m (rules: Posts). */
export const SPACING = 1.8;

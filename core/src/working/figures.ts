/** Flat map of names to metres, square metres, hours and counts. */
export type Figures = Readonly<Record<string, number>>;

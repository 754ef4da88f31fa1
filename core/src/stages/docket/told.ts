/** Names of its figures. */
export type FigureName = 'rolls' | 'leftOver';

/** Length sold of the nth of the posts of a product that are to be at least so long, m. */
export type PostLengths = (product: string, needs: number, nth: number) => number;

/** Posts of one product that are to be equally long, as one. */
export const postKey = (product: string, needs: number): string => `${product} ${needs}`;

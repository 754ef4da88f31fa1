export const NAME = 'Ground';

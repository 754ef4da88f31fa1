export const NAME = 'Birds';

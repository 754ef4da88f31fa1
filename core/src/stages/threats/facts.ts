export const NAME = 'Threats';

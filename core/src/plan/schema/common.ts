import { z } from 'zod';

export const id = z
  .string()
  .regex(/^[A-Za-z0-9_-]{1,40}$/, 'must be 1 to 40 letters, digits, dashes or underscores')
  .describe('Short name given when the thing is made and never used again for another.');
export const text = z
  .string()
  .max(120, 'must be at most 120 characters')
  .regex(/^[^\0]*$/, 'must not hold a null character');
export const name = text.trim().min(1, 'must not be empty');
export const length = (min: number, max: number) => z.number().min(min).max(max);
export const coordinate = z.number().min(-10000).max(10000);

export const point = z
  .strictObject({ x: coordinate, y: coordinate })
  .describe('Metres; x to the right and y up the sheet, east and north unless `ground.north` turns them.');

import { z } from 'zod';
import { LENGTHS, isTaken, textOf } from '../text';

export const id = z
  .string()
  .regex(/^[A-Za-z0-9_-]{1,40}$/, 'must be 1 to 40 letters, digits, dashes or underscores')
  .refine((given) => !isTaken(given), 'is a word that programs keep for themselves; give it another')
  .describe('Short name given when the thing is made and never used again for another.');
export const text = textOf(LENGTHS.name);
export const name = text.trim().min(1, 'must not be empty');
export const length = (min: number, max: number) => z.number().min(min).max(max);
export const coordinate = z.number().min(-10000).max(10000);

export const point = z
  .strictObject({ x: coordinate, y: coordinate })
  .describe('Metres; x to the right and y up the sheet, east and north unless `ground.north` turns them.');

/** A day on the calendar, of a year that prices can be from. */
export const day = z.iso
  .date('must be a day such as 2026-11-25')
  .refine((text) => text >= '1900-01-01' && text <= '2199-12-31', 'must be between 1900 and 2199');

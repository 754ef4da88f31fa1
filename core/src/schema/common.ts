import * as z from 'zod/mini';
import { LENGTHS, isTaken, textOf } from './text';

/** What a field means, for the JSON Schema of plan files: kept beside the schema, since a check would be run. */
export const meaning =
  (description: string) =>
  <T extends z.ZodMiniType>(schema: T): T => {
    const own = schema.clone(schema.def, { parent: true });
    z.globalRegistry.add(own, { description });
    return own;
  };

export const id = z
  .string()
  .check(
    z.regex(/^[A-Za-z0-9_-]{1,40}$/, 'must be 1 to 40 letters, digits, dashes or underscores'),
    z.refine((given) => !isTaken(given), 'is a word that programs keep for themselves; give it another'),
  )
  .apply(meaning('Short name given when the thing is made and never used again for another.'));
export const text = textOf(LENGTHS.name);
export const name = text.check(z.trim(), z.minLength(1, 'must not be empty'));
export const length = (min: number, max: number) => z.number().check(z.minimum(min), z.maximum(max));
export const coordinate = z.number().check(z.minimum(-10000), z.maximum(10000));

export const point = z
  .strictObject({ x: coordinate, y: coordinate })
  .apply(
    meaning('Metres; x to the right and y up the sheet, east and north unless `ground.north` turns them.'),
  );

/** A currency by its ISO 4217 code; `XXX` names none. */
export const currency = z
  .string()
  .check(z.regex(/^[A-Z]{3}$/, 'must be three capital letters, XXX for none'));

/** A day on the calendar, of a year that prices can be from. */
export const day = z.iso
  .date('must be a day such as 2026-11-25')
  .check(z.refine((text) => text >= '1900-01-01' && text <= '2199-12-31', 'must be between 1900 and 2199'));

export interface Bounds {
  readonly least: number;
  readonly most: number;
}

/** What a field may be at least and at most, as its schema says; undefined where it has no bounds. */
export function boundsOf(schema: z.ZodMiniType): Bounds | undefined {
  const within = (schema._zod.def as { readonly checks?: readonly z.core.$ZodCheck[] }).checks ?? [];
  const valueOf = (check: 'greater_than' | 'less_than'): number | undefined => {
    const found = within
      .map((c) => c._zod.def as { check: string; value?: number })
      .find((d) => d.check === check);
    return found?.value;
  };
  const [least, most] = [valueOf('greater_than'), valueOf('less_than')];
  return least === undefined || most === undefined ? undefined : { least, most };
}

/** A day of any year, month and day. */
export const dayOfYear = z
  .string()
  .check(z.regex(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'must be a month and a day such as 10-15'));

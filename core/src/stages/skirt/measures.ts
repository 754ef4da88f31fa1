import type * as z from 'zod/mini';
import type { Threatened } from '../threats/kinds';
import { boundsOf } from '../../schema/common';
import type { Reader } from '../../saying/makeReader';
import { KINDS, type Skirt, rowOf } from './kinds';
import { skirtWanted } from './wanted';

/** A measure of a skirt as the keeper sets it, m. */
export interface SkirtMeasure {
  readonly name: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly set: (value: number) => Skirt;
}

/** The measures that a skirt of its kind has, with what stops what is about. */
export function measuresOf(skirt: Skirt, plan: Threatened, reader: Reader): readonly SkirtMeasure[] {
  const fields = KINDS[skirt.kind].schema.def.shape as Readonly<Record<string, z.ZodMiniType>>;
  const values = skirt as unknown as Readonly<Record<string, number>>;
  return rowOf(skirt).measures.map(({ field, name, stops }) => {
    const schema = fields[field];
    if (!schema) throw new RangeError(`${skirt.kind} has no ${field}`);
    return {
      name: stops ? `${name}; ${reader.length(skirtWanted(plan, stops))} stops what is about` : name,
      value: values[field] ?? 0,
      ...boundsOf(schema),
      set: (value) => ({ ...skirt, [field]: value }),
    };
  });
}

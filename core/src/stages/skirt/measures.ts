import type { Threatened } from '../threats/plan/kinds';
import { boundsAt } from '../../plan/bounds';
import type { Reader } from '../../saying/makeReader';
import { type Skirt, rowOf } from './plan/kinds';
import { skirtWanted } from './plan/wanted';

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
  const values = skirt as unknown as Readonly<Record<string, number>>;
  return rowOf(skirt).measures.map(({ field, name, stops }) => ({
    name: stops ? `${name}; ${reader.length(skirtWanted(plan, stops))} stops what is about` : name,
    value: values[field] ?? 0,
    ...boundsAt(`choices.plan.skirt.${skirt.kind}.${field}`),
    set: (value) => ({ ...skirt, [field]: value }),
  }));
}

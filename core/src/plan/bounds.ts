import type * as z from 'zod/mini';
import { type Bounds, boundsOf } from '../schema/common';
import { planShape } from './schema';

type Def = {
  readonly type: string;
  readonly shape?: Readonly<Record<string, z.ZodMiniType>>;
  readonly innerType?: z.ZodMiniType;
  readonly element?: z.ZodMiniType;
  readonly valueType?: z.ZodMiniType;
  readonly options?: readonly z.ZodMiniType[];
  readonly values?: readonly unknown[];
};
const defOf = (schema: z.ZodMiniType): Def => schema._zod.def;

/** What is meant, without what fills it in, lets it be left out, or makes a list of it. */
function bare(schema: z.ZodMiniType): z.ZodMiniType {
  const { innerType, element } = defOf(schema);
  const within = innerType ?? element;
  return within ? bare(within) : schema;
}

const kindOf = (schema: z.ZodMiniType): unknown => {
  const kind = defOf(schema).shape?.kind;
  return kind && defOf(kind).values?.[0];
};

function step(schema: z.ZodMiniType, name: string): z.ZodMiniType | undefined {
  const { shape, options, valueType } = defOf(schema);
  // Of a record every value is alike.
  if (valueType) return step(bare(valueType), name);
  if (options) return options.find((option) => kindOf(option) === name);
  const field = shape?.[name];
  return field && bare(field);
}

/**
 * What a field of the plan document may be at least and at most: the screens' fields ask here.
 *
 * @param path  names from the document in, such as `ground.trees.trunk`; of things of several kinds, the kind: `openings.gate.gap`; of a record, the name of a value’s field
 * @throws RangeError where there is no such field, or it has no bounds
 */
export function boundsAt(path: string): Bounds {
  const field = path
    .split('.')
    .reduce<z.ZodMiniType | undefined>((at, name) => at && step(at, name), planShape);
  if (!field) throw new RangeError(`no field ${path} in the plan document`);
  const bounds = boundsOf(field);
  if (!bounds) throw new RangeError(`${path} has no bounds`);
  return bounds;
}

/** Every field of the plan document that has bounds, by its path: least and most. */
export function everyBound(): Readonly<Record<string, readonly [number, number]>> {
  const found: Record<string, readonly [number, number]> = {};
  const visit = (schema: z.ZodMiniType, path: readonly string[]): void => {
    const { shape, options, valueType } = defOf(schema);
    if (valueType) return visit(bare(valueType), path);
    for (const option of options ?? []) {
      const kind = kindOf(bare(option));
      if (typeof kind === 'string') visit(bare(option), [...path, kind]);
    }
    for (const [name, field] of Object.entries(shape ?? {})) visit(bare(field), [...path, name]);
    const bounds = shape || options ? undefined : boundsOf(schema);
    if (bounds) found[path.join('.')] = [bounds.least, bounds.most];
  };
  visit(planShape, []);
  return found;
}

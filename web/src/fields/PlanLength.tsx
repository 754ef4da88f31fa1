import { boundsAt } from '@aviarum/core';
import type { ComponentProps } from 'react';
import { LengthField } from './LengthField';

type Props = Omit<ComponentProps<typeof LengthField>, 'least' | 'most'> & {
  /** Its path in the plan document, such as `ground.trees.trunk`: what the schema says there bounds it. */
  readonly of: string;
};

/** A length of the plan document. */
export const PlanLength = ({ of, ...field }: Props) => <LengthField {...boundsAt(of)} {...field} />;

type Lengths<T> = { readonly [K in keyof T as T[K] extends number ? K : never]?: string };

/** Lengths of one thing of the plan document by their names, a field each. `of` is the path of such things. */
export function Measures<T extends object>({
  of,
  thing,
  names,
  kind = 'length',
  onSet,
}: {
  of: string;
  kind?: Props['kind'];
  thing: T;
  names: Lengths<T>;
  onSet: (to: Partial<T>) => void;
}) {
  return (Object.entries(names) as [keyof T & string, string][]).map(([key, name]) => (
    <PlanLength
      key={key}
      of={`${of}.${key}`}
      name={name}
      kind={kind}
      value={thing[key] as number}
      onCommit={(length) => onSet({ [key]: length } as unknown as Partial<T>)}
    />
  ));
}

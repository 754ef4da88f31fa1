/** A name for a value of one type. Its type is written, never inferred: that keeps the table of steps free of circles of types. */
export interface Key<T> {
  readonly id: string;
  /** Only for the checker: no such field exists. */
  readonly of?: T;
}
export const key = <T>(id: string): Key<T> => ({ id });

/** What several steps add to: read as one list, in the order of the table. */
export interface Slot<T> extends Key<readonly T[]> {
  readonly each: true;
}
export const slot = <T>(id: string): Slot<T> => ({ id, each: true });

export const isSlot = (of: Key<unknown>): of is Slot<unknown> => (of as Partial<Slot<unknown>>).each === true;

export type Needs = Readonly<Record<string, Key<unknown>>>;
type Values<N> = { readonly [K in keyof N]: N[K] extends Key<infer T> ? T : never };

/** A value that stands for what would be made of a key. */
export interface GivenValue {
  readonly key: Key<unknown>;
  readonly value: unknown;
}
export type Given = readonly GivenValue[];
export const give = <T>(of: Key<T>, value: T): GivenValue => ({ key: of, value });

/** The same table run again beside itself, with some values given. */
export interface Variant {
  /** Told apart by: a variant of the same name finds its answers of before. */
  readonly name: string;
  readonly given: Given;
}

/** A step with its types forgotten: what the engine runs. */
export interface AnyStep {
  readonly makes: Key<unknown>;
  readonly needs: Needs;
  readonly work: (inputs: never) => unknown;
  /** What to go on with: the answer before where the new one says the same, or the new one with what it shares. */
  readonly keep?: (before: never, after: never) => unknown;
  /** Where set, `work` gives variants, and the answer is what each of them makes of this key. */
  readonly takes?: Key<unknown>;
}

/** One result, worked out from just the inputs that it names: `work` can reach no others. */
export function step<T, const N extends Needs>(
  makes: Key<T>,
  needs: N,
  work: (inputs: Values<N>) => NoInfer<T>,
  keep?: (before: NoInfer<T>, after: NoInfer<T>) => NoInfer<T>,
): AnyStep {
  return {
    makes,
    needs,
    work: work,
    ...(keep && { keep: keep }),
  };
}

/** Adds to a slot. */
export function adds<T, const N extends Needs>(
  to: Slot<T>,
  needs: N,
  work: (inputs: Values<N>) => readonly NoInfer<T>[],
): AnyStep {
  return { makes: to, needs, work: work };
}

/** What each of some variants makes of a key, in their order. */
export function variants<T, const N extends Needs>(
  makes: Key<readonly T[]>,
  needs: N,
  takes: Key<T>,
  work: (inputs: Values<N>) => readonly Variant[],
): AnyStep {
  return { makes, needs, work: work, takes };
}

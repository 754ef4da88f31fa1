import { type AnyStep, type Key, isSlot } from './step';

/** A step with its needs by number, as it is run. */
export interface Row {
  readonly step: AnyStep;
  readonly names: readonly string[];
  readonly needs: readonly number[];
}

/** All steps, each key by its number. */
export interface Table {
  readonly keys: readonly Key<unknown>[];
  readonly numbers: ReadonlyMap<string, number>;
  /** By the number of a key, what makes it: none where it is given, several where it is a slot. */
  readonly makers: readonly (readonly Row[])[];
  /** Which keys follow from some others, by number: what does not is the same whatever those are given. */
  readonly following: (of: readonly Key<unknown>[]) => readonly boolean[];
}

/** By the ids of the keys, each worked out once. */
function followingOf(
  makers: readonly (readonly Row[])[],
  numbers: ReadonlyMap<string, number>,
): Table['following'] {
  const known = new Map<string, readonly boolean[]>();
  return (of) => {
    const name = of.map((key) => key.id).join();
    const before = known.get(name);
    if (before) return before;
    const follows: (boolean | undefined)[] = makers.map(() => undefined);
    for (const { id } of of) follows[numbers.get(id) ?? -1] = true;
    const look = (number: number): boolean => {
      const known = follows[number];
      if (known !== undefined) return known;
      const rows = makers[number] ?? [];
      const found = rows.some(({ needs, step }) => {
        const variantOf = step.takes ? [numbers.get(step.takes.id) ?? -1] : [];
        return [...needs, ...variantOf].some(look);
      });
      follows[number] = found;
      return found;
    };
    const all = makers.map((_, number) => look(number));
    known.set(name, all);
    return all;
  };
}

/** @throws Error naming the steps that need each other in turn */
function refuseCircles(makers: readonly (readonly Row[])[], keys: readonly Key<unknown>[], numbers: Numbers) {
  const sound = new Set<number>();
  const visit = (number: number, path: readonly number[]): void => {
    if (path.includes(number)) {
      const circle = [...path.slice(path.indexOf(number)), number].map((n) => keys[n]?.id);
      throw new Error(`a circle: ${circle.join(' needs ')}`);
    }
    if (sound.has(number)) return;
    for (const { needs, step } of makers[number] ?? []) {
      const variantOf = step.takes ? [numbers.get(step.takes.id) ?? -1] : [];
      for (const need of [...needs, ...variantOf]) visit(need, [...path, number]);
    }
    sound.add(number);
  };
  keys.forEach((_, number) => visit(number, []));
}

type Numbers = ReadonlyMap<string, number>;

/**
 * Checks steps and lays them out to be run.
 *
 * @param given  keys that no step makes, but whoever runs it gives
 * @throws Error that names a circle, a key that nothing makes, or one that two steps make
 */
export function tableOf(steps: readonly AnyStep[], given: readonly Key<unknown>[]): Table {
  const keys: Key<unknown>[] = [];
  const numbers = new Map<string, number>();
  const numberOf = (of: Key<unknown>): number => {
    const known = numbers.get(of.id);
    if (known !== undefined) return known;
    keys.push(of);
    numbers.set(of.id, keys.length - 1);
    return keys.length - 1;
  };
  const makers = new Map<number, Row[]>();
  for (const step of steps) {
    const number = numberOf(step.makes);
    const before = makers.get(number) ?? [];
    if (before.length > 0 && !isSlot(step.makes)) throw new Error(`two steps make ${step.makes.id}`);
    const row = { step, names: Object.keys(step.needs), needs: Object.values(step.needs).map(numberOf) };
    makers.set(number, [...before, row]);
    if (step.takes) numberOf(step.takes);
  }
  const known = new Set(given.map((of) => of.id));
  for (const { step } of [...makers.values()].flat()) {
    for (const need of [...Object.values(step.needs), ...(step.takes ? [step.takes] : [])]) {
      const made = makers.has(numberOf(need)) || known.has(need.id) || isSlot(need);
      if (!made) throw new Error(`${step.makes.id} needs ${need.id}, which nothing makes`);
    }
  }
  given.forEach(numberOf);
  const rows = keys.map((_, number) => makers.get(number) ?? []);
  refuseCircles(rows, keys, numbers);
  return { keys, numbers, makers: rows, following: followingOf(rows, numbers) };
}

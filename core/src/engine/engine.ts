import { type AnyStep, type Given, type Key, type Variant, isSlot } from './step';
import type { Row, Table } from './table';

/** What a step made the last time, and from what. */
interface Made {
  readonly from: readonly unknown[];
  readonly value: unknown;
}
/** What answers are remembered by: a step; of a slot, which is joined from its steps, its key. */
type Source = AnyStep | Key<unknown>;
type Memory = Map<Source, Made>;

/** Makes any key, working out only what it asks for. */
export type Read = <T>(of: Key<T>) => T;

/**
 * Runs the steps of tables: lazily, each from just the inputs that it names. An answer is remembered by exactly those, one for each step, whichever
 * table it stands in, so that the engine's memory only saves work: what it reads is a pure function of table and what is given.
 */
export interface Engine {
  /** @param given  values of keys: whatever a step would make of one of them is not made */
  run(table: Table, given: Given): Read;
  /** Reads this one's memory and keeps its own: what it works out does not push this one's answers out. */
  fork(): Engine;
}

const sameInputs = (a: readonly unknown[], b: readonly unknown[]): boolean => {
  for (let i = 0; i < a.length; i++) if (!Object.is(a[i], b[i])) return false;
  return a.length === b.length;
};

/** What a variant is read beside. */
interface Outer {
  readonly read: (number: number) => unknown;
  /** By number, the keys that follow from what the variant is given besides. */
  readonly follows: readonly boolean[];
}

/** One reading of a table. */
interface Pass {
  readonly table: Table;
  readonly given: Given;
  readonly read: Outer['read'];
}

const NOTHING: readonly never[] = [];
const NOT_READ = Symbol('not read yet');

class Running implements Engine {
  private readonly own: Memory = new Map();
  /** Engines of variants, by step and name. */
  private readonly beside = new Map<AnyStep, ReadonlyMap<string, Running>>();

  constructor(private readonly base: Running | null) {}

  fork(): Engine {
    return new Running(this);
  }

  /** The last answer of a step, in this memory or in one that it was forked from, if it was made from just these. */
  private known(of: Source, from: readonly unknown[]): Made | undefined {
    const made = this.own.get(of);
    if (made && sameInputs(made.from, from)) return made;
    return this.base?.known(of, from);
  }

  private last(of: Source): Made | undefined {
    return this.own.get(of) ?? this.base?.last(of);
  }

  private remember(of: Source, from: readonly unknown[], made: () => unknown): unknown {
    const known = this.known(of, from);
    if (known) {
      this.own.set(of, known);
      return known.value;
    }
    const value = made();
    this.own.set(of, { from, value });
    return value;
  }

  run(table: Table, given: Given): Read {
    const read = this.reading(table, given, null);
    const { numbers } = table;
    return <T>(of: Key<T>): T => {
      const number = numbers.get(of.id);
      if (number !== undefined) return read(number) as T;
      // Nothing of this table adds to it.
      if (isSlot(of)) return NOTHING as T;
      throw new RangeError(`${of.id} is in no table`);
    };
  }

  /** @param outer  of which this is a variant: what does not follow from what it is given besides is read there */
  private reading(table: Table, given: Given, outer: Outer | null): (number: number) => unknown {
    const { keys, numbers, makers } = table;
    const values: unknown[] = keys.map(() => NOT_READ);
    for (const { key, value } of given) {
      const number = numbers.get(key.id);
      if (number !== undefined) values[number] = value;
    }
    // Loops written out: a preview reads hundreds of keys to find that nothing of them is new.
    const made = (row: Row): unknown => {
      const { needs } = row;
      const from = new Array<unknown>(needs.length);
      for (let i = 0; i < needs.length; i++) from[i] = read(needs[i] ?? -1);
      return this.make(row, from, { table, given, read });
    };
    const read = (number: number): unknown => {
      const known = values[number];
      if (known !== NOT_READ) return known;
      if (outer && !outer.follows[number]) return (values[number] = outer.read(number));
      const rows = makers[number] ?? [];
      const of = keys[number];
      const [only] = rows;
      let value: unknown;
      if (only && rows.length === 1 && of && !isSlot(of)) value = made(only);
      else if (of) {
        const parts = rows.map(made);
        value = this.remember(of, parts, () => parts.flat());
      }
      values[number] = value;
      return value;
    };
    return read;
  }

  private make({ step, names }: Row, from: readonly unknown[], pass: Pass): unknown {
    const work = () => {
      const inputs: Record<string, unknown> = {};
      names.forEach((name, i) => (inputs[name] = from[i]));
      return step.work(inputs as never);
    };
    if (step.takes) return this.takeEach(step, work() as readonly Variant[], step.takes, pass);
    return this.remember(step, from, () => {
      const value = work();
      const { keep } = step;
      const before = keep && this.last(step);
      return before ? keep(before.value as never, value as never) : value;
    });
  }

  /** A new engine for a variant: beside a fork it reads what the variant of the same name made beside its base. */
  private besideBase(step: AnyStep, name: string): Running {
    for (let { base } = this; base; base = base.base) {
      const known = base.beside.get(step)?.get(name);
      if (known) return new Running(known);
    }
    return new Running(this);
  }

  /** What each variant makes of a key: looked at each time, since it may need more than the step that asks for it. */
  private takeEach(
    step: AnyStep,
    all: readonly Variant[],
    takes: Key<unknown>,
    { table, given, read }: Pass,
  ): unknown {
    const before = this.beside.get(step);
    const engines = new Map(all.map(({ name }) => [name, before?.get(name) ?? this.besideBase(step, name)]));
    this.beside.set(step, engines);
    const number = table.numbers.get(takes.id) ?? -1;
    const answers = all.map((variant) => {
      const outer = { read, follows: table.following(variant.given.map(({ key }) => key)) };
      return engines.get(variant.name)?.reading(table, [...given, ...variant.given], outer)(number);
    });
    return this.remember(step, answers, () => answers);
  }
}

/** An engine with an empty memory. */
export const makeEngine = (): Engine => new Running(null);

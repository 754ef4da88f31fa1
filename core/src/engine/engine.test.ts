import { describe, expect, test } from '@jest/globals';
import { makeEngine } from './engine';
import { layOver, mapOver } from './layOver';
import { adds, give, key, slot, step, variants } from './step';
import { tableOf } from './table';

const A = key<number>('a');
const B = key<number>('b');
const SUM = key<number>('sum');
const ROUGH = key<number>('rough');
const SAID = key<string>('said');
const ALL = slot<number>('all');
const EACH = key<readonly string[]>('each');

/** Steps that count how often they work. */
function counted() {
  const worked: string[] = [];
  const did = <T>(name: string, value: T): T => {
    worked.push(name);
    return value;
  };
  const steps = [
    step(SUM, { a: A, b: B }, ({ a, b }) => did('sum', a + b)),
    step(ROUGH, { sum: SUM }, ({ sum }) => did('rough', Math.round(sum / 10))),
    step(SAID, { rough: ROUGH }, ({ rough }) => did('said', `about ${rough}`)),
    adds(ALL, { a: A }, ({ a }) => did('first', [a])),
    adds(ALL, { b: B }, ({ b }) => did('second', [b, b])),
  ];
  return { worked, table: tableOf(steps, [A, B]) };
}
const given = (a: number, b: number) => [give(A, a), give(B, b)];

describe('an engine', () => {
  test('works out only what is asked for, and that once', () => {
    const { worked, table } = counted();
    const read = makeEngine().run(table, given(20, 12));
    expect([read(ROUGH), read(ROUGH)]).toEqual([3, 3]);
    expect(worked).toEqual(['sum', 'rough']);
  });
  test('lets what follows rest where an answer says the same', () => {
    const { worked, table } = counted();
    const engine = makeEngine();
    engine.run(table, given(20, 12))(SAID);
    worked.length = 0;
    expect(engine.run(table, given(21, 12))(SAID)).toBe('about 3');
    expect(worked).toEqual(['sum', 'rough']);
  });
  test('reads a list that no step adds to as an empty one, and nothing else that is in no table', () => {
    const read = makeEngine().run(counted().table, given(1, 2));
    expect(read(slot('others'))).toEqual([]);
    expect(() => read(key('other'))).toThrow('other is in no table');
  });
  test('remembers by steps, whichever table they stand in', () => {
    const { worked, table } = counted();
    const [sum] = [...table.makers.flat()].map(({ step: one }) => one);
    if (!sum) throw new Error('the table is empty');
    const engine = makeEngine();
    engine.run(table, given(1, 2))(SUM);
    expect(engine.run(tableOf([sum], [A, B]), given(1, 2))(SUM)).toBe(3);
    expect(worked).toEqual(['sum']);
  });
  test('remembers the last answer alone', () => {
    const { worked, table } = counted();
    const engine = makeEngine();
    for (const a of [1, 2, 1]) engine.run(table, given(a, 0))(SUM);
    expect(worked).toEqual(['sum', 'sum', 'sum']);
  });
  test('joins a slot in the order of its steps, and keeps it while its parts are kept', () => {
    const { worked, table } = counted();
    const engine = makeEngine();
    const all = engine.run(table, given(1, 2))(ALL);
    expect(all).toEqual([1, 2, 2]);
    worked.length = 0;
    expect(engine.run(table, given(1, 2))(ALL)).toBe(all);
    expect(engine.run(table, given(3, 2))(ALL)).toEqual([3, 2, 2]);
    expect(worked).toEqual(['first']);
  });
  test('takes a value that is given instead of making it', () => {
    const { worked, table } = counted();
    expect(makeEngine().run(table, [...given(1, 2), give(SUM, 90)])(ROUGH)).toBe(9);
    expect(worked).toEqual(['rough']);
  });
  test('forked, reads the memory it was forked from and leaves it alone', () => {
    const { worked, table } = counted();
    const engine = makeEngine();
    engine.run(table, given(1, 2))(SUM);
    const fork = engine.fork();
    worked.length = 0;
    expect(fork.run(table, given(1, 2))(SUM)).toBe(3);
    expect(worked).toEqual([]);
    expect(fork.run(table, given(5, 2))(SUM)).toBe(7);
    expect(engine.run(table, given(1, 2))(SUM)).toBe(3);
    expect(worked).toEqual(['sum']);
  });
  test('runs the same table beside itself for each variant, and keeps what all of them say', () => {
    const { table } = (() => {
      const steps = [
        step(SUM, { a: A, b: B }, ({ a, b }) => a + b),
        step(SAID, { sum: SUM }, ({ sum }) => `makes ${sum}`),
        variants(EACH, { b: B }, SAID, ({ b }) =>
          [1, 2].map((a) => ({ name: `${a}`, given: [give(A, a + b)] })),
        ),
      ];
      return { table: tableOf(steps, [A, B]) };
    })();
    const engine = makeEngine();
    const each = engine.run(table, given(100, 10))(EACH);
    expect(each).toEqual(['makes 21', 'makes 22']);
    expect(engine.run(table, given(200, 10))(EACH)).toBe(each);
    expect(engine.run(table, given(200, 20))(EACH)).toEqual(['makes 41', 'makes 42']);
  });
});

describe('a table of steps', () => {
  const half = step(SUM, { a: A }, ({ a }) => a / 2);
  test('refuses a circle, and names it', () => {
    const back = step(A, { said: SAID }, ({ said }) => said.length);
    const say = step(SAID, { sum: SUM }, String);
    expect(() => tableOf([half, back, say], [])).toThrow('a circle: sum needs a needs said needs sum');
  });
  test('refuses a step that needs itself through its variants', () => {
    const self = variants(EACH, { a: A }, SAID, () => []);
    const sum = step(SAID, { each: EACH }, ({ each }) => each.join());
    expect(() => tableOf([self, sum], [A])).toThrow('a circle');
  });
  test('refuses a need that nothing makes', () => {
    expect(() => tableOf([half], [])).toThrow('sum needs a, which nothing makes');
  });
  test('refuses a second maker', () => {
    expect(() => tableOf([half, half], [A])).toThrow('two steps make sum');
  });
});

describe('a document laid over the one before', () => {
  const before = {
    id: 'x',
    list: [
      { id: 'a', at: { x: 1 } },
      { id: 'b', at: { x: 2 } },
    ],
    tags: ['p', 'q'],
  };
  test('is the one before where all of it says the same', () => {
    expect(layOver(before, structuredClone(before))).toBe(before);
  });
  test('shares what is equal, found by its id wherever it stands', () => {
    const after = {
      ...structuredClone(before),
      list: [{ id: 'n', at: { x: 0 } }, ...structuredClone(before.list)],
    };
    const laid = layOver(before, after);
    expect(laid).toEqual(after);
    expect(laid.list[1]).toBe(before.list[0]);
    expect(laid.list[2]).toBe(before.list[1]);
    expect(laid.tags).toBe(before.tags);
  });
  test('has no more and no fewer fields than it was given', () => {
    expect(layOver({ a: 1, b: 2 }, { a: 1 })).toEqual({ a: 1 });
    expect(layOver({ a: 1 }, { a: 1, b: undefined })).toEqual({ a: 1, b: undefined });
    expect(Object.keys(layOver({ a: 1 }, { a: 1, b: undefined }))).toEqual(['a', 'b']);
  });
  test('a map is kept entry by entry', () => {
    const [one, two] = [{}, {}];
    const map = new Map([
      [one, { n: 1 }],
      [two, { n: 2 }],
    ]);
    expect(
      mapOver(
        map,
        new Map([
          [one, { n: 1 }],
          [two, { n: 2 }],
        ]),
      ),
    ).toBe(map);
    const changed = mapOver(
      map,
      new Map([
        [one, { n: 1 }],
        [two, { n: 3 }],
      ]),
    );
    expect(changed.get(one)).toBe(map.get(one));
    expect(changed.get(two)).toEqual({ n: 3 });
  });
});

import { describe, expect, test } from '@jest/globals';
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { readPlan, reckon, writePlan } from '../src/index';

const FOLDER = path.resolve(import.meta.dirname, '../fixtures/plans');

/** Every file that says something else than what was read of it, by its path. */
function changed(said: unknown, read: unknown, at = ''): readonly string[] {
  if (typeof said !== 'object' || said === null) return Object.is(said, read) ? [] : [at];
  if (typeof read !== 'object' || read === null) return [at];
  if (Array.isArray(said) && (!Array.isArray(read) || said.length !== read.length)) return [at];
  return Object.entries(said).flatMap(([name, value]) =>
    changed(value, (read as Readonly<Record<string, unknown>>)[name], `${at}/${name}`),
  );
}

/** The demo plans as each version wrote them: kept for good, one more with each change of what a plan can say. */
describe.each(readdirSync(FOLDER))('%s, as an older version wrote it', (file) => {
  const text = readFileSync(path.join(FOLDER, file), 'utf8');
  const read = readPlan(text);
  test('is read, and nothing that it says is read otherwise', () => {
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    // The version alone is another: the next one writes its own.
    expect(changed(JSON.parse(text), read.plan).filter((at) => at !== '/formatVersion')).toEqual([]);
  });
  test('costs the same, written anew and read again', () => {
    if (!read.ok) throw new Error('not read');
    const again = readPlan(writePlan(read.plan));
    if (!again.ok) throw new Error('not read again');
    expect(again.plan).toEqual(read.plan);
    const [before, after] = [reckon(read.plan), reckon(again.plan)];
    expect(before.docket.complete).toBe(true);
    expect(after.docket.total).toBe(before.docket.total);
    expect(after.figures).toEqual(before.figures);
  });
});

test('what is read otherwise is found', () => {
  const said = { a: 1, b: [{ c: 2 }] };
  expect(changed(said, { a: 1, b: [{ c: 2, d: 3 }], e: 4 })).toEqual([]);
  expect(changed(said, { a: 1, b: [{ c: 3 }] })).toEqual(['/b/0/c']);
  expect(changed(said, { a: 1, b: [] })).toEqual(['/b']);
});

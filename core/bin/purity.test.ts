import { expect, test } from '@jest/globals';
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';

const ROOT = path.resolve(import.meta.dirname, '../src');

const sources = readdirSync(ROOT, { recursive: true, encoding: 'utf8' }).filter(
  (file) => file.endsWith('.ts') && !/\.test\.ts$|^testing\//.test(file),
);

/** What a module could remember in from one call to the next: a binding that is set again, or an empty collection at its top. */
const REMEMBERS = /^(?:export )?(?:let |const \w+(?::[^=]+)? = new (?:Weak)?(?:Map|Set)(?:<.*>)?\(\);?$)/m;

test('no module of core remembers anything from one call to the next', () => {
  expect(sources.length).toBeGreaterThan(150);
  const remembering = sources.filter((file) => REMEMBERS.test(readFileSync(path.join(ROOT, file), 'utf8')));
  expect(remembering).toEqual([]);
});
test('a module that does is found', () => {
  for (const memory of [
    'let last: Plan | undefined;',
    'const known = new Map<string, Plan>();',
    'const seen = new WeakMap();',
  ])
    expect(memory).toMatch(REMEMBERS);
  expect('  const known = new Map<string, Plan>();').not.toMatch(REMEMBERS);
  expect("const KINDS = new Set(['a']);").not.toMatch(REMEMBERS);
});

import { expect, test } from '@jest/globals';
import { firstDifference } from './plainly';

const shared = { depth: 0.6 };

test.each<[string, unknown, unknown, string | null]>([
  [
    'the same, however deep',
    { a: [1, { b: new Map([['x', shared]]) }] },
    { a: [1, { b: new Map([['x', { depth: 0.6 }]]) }] },
    null,
  ],
  ['a figure in a list', { posts: [1, 2] }, { posts: [1, 3] }, '/posts/1: 2 and 3'],
  ['a list that is shorter', { posts: [1, 2] }, { posts: [1] }, '/posts: 2 and 1 entries'],
  ['a list and what is none', { posts: [] }, { posts: {} }, '/posts: a list and what is none'],
  ['a name on one side only', { a: 1 }, { b: 1 }, '/a is on one side only'],
  [
    'what a map holds',
    new Map([['x', shared]]),
    new Map([['x', { depth: 0.75 }]]),
    '/0/1/depth: 0.6 and 0.75',
  ],
  ['nothing and no number', { a: null }, { a: NaN }, '/a: null and NaN'],
])('%s', (_, a, b, found) => {
  expect(firstDifference(a, b)).toBe(found);
});

test('one value against two others is compared with each', () => {
  const of = { a: shared, b: shared };
  expect(firstDifference(of, { a: { depth: 0.6 }, b: { depth: 0.75 } })).toBe('/b/depth: 0.6 and 0.75');
});

test('what holds itself is compared once', () => {
  const ring = (depth: number) => {
    const made: Record<string, unknown> = { depth };
    made.next = made;
    return made;
  };
  expect(firstDifference(ring(1), ring(1))).toBeNull();
  expect(firstDifference(ring(1), ring(2))).toBe('/depth: 1 and 2');
});

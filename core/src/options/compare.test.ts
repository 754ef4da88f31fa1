import { expect, test } from '@jest/globals';
import { DEMO_PLANS } from '../plan/samples';
import type { Plan } from '../plan/schema';
import { WHOLE_PLAN } from '../plan/scope';
import { apply } from '../plan/changes/apply';
import { choicesApart, linesApart } from './compare';
import { propose } from '../starts';
import { reckon } from '../reckon';

const plan = propose({ id: 'p', name: 'Run', units: 'metric', flock: [], start: 'house', sizes: {} });

test('a plan and itself differ in nothing', () => {
  for (const one of [plan, ...DEMO_PLANS]) {
    expect(choicesApart(one, one)).toEqual([]);
    const { lines } = reckon(one).docket;
    expect(linesApart(lines, lines)).toEqual([]);
  }
});
test('another way to hang the mesh is that choice apart and no other, either way round', () => {
  const other = apply(plan, {
    verb: 'set-band',
    scope: WHOLE_PLAN,
    id: 'high',
    to: { mesh: 'welded-25' },
  });
  const [found, ...more] = choicesApart(plan, other);
  expect(more).toEqual([]);
  expect(found?.stage).toBe('walls');
  expect(choicesApart(other, plan)).toEqual([{ ...found, a: found?.b, b: found?.a }]);
});
test('a question that only one of them asks has no answer in the other', () => {
  const bare = apply(plan, { verb: 'set-skirt', scope: WHOLE_PLAN, skirt: { kind: 'none' } });
  const found = choicesApart(plan, bare);
  expect(found.map((c) => c.stage)).toContain('skirt');
  expect(found.some((c) => c.a !== null && c.b === null)).toBe(true);
});
test('the same choices in feet and in metres are the same', () => {
  expect(choicesApart(plan, apply(plan, { verb: 'set-units', units: 'imperial' }))).toEqual([]);
});
test('the lines apart make up the whole difference in price before tax', () => {
  const other: Plan = apply(plan, { verb: 'set-spacing', scope: WHOLE_PLAN, spacing: 1.2 });
  const [a, b] = [reckon(plan).docket, reckon(other).docket];
  const apart = linesApart(a.lines, b.lines);
  const sum = (lines: readonly { readonly price: number | null }[]) =>
    lines.reduce((total, l) => total + (l.price ?? 0), 0);
  const difference = apart.reduce((total, l) => total + (l.b?.price ?? 0) - (l.a?.price ?? 0), 0);
  expect(difference).toBe(sum(b.lines) - sum(a.lines));
  expect(apart.length).toBeGreaterThan(0);
  expect(apart.length).toBeLessThan(a.lines.length);
});

import { describe, expect, test } from '@jest/globals';
import { type ListedPlan, apply, reckon } from '@aviarum/core';
import { inOrder } from '../drawer/order';
import { view } from '../workers/view';
import { atYards, leftOf } from '../yard/bought';
import { FIRST_ASKED, answerOf, readAsked } from './asked';

describe('what is asked on the first page', () => {
  test('feet are feet: 20 is 20 ft, 6.096 m', () => {
    const asked = {
      ...FIRST_ASKED,
      start: 'alone',
      units: 'imperial',
      sizes: { width: '20', depth: "20'" },
    } as const;
    const { plan, wrong } = answerOf(asked, 'p1');
    expect(wrong).toEqual({});
    expect(Math.max(...(plan?.corners ?? []).map((c) => c.x))).toBeCloseTo(6.096, 9);
  });
  test('a field that is wrong says what belongs there, and no plan comes of it', () => {
    const { plan, wrong } = answerOf({ ...FIRST_ASKED, count: '2.5', sizes: { house: '0.1' } }, 'p1');
    expect(plan).toBeNull();
    expect(wrong.count).toContain('whole number');
    expect(wrong.house).toContain('between 0.30 m and 100.00 m');
  });
  test('a length of another start is not looked at', () => {
    expect(answerOf({ ...FIRST_ASKED, sizes: { eave: 'high' } }, 'p1').wrong).toEqual({});
  });
  test.each([undefined, null, 7, [], { start: 'castle', count: 3, sizes: { house: {}, moat: '9' } }])(
    'what was kept as %j is read as far as it means something',
    (kept) => expect(readAsked(kept)).toEqual(FIRST_ASKED),
  );
  test('what was typed comes back as it was', () => {
    const asked = {
      ...FIRST_ASKED,
      start: 'roof',
      count: '11',
      units: 'imperial',
      sizes: { eave: '6' },
    } as const;
    expect(readAsked(JSON.parse(JSON.stringify(asked)))).toEqual(asked);
  });
});

describe('the drawer', () => {
  const listed = (id: string, name: string, savedAt: string, worst?: string): ListedPlan => ({
    id,
    name,
    savedAt,
    saveNumber: 1,
    card: {
      runs: [],
      area: 1,
      fence: 1,
      price: null,
      currency: 'XXX',
      asOf: '2026-11-25',
      sums: 1,
      ...(worst === undefined ? {} : { worst }),
    },
  });
  const list = [
    listed('a', 'Plan 10', '2026-11-01'),
    listed('b', 'Plan 9', '2026-11-03', 'Rat gets through'),
    listed('c', 'Barn', '2026-11-02'),
  ];
  const ids = (...given: Parameters<typeof inOrder>) => inOrder(...given).map((p) => p.id);
  test('is in order as asked, numbers by their size', () => {
    expect(ids(list, 'saved', '')).toEqual(['b', 'c', 'a']);
    expect(ids(list, 'name', '')).toEqual(['c', 'b', 'a']);
    expect(ids(list, 'worst', '')).toEqual(['b', 'c', 'a']);
  });
  test('finds by words of name and matter, in any order', () => {
    expect(ids(list, 'saved', 'RAT plan')).toEqual(['b']);
    expect(ids(list, 'saved', 'cow')).toEqual([]);
  });
});

describe('ticked at the yard', () => {
  const { plan } = answerOf({ ...FIRST_ASKED, count: '8' }, 'p1');
  if (!plan) throw new Error('the first answer is a plan');
  const reckoned = view(reckon(plan));
  const toBuy = atYards(reckoned.docket.lines).flatMap((y) => y.list);
  test('what is bought at the yards is the docket before delivery and tax', () => {
    const goods = reckoned.docket.yards.reduce((sum, y) => sum + y.goods, 0);
    expect(toBuy.reduce((sum, b) => sum + (b.price ?? 0), 0)).toBe(goods);
  });
  test('nothing is left over before a line is ticked, and of that line alone after', () => {
    expect(leftOf(plan, reckoned)).toEqual([]);
    const roll = toBuy.find((b) => b.line.detail.kind === 'roll' && b.line.left >= 0.3);
    if (!roll) throw new Error('no roll is left over');
    const ticked = apply(plan, { verb: 'tick-bought', line: roll.tick, done: 'yes' });
    const left = leftOf(ticked, reckoned);
    expect(new Set(left.map((s) => s.product))).toEqual(new Set([roll.line.product]));
    const ends = left.reduce((sum, s) => sum + ('length' in s ? s.length * s.count : 0), 0);
    // Of each roll bought an end under 0.30 m may be scrap, and nothing else is missing.
    const rolls = roll.line.units.reduce((sum, u) => sum + u.count, 0);
    expect(ends).toBeLessThanOrEqual(roll.line.left + 1e-3);
    expect(ends).toBeGreaterThan(roll.line.left - 0.3 * rolls);
  });
});

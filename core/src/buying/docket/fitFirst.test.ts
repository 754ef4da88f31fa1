import { describe, expect, test } from '@jest/globals';
import type { OwnOffer } from '../../catalogue/own';
import type { Plan } from '../../plan/schema';
import { reckon } from '../../reckon';
import { EDITIONS } from '../../catalogue';
import { aRun } from '../../testing/aRun';
import { buyingAt } from '../../testing/buying';

const LATEST = '2026-11-25b';
type Unpriced = OwnOffer extends infer O ? (O extends OwnOffer ? Omit<O, 'stock'> : never) : never;
const offer = (yard: string, goods: Unpriced, stock: number | null = null) => ({
  yard,
  asOf: null,
  offer: { ...goods, stock },
});

/** Both yards, with these prices over theirs. */
const at = (plan: Plan, ownPrices: Plan['buying']['ownPrices'], yards = ['far-gate', 'longacre']): Plan => ({
  ...plan,
  buying: { ...buyingAt(yards, LATEST), ownPrices },
});

/** A product of the keeper's own, so that no yard has another roll of it. */
const own = (widths: readonly number[]): Plan['buying']['ownProducts'][number] => ({
  id: 'my-mesh',
  type: 'welded',
  opening: { up: 0.05, along: 0.05 },
  wire: 0.0025,
  widths: [...widths],
  lengths: [25],
});
const roll = (width: number, price: number, length = 25) =>
  ({ kind: 'roll', product: 'my-mesh', width, length, price }) as const;
const walled = (prices: Plan['buying']['ownPrices'], top = 1.8, yards?: string[]): Plan => {
  const bands = [{ id: 'wall', mesh: 'my-mesh', top, widths: 'cheapest' as const }];
  const plan = at(aRun({ width: 6, depth: 5, choices: { bands, skirt: { kind: 'none' } } }), prices, yards);
  return { ...plan, buying: { ...plan.buying, ownProducts: [own([0.3, 0.9, 1.8])] } };
};
const codes = (plan: Plan) => reckon(plan).findings.map((f) => f.code);
const yardsOf = (plan: Plan, id: string) =>
  reckon(plan)
    .docket.lines.filter((l) => l.id.startsWith(id))
    .flatMap((l) => l.units.map((u) => u.yard));

const allRound = {
  corner: 'round-100',
  end: 'round-100',
  wall: 'round-100',
  gate: 'round-100',
  line: 'round-100',
};

describe('what can be built as meant goes before what is cheap', () => {
  test('posts too short at one yard are not taken from it, although those of the other are dear', () => {
    const bands = [{ id: 'wall', mesh: 'welded-50', top: 2.3, widths: 'cheapest' as const }];
    const run = aRun({ width: 6, depth: 5, gate: 0.9144, choices: { posts: allRound, bands } });
    // A third of 2.30 in the ground makes 3.07: one yard has 3.05 at the most, the other 3.60.
    const dear = [offer('far-gate', { kind: 'post', product: 'round-100', length: 3.6, price: 90000 })];
    expect(codes(at(run, dear, ['longacre']))).toContain('post.too-short');
    const plan = at(run, dear);
    expect(codes(plan)).not.toContain('post.too-short');
    expect(new Set(yardsOf(plan, 'post:round-100@3.6'))).toEqual(new Set(['far-gate']));
  });
  test('a wall that one yard has only narrow rolls for is bought at the other', () => {
    const plan = walled([offer('far-gate', roll(0.3, 100)), offer('longacre', roll(1.8, 90000))]);
    expect(reckon(plan).docket.lines.find((l) => l.id.startsWith('roll:my-mesh'))?.detail).toMatchObject({
      width: 1.8,
      short: 0,
    });
    expect(codes(plan)).not.toContain('band.too-tall');
    const alone = walled([offer('far-gate', roll(0.3, 100))], 1.8, ['far-gate']);
    expect(codes(alone).some((c) => c.startsWith('band.'))).toBe(true);
  });
  test('rolls that a yard does not hold are bought where there are enough', () => {
    const prices = [offer('far-gate', roll(1.8, 100), 0), offer('longacre', roll(1.8, 90000))];
    const plan = walled(prices);
    expect(new Set(yardsOf(plan, 'roll:my-mesh'))).toEqual(new Set(['longacre']));
    expect(codes(plan)).not.toContain('goods.not-held');
    const alone = walled(prices, 1.8, ['far-gate']);
    expect(codes(alone)).toContain('goods.not-held');
  });
  test('at one yard, widths that it holds before cheaper ones that it does not', () => {
    const prices = [offer('far-gate', roll(1.8, 100), 0), offer('far-gate', roll(0.9, 30000))];
    const plan = walled(prices, 1.7, ['far-gate']);
    expect(codes(plan)).not.toContain('goods.not-held');
    expect(reckon(plan).cutting.map((p) => p.width)).toEqual([0.9]);
  });
  test('of posts as many as the cheaper yard holds, the rest at the other; what nobody holds is told', () => {
    const posts = (stock: number | null) => [
      offer('far-gate', { kind: 'post', product: 'round-100', length: 2.4, price: 100 }, 3),
      offer('longacre', { kind: 'post', product: 'round-100', length: 2.4, price: 150 }, stock),
    ];
    const run = aRun({ width: 6, depth: 5, choices: { posts: allRound } });
    const plan = at(run, posts(null));
    const line = reckon(plan).docket.lines.find((l) => l.id === 'post:round-100@2.4');
    expect(line?.units.find((u) => u.yard === 'far-gate')?.count).toBe(3);
    expect(line?.units.reduce((n, u) => n + u.count, 0)).toBe(line?.buy);
    expect(line?.notHeld).toEqual([]);
    // One of them at the other yard: the rest are longer than they need be.
    const long = at(run, posts(1));
    const linesOf = (of: Plan) => reckon(of).docket.lines.filter((l) => l.id.startsWith('post:round-100'));
    expect(linesOf(long).flatMap((l) => l.notHeld)).toEqual([]);
    const bought = (of: Plan) => linesOf(of).reduce((n, l) => n + l.buy, 0);
    expect(bought(long)).toBe(bought(plan));
    expect(linesOf(long).length).toBeGreaterThan(linesOf(plan).length);
    const few = EDITIONS[LATEST]?.yards.flatMap((yard) =>
      yard.offers.flatMap((o) =>
        o.kind === 'post' && o.product === 'round-100' ? [offer(yard.id, o, 1)] : [],
      ),
    );
    expect(codes(at(run, few ?? []))).toContain('goods.not-held');
  });
});

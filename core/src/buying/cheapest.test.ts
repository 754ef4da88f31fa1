import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { EDITIONS, marketOf } from '../catalogue';
import { cheapestCover } from '../cutting/covers';
import { buyingAt } from '../testing/buying';
import { uniform } from '../testing/uniform';
import { type Given, type Want, cheapestStacks } from '../testing/stacks';
import { handOf } from './hand';
import { reachOf } from './reach';

const edition = EDITIONS['2026-11-25'];
if (!edition) throw new Error('the edition is gone');
const market = marketOf(edition, buyingAt('far-gate', '2026-11-25'));

const { reaching } = handOf(market, []);
const rowOf = (length: number) => ({ length, seam: Math.ceil(length / 0.15) + 1 });

/** What all stacks cost together: rows of one mesh and width from the same rolls, rings along every seam in whole packs. */
function priceOf(
  wants: readonly Want[],
  stacks: readonly (readonly number[] | undefined)[],
  { rolls, rings }: Given,
) {
  const lengths = new Map(rolls);
  let count = rings;
  wants.forEach(({ mesh, length, seam }, i) => {
    const set = stacks[i] ?? [];
    for (const width of set) lengths.set(`${mesh} ${width}`, (lengths.get(`${mesh} ${width}`) ?? 0) + length);
    count += (set.length - 1) * seam;
  });
  let total = cheapestCover(market.packs('ring'), count).cost;
  for (const [key, length] of lengths) {
    const [mesh = '', width] = key.split(' ');
    total += cheapestCover(market.rolls(mesh, Number(width)), length).cost;
  }
  return total;
}

const want = fc
  .record({
    mesh: fc.constantFrom('welded-50x25', 'fine-13'),
    height: uniform(0.4, 2.2),
    lap: fc.constant(0.05),
    rows: fc.constant(3 as const),
    length: uniform(3, 40),
  })
  .map((w): Want => ({ ...w, ...rowOf(w.length) }));
const taking = fc.record({
  rolls: fc
    .constantFrom(0, 7, 16.5)
    .map((m): ReadonlyMap<string, number> => (m === 0 ? new Map() : new Map([['fine-13 0.6', m]]))),
  rings: fc.constantFrom(0, 60, 190),
});

describe('stacks chosen together', () => {
  test('reach what each wants, with no row too many', () => {
    fc.assert(
      fc.property(fc.array(want, { minLength: 1, maxLength: 6 }), taking, (wants, taken) => {
        cheapestStacks(market, wants, taken).forEach((set, i) => {
          const { height, lap, mesh } = wants[i] ?? { height: NaN, lap: NaN, mesh: '' };
          if (!set) return expect(reaching({ mesh, height, lap, rows: 3 })).toEqual([]);
          expect(reachOf(set, lap)).toBeGreaterThanOrEqual(height - 1e-9);
          set.forEach((_, k) => {
            const without = set.filter((__, j) => j !== k);
            if (without.length > 0) expect(reachOf(without, lap)).toBeLessThan(height);
          });
        });
      }),
    );
  });
  test('none of them alone could be changed for a cheaper one', () => {
    fc.assert(
      fc.property(fc.array(want, { minLength: 1, maxLength: 4 }), taking, (wants, taken) => {
        // Equal wants are one band and change together: here all differ.
        fc.pre(new Set(wants.map((w) => `${w.mesh} ${w.height.toFixed(3)}`)).size === wants.length);
        const stacks = cheapestStacks(market, wants, taken);
        const price = priceOf(wants, stacks, taken);
        const [index, other] = wants
          .flatMap((w, i) => reaching(w).map((set) => [i, set] as const))
          .reduce<readonly [number, readonly number[] | undefined]>(
            (best, [i, set]) => {
              const put = (k: number, s: readonly number[] | undefined) =>
                stacks.map((now, j) => (j === k ? s : now));
              return priceOf(wants, put(i, set), taken) < priceOf(wants, put(best[0], best[1]), taken)
                ? [i, set]
                : best;
            },
            [0, stacks[0]],
          );
        const changed = stacks.map((now, j) => (j === index ? other : now));
        expect(priceOf(wants, changed, taken)).toBeGreaterThanOrEqual(price - 1e-6);
      }),
      { numRuns: 60, endOnFailure: true },
    );
  });
  test('come out the same in whichever order they are asked', () => {
    fc.assert(
      fc.property(fc.array(want, { minLength: 2, maxLength: 5 }), (wants) => {
        fc.pre(
          new Set(wants.map((w) => `${w.mesh} ${w.height.toFixed(3)} ${w.length.toFixed(3)}`)).size ===
            wants.length,
        );
        const forward = cheapestStacks(market, wants);
        const back = cheapestStacks(market, [...wants].reverse());
        expect([...back].reverse()).toEqual(forward);
      }),
    );
  });
  test('use up a roll that a skirt has opened', () => {
    // 12 m of skirt leave 3 m of a 15 m roll 0.6 wide: a low band of 2.5 m takes them for nothing.
    const low: Want = { mesh: 'fine-13', height: 0.6, lap: 0.05, rows: 3, ...rowOf(2.5) };
    const skirt: Given = { rolls: new Map([['fine-13 0.6', 12]]), rings: 0 };
    expect(cheapestStacks(market, [low], skirt)).toEqual([[0.6]]);
    expect(priceOf([low], [[0.6]], skirt)).toBe(priceOf([], [], skirt));
  });
  test('open no pack of rings for a seam that one wider roll does without', () => {
    // 17 m, 1.5 high: two rows of 0.90 are the cheaper rolls by 2.70, and a pack of rings is 5.20.
    const high: Want = { mesh: 'hex-50', height: 1.5, lap: 0.05, rows: 3, ...rowOf(17) };
    const rolls = (set: readonly number[]) => priceOf([high], [set], { rolls: new Map(), rings: -500 });
    expect(rolls([1.5]) - rolls([0.9, 0.9])).toBe(270);
    expect(cheapestStacks(market, [high])).toEqual([[1.5]]);
    // Where a pack is open already, the 115 rings of one seam come from it.
    expect(cheapestStacks(market, [high], { rolls: new Map(), rings: 60 })).toEqual([[0.9, 0.9]]);
  });
  test('of bands alike are the same all along', () => {
    const [a, b] = cheapestStacks(market, [
      { mesh: 'welded-50x25', height: 1.2, lap: 0.05, rows: 3, ...rowOf(28.7) },
      { mesh: 'welded-50x25', height: 1.2, lap: 0.05, rows: 3, ...rowOf(5.4) },
    ]);
    expect(a).toEqual(b);
  });
  test('higher than three rolls is none', () => {
    expect(
      cheapestStacks(market, [{ mesh: 'fine-13', height: 4, lap: 0.05, rows: 3, ...rowOf(10) }]),
    ).toEqual([undefined]);
  });
});

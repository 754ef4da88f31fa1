import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { boughtSlot } from '../cutting/bins';
import { cutRuns } from '../cutting/cut';
import { layExactly } from '../cutting/lay';
import { newMemo } from '../cutting/memo';
import { prepare } from '../cutting/prepare';
import type { Wanted } from '../cutting/wanted';
import { runOf, sold } from '../testing/pools';
import { leastTogether, tradedFor } from './leastTogether';
import { type WeighedBy, weigh } from './weigh';

const RINGS = 11;
const UNITS = [sold(5, 210), sold(9, 330), sold(14, 560)];
const PACKS = [sold(10, 90), sold(50, 300)];

const poolOf = (lengths: readonly (readonly number[])[]): Wanted => ({
  id: 'hex-50@0.9',
  kind: 'mesh',
  product: 'hex-50',
  width: 0.9,
  units: UNITS,
  owned: [],
  lap: 0.15,
  runs: lengths.map((bays, place) => ({
    ...runOf(bays, { place }),
    atJoint: [{ stage: 'walls', pack: 'ring', along: 'seam', length: 0.9, count: RINGS } as never],
  })),
  terms: [],
  stage: 'walls',
  trimmed: 0,
  short: 0,
});

const by: WeighedBy = {
  packs: ['ring'],
  market: { packs: () => PACKS },
  owned: [],
  memo: newMemo(),
  meshes: new Set(['hex-50']),
  cut: (task) => cutRuns(task),
};

/** Packs that hold so many rings at the lowest price, tried one by one. */
function ringPrice(rings: number): number {
  let best = Infinity;
  for (let small = 0; small <= 12; small++)
    for (let large = 0; large <= 3; large++)
      if (small * 10 + large * 50 >= rings) best = Math.min(best, small * 90 + large * 300);
  return best;
}

/** Every set of up to so many rolls, each laid with as few joints as can be. */
function lowest(pool: Wanted, most: number): number {
  const given = prepare(pool);
  let best = Infinity;
  const look = (from: number, rolls: readonly (typeof UNITS)[number][]): void => {
    const cost = rolls.reduce((total, u) => total + (u.cost ?? 0), 0);
    for (let joints = 0; joints <= 8 && cost + ringPrice(joints * RINGS) < best; joints++)
      if (layExactly(rolls.map(boughtSlot), given, { nodes: 50_000 }, joints).outcome === 'laid')
        best = cost + ringPrice(joints * RINGS);
    if (rolls.length < most)
      for (let i = from; i < UNITS.length; i++) look(i, [...rolls, UNITS[i] as (typeof UNITS)[number]]);
  };
  look(0, []);
  return best;
}

describe('rolls and the packs that their joints take', () => {
  test('together cost no less than the bound, whichever rolls: often less than the cheapest rolls with their joints', () => {
    let [saves, reached] = [0, 0];
    const bays = fc.array(
      fc.integer({ min: 9, max: 27 }).map((n) => n / 10),
      { minLength: 1, maxLength: 6 },
    );
    fc.assert(
      fc.property(fc.array(bays, { minLength: 1, maxLength: 3 }), (lengths) => {
        const pool = poolOf(lengths);
        const weighed = weigh([], [pool], by);
        const least = leastTogether({ asks: [], wanted: [pool], ...weighed }, by);
        const truth = lowest(pool, 5);
        expect(least).toBeGreaterThanOrEqual(weighed.least);
        expect(least).toBeLessThanOrEqual(truth + 1e-6);
        expect(truth).toBeLessThanOrEqual(weighed.cost + 1e-6);
        const traded = tradedFor({ asks: [], wanted: [pool], ...weighed }, by);
        if (truth < weighed.cost) saves += 1;
        expect(traded.least).toBe(least);
        if (!traded.cuttings) return;
        const plan = traded.cuttings.get(pool);
        // It is paid as it is cut, with rings for each of its joints.
        expect(traded.cost).toBe((plan?.cost ?? NaN) + ringPrice((plan?.joints ?? NaN) * RINGS));
        expect(traded.cost).toBeLessThan(weighed.cost);
        expect(traded.cost).toBeGreaterThanOrEqual(truth - 1e-6);
        if (traded.cost <= least + 1e-6) reached += 1;
      }),
      { numRuns: 150, seed: 14 },
    );
    expect(saves).toBeGreaterThan(10);
    expect(reached).toBeGreaterThan(10);
  });
  test('are left as they are where the rolls have no price: metres are not traded for money', () => {
    const bays = [[2.3, 2.3, 2.3, 2.3]];
    const unpriced = UNITS.map((unit) => ({ ...unit, price: null, cost: null }));
    const pool: Wanted = { ...poolOf(bays), units: unpriced };
    const bare: WeighedBy = { ...by, meshes: new Set() };
    const weighed = weigh([], [pool], bare);
    expect(weighed.saving).toBeGreaterThan(0);
    const way = { asks: [], wanted: [pool], ...weighed, least: Math.max(1, weighed.least) };
    expect(tradedFor(way, bare).cuttings).toBeNull();
  });
});

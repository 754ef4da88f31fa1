import { describe, expect, test } from '@jest/globals';
import { EDITIONS, marketOf } from '../../catalogue';
import type { SoldUnit } from '../../catalogue/market';
import { reckon } from '../../reckon';
import fc from 'fast-check';
import { aRun } from '../../testing/aRun';
import { buyingAt } from '../../testing/buying';
import { uniform } from '../../testing/uniform';
import type { Band } from '../../plan/schema';
import { cheapestStacks } from '../../testing/stacks';
import { hangBand, placeBands } from './rows';
import { reachingOf } from './stage';

const edition = EDITIONS['2026-03'];
if (!edition) throw new Error('the edition is gone');
const market = marketOf(edition, buyingAt('far-gate'));

const seamOf = (length: number) => Math.ceil(length / 0.15 - 1e-9) + 1;
const cheapestStack = (mesh: string, height: number, lap: number, length: number) =>
  cheapestStacks(market, [{ mesh, height, lap, rows: 3, length, seam: seamOf(length) }])[0];

/** Bands hung on a wall so long, m. */
const hung = (bands: readonly Band[], length: number) =>
  placeBands(market, bands, { bandLap: 0.05 }).map((place) => {
    const { mesh, height, lap } = reachingOf(place);
    const { widths } = place.band;
    return hangBand(place, widths === 'cheapest' ? (cheapestStack(mesh, height, lap, length) ?? []) : widths);
  });

describe('bands', () => {
  const hang = (bands: readonly Band[]) => hung(bands, 20);
  test('0.6 and 1.2 with a lap of 0.05 reach 1.75', () => {
    const [low, high] = hang([
      { id: 'low', mesh: 'fine-13', top: 0.6, widths: [0.6] },
      { id: 'high', mesh: 'welded-50x25', top: 1.8, widths: [1.2] },
    ]);
    expect(low).toMatchObject({ bottom: 0, top: 0.6, lap: 0 });
    expect(high).toMatchObject({ bottom: 0.55, top: 1.75 });
    expect(high?.shortBy).toBeCloseTo(0.05, 9);
  });
  test('the lap is one opening up the wall: 0.10 for 100 × 50', () => {
    const [, high] = hang([
      { id: 'low', mesh: 'fine-13', top: 0.6, widths: [0.6] },
      { id: 'high', mesh: 'welded-100x50', top: 1.7, widths: [1.2] },
    ]);
    expect(high).toMatchObject({ lap: 0.1, bottom: 0.5, top: 1.7, shortBy: 0 });
  });
  test('a wall of 2.1 is stacked from widths that reach, and what is trimmed is known', () => {
    const set = cheapestStack('welded-50x25', 2.1, 0.05, 15);
    expect(set && set.reduce((a, b) => a + b) - 0.05).toBeGreaterThanOrEqual(2.1);
    // 0.9 + 1.2 would make 2.05 only; 0.9 + 1.5 and 1.2 + 1.2 make 2.35.
    expect(set).toEqual([1.2, 1.2]);
    const [band] = hung([{ id: 'b', mesh: 'welded-50x25', top: 2.1, widths: 'cheapest' }], 15);
    expect(band?.trimmed).toBeCloseTo(0.25, 9);
  });
  test('of the widths that reach, none is cheaper than the set chosen, rows of one width from the same rolls, rings in packs', () => {
    const least = (units: readonly SoldUnit[], need: number): number =>
      need <= 1e-9 ? 0 : Math.min(...units.map((u) => (u.price ?? NaN) + least(units, need - u.size)));
    const price = (set: readonly number[], length: number) =>
      [...new Set(set)].reduce(
        (total, w) =>
          total + least(market.rolls('welded-50x25', w), set.filter((x) => x === w).length * length),
        least(market.packs('ring'), (set.length - 1) * seamOf(length)),
      );
    const widths = [0.9, 1.2, 1.5, 1.8];
    const sets = widths.flatMap((a) => [
      [a],
      ...widths.flatMap((b) => [[a, b], ...widths.map((c) => [a, b, c])]),
    ]);
    fc.assert(
      fc.property(uniform(1.2, 3), uniform(3, 60), (height, length) => {
        const reach = (set: readonly number[]) => set.reduce((x, y) => x + y) - (set.length - 1) * 0.05;
        const chosen = cheapestStack('welded-50x25', height, 0.05, length) ?? [];
        expect(reach(chosen)).toBeGreaterThanOrEqual(height - 1e-9);
        const cheapest = Math.min(
          ...sets.filter((s) => reach(s) >= height - 1e-9).map((s) => price(s, length)),
        );
        expect(price(chosen, length)).toBeCloseTo(cheapest, 6);
      }),
      { numRuns: 60 },
    );
  });
  test('a height that no three widths make is a finding, not an exception', () => {
    const tall = aRun({ choices: { bands: [{ id: 'b', mesh: 'fine-6', top: 5.5, widths: 'cheapest' }] } });
    expect(reckon(tall).findings.map((f) => f.code)).toContain('band.no-roll');
  });
  test('the short wall is said, with the height that the widths make as its mend', () => {
    const bands = [
      { id: 'low', mesh: 'fine-13', top: 0.6, widths: [0.6] },
      { id: 'high', mesh: 'welded-50x25', top: 1.8, widths: [1.2] },
    ];
    const plan = aRun({ choices: { bands } });
    const short = reckon(plan).findings.find((f) => f.code === 'band.short');
    expect(short?.mends(plan)[0]).toMatchObject({ verb: 'set-band', id: 'high', to: { top: 1.75 } });
  });
});

describe('fasteners of the plain run, counted by hand', () => {
  const { docket } = reckon(aRun());
  const need = (id: string) => docket.lines.find((l) => l.id === `pack:${id}`)?.need;
  test('staples: six timber posts, ⌈1.8 / 0.10⌉ + 1 = 19 each', () => {
    expect(need('staple')).toBe(6 * 19);
  });
  test('clips: ⌈1.8 / 0.30⌉ = 6 on each of four T posts, five come with it', () => {
    expect(need('clip')).toBe(4);
  });
  test('rings: the apron laps 6.0, 1.325, 1.325 and 6.0 of wall every 0.15, joints of the cutting besides', () => {
    const joints = reckon(aRun()).cutting.reduce((n, pool) => n + pool.joints, 0);
    expect(joints).toBe(0);
    expect(need('ring')).toBe(41 + 10 + 10 + 41);
  });
  test('pegs: ⌈17.4 / 0.5⌉ along the edge and one for the open end', () => {
    expect(need('peg')).toBe(36);
  });
  test('with two bands the seam is ringed along both walls and the leaf', () => {
    const bands = [
      { id: 'low', mesh: 'fine-13', top: 0.6, widths: [0.6] },
      { id: 'high', mesh: 'welded-50x25', top: 1.75, widths: [1.2] },
    ];
    const { docket, cutting } = reckon(aRun({ choices: { bands } }));
    const two = docket.lines;
    // The low band is jointed once, 0.60 high: ⌈0.60 / 0.10⌉ + 1.
    expect(cutting.map((pool) => pool.joints)).toEqual([1, 0, 0]);
    const ring = two.find((l) => l.id === 'pack:ring')?.need;
    expect(ring).toBe(2 * (Math.ceil(7.325 / 0.15) + 1) + (Math.ceil(1 / 0.15) + 1) + 102 + 7);
    // Low band 0.60 at 0.10, high band 1.20 at 0.15, on six timber posts.
    expect(two.find((l) => l.id === 'pack:staple')?.need).toBe(6 * (7 + 9));
  });
});

describe('hours by the table', () => {
  test('a plain run in loam, and in clay only the ground work grows', () => {
    const plan = aRun();
    // Stake out 1; 6 posts dug at 0.5; 4 driven at 0.12; 2 in concrete at 0.2; 14.65 m of mesh; 16.5 m of apron; a kit 0.7.
    const loam = 1 + 3 + 0.48 + 0.4 + 14.65 * 0.08 + 1.65 + 0.7;
    expect(reckon(plan).figures.hours).toBeCloseTo(loam, 9);
    const clay = { ...plan, ground: { ...plan.ground, soil: 'clay' as const } };
    expect(reckon(clay).figures.hours).toBeCloseTo(loam + 0.5 * 3.48, 9);
  });
  test('a trench of 15.6 × 0.15 × 0.30 takes 4.4 h a cubic metre', () => {
    const flat = reckon(aRun()).figures.hours ?? NaN;
    const skirt = { kind: 'buried', mesh: 'fine-13', depth: 0.3, lapUp: 0.1 } as const;
    const buried = reckon(aRun({ choices: { skirt } })).figures.hours ?? NaN;
    expect(buried - flat).toBeCloseTo(15.6 * 0.15 * 0.3 * 4.4 - 1.65, 9);
  });
});

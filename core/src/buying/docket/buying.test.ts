import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { OwnedPiece } from '../../catalogue/own';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { checkPlan } from '../../formats/planFile';
import { reckon } from '../../reckon';
import { aRun } from '../../testing/aRun';
import { buyingAt, ownRoll } from '../../testing/buying';
import { toPay } from '../../testing/toPay';
import { uniform } from '../../testing/uniform';

const LATEST = '2026-11-25b';
const at = (plan: Plan, ...yards: string[]): Plan => ({ ...plan, buying: buyingAt(yards, LATEST) });
/** A gate of 3 ft, which both yards sell a kit for. */
const run = aRun({ width: 6, depth: 3.6 });
const total = (plan: Plan) => reckon(plan).docket.total;
const line = (plan: Plan, id: string) => reckon(plan).docket.lines.find((l) => l.id.startsWith(id));
const owning = (plan: Plan, ...owned: OwnedPiece[]): Plan => ({ ...plan, owned });
const sound = { count: 1, condition: 'sound', note: '' } as const;

describe('delivery and tax', () => {
  test('delivery is paid once a yard, and not where goods are fetched', () => {
    const delivered = at(run, 'far-gate');
    const fetched = apply(delivered, { verb: 'set-fetching', yard: 'far-gate', goods: 'fetched' });
    expect(total(delivered) - total(fetched)).toBe(2500);
    expect(reckon(delivered).docket.yards).toHaveLength(1);
  });
  test('tax held in prices is told, and adds nothing', () => {
    const { docket } = reckon(at(run, 'far-gate'));
    const stated = docket.lines.reduce((sum, l) => sum + (l.price ?? 0), 0) + 2500;
    expect(docket.taxes).toEqual([{ rate: 0.2, stated: 'with', tax: Math.round(stated / 6) }]);
    expect(docket.total).toBe(stated);
  });
  test('tax on prices stated without it is rounded once over everything, and added', () => {
    const { docket } = reckon(at(run, 'longacre'));
    const stated = docket.lines.reduce((sum, l) => sum + (l.price ?? 0), 0) + 1800;
    const [tax] = docket.taxes;
    expect(tax).toEqual({ rate: 0.2, stated: 'without', tax: Math.round(stated * 0.2) });
    expect(docket.total).toBe(stated + (tax?.tax ?? NaN));
    expect(docket.total).toBe(toPay(docket));
  });
});

describe('two yards', () => {
  test('cost no more than the cheaper of them alone, and say where each line comes from', () => {
    fc.assert(
      fc.property(uniform(3, 12), uniform(3, 12), (width, depth) => {
        const plan = aRun({ width, depth });
        const [a, b, both] = [['far-gate'], ['longacre'], ['far-gate', 'longacre']].map(
          (yards) => reckon(at(plan, ...yards)).docket,
        );
        if (!a || !b || !both) throw new Error('three dockets were asked for');
        for (const alone of [a, b]) if (alone.complete) expect(both.total).toBeLessThanOrEqual(alone.total);
        expect(both.total).toBe(toPay(both));
        for (const l of both.lines)
          for (const unit of l.units)
            if (unit.price !== null) expect(['far-gate', 'longacre']).toContain(unit.yard);
      }),
      { numRuns: 25, endOnFailure: true },
    );
  });
  test('a line kept to one yard is bought there, whatever it costs', () => {
    const both = at(run, 'far-gate', 'longacre');
    for (const yard of ['far-gate', 'longacre']) {
      const kept = apply(both, { verb: 'buy-from', goods: 'pack:staple', yard });
      expect(checkPlan(kept).ok).toBe(true);
      const yards = line(kept, 'pack:staple')?.units.map((u) => u.yard);
      expect(new Set(yards)).toEqual(new Set([yard]));
      expect(total(kept)).toBeGreaterThanOrEqual(total(both));
    }
  });
  test('a yard that is left takes what was kept to it along', () => {
    const kept = apply(at(run, 'far-gate', 'longacre'), {
      verb: 'buy-from',
      goods: 'pack:staple',
      yard: 'longacre',
    });
    const left = apply(kept, { verb: 'set-yards', yards: ['far-gate'] });
    expect(left.buying.from).toEqual({});
    expect(checkPlan(left).ok).toBe(true);
  });
  test('a yard named twice, or a line kept to a yard that is not bought at, is refused by name', () => {
    const twice = checkPlan({
      ...run,
      buying: { ...buyingAt('far-gate', LATEST), yards: ['far-gate', 'far-gate'] },
    });
    expect(twice.ok ? [] : twice.problems.map((p) => p.pointer)).toContain('/buying/yards/1');
    const stray = checkPlan({
      ...run,
      buying: { ...buyingAt('far-gate', LATEST), from: { 'pack:staple': 'longacre' } },
    });
    expect(stray.ok ? [] : stray.problems.map((p) => p.pointer)).toContain('/buying/from/pack:staple');
  });
});

describe('what is owned', () => {
  const base = at(run, 'far-gate');
  const roll: OwnedPiece = { ...sound, id: 'r', kind: 'roll', product: 'welded-50', width: 1.8, length: 17 };
  test('a roll that holds the wall costs nothing and leaves the docket', () => {
    const l = line(owning(base, roll), 'roll:welded-50@1.8');
    expect(l).toMatchObject({ buy: 0, price: 0 });
    expect(l?.owned).toBeCloseTo(l?.need ?? NaN, 9);
  });
  test('a poor one is let be', () => {
    expect(total(owning(base, { ...roll, condition: 'poor' }))).toBe(total(base));
  });
  test('posts long enough take the place of the longest needed; short ones of none', () => {
    const bought = reckon(base).docket.lines.filter((l) => l.detail.kind === 'post');
    const [first] = bought;
    if (first?.detail.kind !== 'post') throw new Error('no posts on the docket');
    const needed = first.detail.length - first.detail.cutOff;
    const post = (length: number): OwnedPiece => ({
      ...sound,
      id: 'p',
      kind: 'post',
      product: first.product,
      length,
      count: 2,
    });
    const of = (plan: Plan) =>
      reckon(plan)
        .docket.lines.filter((l) => l.product === first.product && l.detail.kind === 'post')
        .reduce((n, l) => n + l.buy, 0);
    expect(of(base) - of(owning(base, post(needed)))).toBe(2);
    expect(of(owning(base, post(0.5)))).toBe(of(base));
  });
  test('staples are taken off before packs are bought', () => {
    const need = line(base, 'pack:staple')?.need ?? 0;
    const staples: OwnedPiece = {
      ...sound,
      id: 's',
      kind: 'pack',
      product: 'staple',
      count: Math.ceil(need),
    };
    expect(line(owning(base, staples), 'pack:staple')).toMatchObject({ buy: 0, price: 0, owned: need });
  });
  test('never makes the docket dearer', () => {
    const products = ['welded-50', 'fine-13', 'welded-25'] as const;
    fc.assert(
      fc.property(
        fc.constantFrom(...products),
        fc.constantFrom(0.6, 0.9, 1.2, 1.8),
        uniform(0.5, 30),
        (product, width, length) => {
          const piece: OwnedPiece = { ...sound, id: 'o', kind: 'roll', product, width, length };
          expect(total(owning(base, piece))).toBeLessThanOrEqual(total(base));
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('pieces beside the fence', () => {
  const base = at(run, 'far-gate');
  const vents = { id: 'v', name: 'vent', mesh: 'welded-50', width: 0.5, height: 0.4, count: 3 };
  test('three vents of 0.5 × 0.4 cost nothing more where the off-cut of the band holds them', () => {
    const with3 = apply(base, { verb: 'set-extra', extra: vents });
    expect(total(with3)).toBe(total(base));
    const pieces = reckon(with3)
      .cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces))
      .filter((p) => p.use === 'extra');
    expect(pieces).toHaveLength(3);
    // Side by side across a roll of 1.8: three of 0.5, 0.4 of the roll's length.
    expect(new Set(pieces.map((p) => p.lies?.x)).size).toBe(1);
  });
  test('of a mesh that hangs nowhere take a roll of their own', () => {
    const fine = apply(base, { verb: 'set-extra', extra: { ...vents, mesh: 'fine-6' } });
    expect(line(fine, 'roll:fine-6')?.price).toBeGreaterThan(0);
    expect(total(fine)).toBeGreaterThan(total(base));
  });
});

describe('today’s prices', () => {
  test('are taken as a change, and the plan keeps its old ones until then', () => {
    const old = { ...run, buying: buyingAt('far-gate', '2026-03') };
    const prices = {
      ...buyingAt('far-gate', LATEST),
      ownPrices: [ownRoll('welded-50', { width: 1.8, length: 25 }, 9000)],
    };
    const taken = apply(old, { verb: 'take-prices', prices });
    expect(taken.buying).toMatchObject({ edition: LATEST, pricesAsOf: '2026-11-25', yards: ['far-gate'] });
    expect(line(taken, 'roll:welded-50@1.8')?.price).toBe(9000);
    expect(line(old, 'roll:welded-50@1.8')?.price).toBe(9320);
  });
});

import { describe, expect, test } from '@jest/globals';
import { DEMO_PLANS } from '../plan/samples';
import { SUMS, cardSchema } from './card';
import type { Plan } from '../plan/schema';
import { apply } from '../plan/changes/apply';
import { cardOf } from './makeCard';
import { propose } from '../starts';
import { reckon } from '../reckon';
import { sayFinding } from '../words/findings';
import { readerFor } from '../saying/makeReader';
import { aFullRun } from '../testing/everyVerb';
import { aRun } from '../testing/aRun';

const card = (plan: Plan) => cardOf(plan, reckon(plan));

describe('a card', () => {
  test('tells what the reckoning told: area, fence, price with its currency and date, sums', () => {
    for (const plan of [...DEMO_PLANS, aFullRun()]) {
      const { figures, docket } = reckon(plan);
      const made = card(plan);
      expect(cardSchema.parse(JSON.parse(JSON.stringify(made)))).toEqual(made);
      expect(Math.abs(made.area - (figures.area ?? NaN))).toBeLessThanOrEqual(0.005 + 1e-9);
      expect(Math.abs(made.fence - (figures.fenceLength ?? NaN))).toBeLessThanOrEqual(0.005 + 1e-9);
      expect(made).toMatchObject({
        price: docket.total,
        currency: plan.currency,
        asOf: docket.pricesAsOf,
        sums: SUMS,
      });
    }
  });
  test('has no price where a line has none', () => {
    const plan = aRun({ width: 6 });
    const own = {
      ...plan,
      choices: {
        ...plan.choices,
        plan: {
          ...plan.choices.plan,
          bands: [{ id: 'b', mesh: 'mine', top: 1.2, widths: 'cheapest' as const }],
        },
      },
    };
    const mesh = {
      id: 'mine',
      type: 'welded' as const,
      opening: { up: 0.025, along: 0.025 },
      wire: 0.0016,
      widths: [1.2],
      lengths: [25],
    };
    const unpriced = { ...own, buying: { ...own.buying, ownProducts: [mesh] } };
    expect(reckon(unpriced).docket.complete).toBe(false);
    expect(card(unpriced).price).toBeNull();
  });
  test('draws the rings on a grid of a hundred in their own proportions', () => {
    const { runs } = card(
      propose({
        id: 'p',
        name: 'Run',
        units: 'metric',
        flock: [],
        start: 'alone',
        sizes: { width: 8, depth: 2 },
      }),
    );
    expect(runs).toEqual([[0, 0, 100, 0, 100, 25, 0, 25]]);
  });
  test('keeps a ring of four hundred corners to two dozen', () => {
    const n = 400;
    const base = aRun({ width: 6 });
    const at = (i: number) => ({
      x: 20 * Math.cos((i * 2 * Math.PI) / n),
      y: 20 * Math.sin((i * 2 * Math.PI) / n),
    });
    const corners = Array.from({ length: n }, (_, i) => ({ id: `k${i}`, ...at(i) }));
    const sides = corners.map((c, i) => ({
      id: `w${i}`,
      from: c.id,
      to: `k${(i + 1) % n}`,
      kind: 'fence' as const,
    }));
    const ring = sides.map((s) => ({ side: s.id, forward: true }));
    const plan: Plan = {
      ...base,
      corners,
      sides,
      openings: [],
      postPins: [],
      enclosures: [{ id: 'run', name: 'Run', ring }],
    };
    const [run = []] = cardOf(plan, { ...reckon(base), findings: [] }).runs;
    expect(run.length).toBeLessThanOrEqual(48);
    expect(run.length).toBeGreaterThanOrEqual(16);
  });
  test('names what is worst, as the finding does, and nothing where there is only something to know', () => {
    const plan = apply(aRun({ width: 6 }), { verb: 'set-threat', threat: 'mink', presence: 'seen' });
    const open = apply(plan, {
      verb: 'set-band',
      scope: { scope: 'plan' },
      id: 'wall',
      to: { mesh: 'welded-100x50' },
    });
    const red = reckon(open).findings.filter((f) => f.severity === 'mend');
    expect(red.length).toBeGreaterThan(0);
    const { worst } = card(open);
    const said = red.map((f) => sayFinding(f, readerFor(open)));
    expect(said.some((s) => s.startsWith((worst ?? '?').replace(/…$/, '')))).toBe(true);
    const calm = propose({ id: 'p', name: 'Run', units: 'metric', flock: [], start: 'house', sizes: {} });
    expect(card(calm).worst).toBeUndefined();
    const noted = apply(calm, { verb: 'set-note', note: 'the wet end first' });
    expect(card(noted).note).toBe('the wet end first');
  });
});

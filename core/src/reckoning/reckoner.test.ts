import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Change } from '../plan/changes/types';
import { DEMO_PLANS } from '../plan/samples';
import type { Plan } from '../plan/schema';
import { WHOLE_PLAN } from '../plan/scope';
import { apply } from '../plan/changes/apply';
import { blocking } from '../stages/blocking';
import { checkPlan } from '../formats/planFile';
import { makeReckoner, reckon } from '../reckon';
import { plainly } from '../testing/plainly';
import { toPay } from '../testing/toPay';
import { ownRoll } from '../testing/buying';
import { aRun } from '../testing/aRun';

/** Changes as a keeper makes them, in any order. */
const change: fc.Arbitrary<Change> = fc.oneof(
  fc.record({
    verb: fc.constant('move-side' as const),
    side: fc.constantFrom('s1', 's2', 's3'),
    by: fc.integer({ min: -5, max: 20 }).map((n) => n / 10),
  }),
  fc.record({
    verb: fc.constant('set-spacing' as const),
    scope: fc.constant(WHOLE_PLAN),
    spacing: fc.constantFrom(1.8, 2.1, 2.4, 3),
  }),
  fc.record({
    verb: fc.constant('set-hanging' as const),
    scope: fc.constant(WHOLE_PLAN),
    hanging: fc.constantFrom('continuous' as const, 'side-by-side' as const),
  }),
  fc.record({
    verb: fc.constant('set-threat' as const),
    threat: fc.constantFrom('fox' as const, 'mink' as const, 'badger' as const),
    presence: fc.constantFrom('seen' as const, 'absent' as const),
  }),
  fc.record({
    verb: fc.constant('set-yards' as const),
    yards: fc.constantFrom(['far-gate'], ['longacre'], ['longacre', 'far-gate']),
  }),
  fc.record({
    verb: fc.constant('set-soil' as const),
    soil: fc.constantFrom('sand' as const, 'clay' as const),
  }),
  fc.record({
    verb: fc.constant('set-skirt' as const),
    scope: fc.constant(WHOLE_PLAN),
    skirt: fc.constantFrom(
      { kind: 'none' as const },
      { kind: 'buried' as const, mesh: 'fine-13', depth: 0.4, lapUp: 0.1 },
      { kind: 'apron' as const, mesh: 'welded-25', width: 0.6, lapUp: 0.1 },
    ),
  }),
  fc.record({
    verb: fc.constant('set-side-kind' as const),
    side: fc.constantFrom('s1', 's3'),
    kind: fc.constantFrom('fence' as const, 'wall' as const, 'open' as const),
  }),
  fc.record({
    verb: fc.constant('set-opening' as const),
    id: fc.constant('g1'),
    to: fc.record({ along: fc.integer({ min: 0, max: 40 }).map((n) => n / 10) }),
  }),
  fc.record({
    verb: fc.constant('set-band' as const),
    scope: fc.constant(WHOLE_PLAN),
    id: fc.constant('wall'),
    to: fc.record({ mesh: fc.constantFrom('welded-25', 'hex-50', 'fine-13') }),
  }),
);

describe('a reckoner that remembers', () => {
  test('gives what a fresh one gives, after any changes', () => {
    fc.assert(
      fc.property(fc.array(change, { minLength: 1, maxLength: 12 }), (changes) => {
        const remembering = makeReckoner();
        let plan: Plan = aRun({ width: 5 });
        remembering(plan);
        for (const made of changes) {
          plan = apply(plan, made);
          expect(plainly(plan, remembering(plan))).toEqual(plainly(plan, reckon(plan)));
        }
      }),
      { numRuns: 40 },
    );
  });
  test('what can be built is also a valid file, after any changes', () => {
    fc.assert(
      fc.property(fc.array(change, { minLength: 1, maxLength: 12 }), (changes) => {
        const plan = changes.reduce<Plan>(apply, aRun({ width: 5 }));
        const read = checkPlan(plan);
        if (blocking(plan).length === 0) expect(read.ok ? [] : read.problems).toEqual([]);
        else expect(read.ok).toBe(false);
      }),
      { numRuns: 60 },
    );
  });
  test('changes nothing of the plan it is given', () => {
    for (const plan of DEMO_PLANS) {
      const before = JSON.stringify(plan);
      reckon(plan);
      expect(JSON.stringify(plan)).toBe(before);
    }
  });
  test('reckons a plan to the same docket however often', () => {
    for (const plan of DEMO_PLANS) expect(JSON.stringify(reckon(plan))).toBe(JSON.stringify(reckon(plan)));
  });
});

describe('a docket', () => {
  const lines = (plan: Plan) => reckon(plan).docket.lines;
  test('buys what is needed in whole units, and its total is the sum of its lines', () => {
    fc.assert(
      fc.property(fc.array(change, { minLength: 0, maxLength: 8 }), (changes) => {
        const plan = changes.reduce<Plan>(apply, aRun({ width: 5 }));
        fc.pre(blocking(plan).length === 0);
        const { docket } = reckon(plan);
        for (const line of docket.lines) {
          expect(line.buy + line.owned).toBeGreaterThanOrEqual(line.need - 1e-6);
          for (const unit of line.units) expect(Number.isInteger(unit.count)).toBe(true);
          const priced = line.units.every((u) => u.price !== null);
          const sum = line.units.reduce((total, u) => total + u.count * (u.price ?? 0), 0);
          if (priced) expect(line.price).toBe(sum);
        }
        expect(docket.total).toBe(toPay(docket));
      }),
      { numRuns: 60 },
    );
  });
  test('gets no dearer when the yard sells one more roll', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 200 }),
        fc.integer({ min: 8, max: 28 }),
        fc.integer({ min: 2000, max: 30000 }),
        (depth, length, price) => {
          const bands = [{ id: 'wall', mesh: 'welded-50', top: 1.8, widths: [1.8] }];
          const plan = aRun({ depth: depth / 10, choices: { bands } });
          const more: Plan = {
            ...plan,
            buying: {
              ...plan.buying,
              ownPrices: [ownRoll('welded-50', { width: 1.8, length: length + 0.5 }, price)],
            },
          };
          const cost = (of: Plan) => lines(of).find((l) => l.id === 'roll:welded-50@1.8')?.price ?? NaN;
          expect(cost(more)).toBeLessThanOrEqual(cost(plan));
        },
      ),
      { numRuns: 80 },
    );
  });
  test('letters follow the place along the fence, each once', () => {
    for (const plan of [...DEMO_PLANS, aRun()]) {
      const letters = reckon(plan).cutting.flatMap((p) =>
        p.rolls.flatMap((r) => r.pieces.map((x) => x.letter)),
      );
      expect(new Set(letters).size).toBe(letters.length);
      // Of nets alone nothing is cut.
      expect([...letters].sort()[0]).toBe(plan.enclosures.length > 0 ? 'A' : undefined);
    }
  });
});

import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { MESH_TYPE_IDS } from '../catalogue/meshTypes';
import type { Layer } from '../catalogue/layer';
import type { Barrier, Footing, Lid, Pane, FootLaid, WallHead } from '../findings/barrier';
import type { Way } from '../findings/entry';
import { formatPart } from '../plan/partRef';
import { DEMO_PLANS } from '../plan/samples';
import { reckon } from '../reckon';
import { THREAT_IDS, type ThreatId } from '../stages/threats/plan/kinds';
import { EVERY } from '../testing/everyThreat';
import { type JudgedBy, judge } from './judge';
import { type Verdict, worseFirst, worstOf } from './rated/types';

const NOBODY = { threats: {}, threatFigures: {}, soil: 'loam', reading: null } as const;
const flocks = fc.constantFrom<JudgedBy['flock']>(
  [{ id: 'f1', kind: 'hen-heavy', count: 8, keeping: 'confined' }],
  [{ id: 'f1', kind: 'bantam', count: 8, keeping: 'confined' }],
  [{ id: 'f1', kind: 'chick', count: 20, keeping: 'confined' }],
);
const at = { stage: 'walls', part: { on: 'side', side: 's1' }, enclosure: 'run', side: 's1' } as const;
const none = () => [];
const mm = (least: number, most: number) => fc.integer({ min: least, max: most }).map((n) => n / 1000);
const layer: fc.Arbitrary<Layer> = fc.record({
  type: fc.constantFrom(...MESH_TYPE_IDS),
  opening: mm(0, 160),
  wire: mm(0, 7).map((w) => w || 0.0005),
  known: fc.constant(true),
});
const pane: fc.Arbitrary<Pane> = fc
  .record({
    layers: fc.array(layer, { maxLength: 3 }),
    near: fc.boolean(),
  })
  .map((p) => ({ of: 'pane', ...at, what: 'band', hole: Infinity, from: 0, finer: none, ...p }));
const skirting: fc.Arbitrary<FootLaid> = fc.record({
  depth: mm(0, 900),
  out: mm(0, 1200),
  loose: fc.constant(false),
  layer: fc.option(layer),
});
const footing: fc.Arbitrary<Footing> = fc
  .array(skirting, { maxLength: 2 })
  .map((skirts) => ({ of: 'foot', ...at, closed: 'as laid', laid: skirts, better: none }));
const head: fc.Arbitrary<WallHead> = fc
  .record({ height: mm(300, 3000), overhang: fc.constantFrom(0, 0.3, 0.4) })
  .map((h) => ({ of: 'top', ...at, gap: 0, ...h }));
const lid = (layers: readonly Layer[]): Lid => ({
  of: 'lid',
  ...at,
  part: { on: 'cover', cover: 'v1' },
  layers,
  share: 1,
  finer: none,
});

/** The worst of every threat at every way. */
function worsts(verdicts: readonly Verdict[]): ReadonlyMap<string, Verdict> {
  const by = new Map<string, Verdict>();
  for (const v of verdicts) {
    const key = `${v.threat} ${v.entry}`;
    const known = by.get(key);
    by.set(key, known && worseFirst(known, v) <= 0 ? known : v);
  }
  return by;
}

const worstOfThreat = (verdicts: readonly Verdict[], id: ThreatId) =>
  worstOf(verdicts.filter((v) => v.threat === id));

/** No way is worse after than before. */
function neverWorse(
  before: readonly Barrier[],
  after: readonly Barrier[],
  flock: JudgedBy['flock'],
  ways?: readonly Way[],
) {
  const by: JudgedBy = { ...NOBODY, threats: EVERY, flock };
  const [was, is] = [worsts(judge(before, by)), worsts(judge(after, by))];
  for (const [key, verdict] of is) {
    const then = was.get(key);
    if (!then || (ways && !ways.includes(verdict.entry))) continue;
    expect([key, verdict.rating, worseFirst(verdict, then) >= 0]).toEqual([key, verdict.rating, true]);
  }
}

describe('what is made better never makes a verdict worse', () => {
  test('thicker wire', () => {
    fc.assert(
      fc.property(pane, flocks, mm(0, 3), (one, flock, more) => {
        const thicker = { ...one, layers: one.layers.map((l) => ({ ...l, wire: l.wire + more })) };
        neverWorse([one], [thicker], flock);
      }),
    );
  });
  test('a smaller opening', () => {
    fc.assert(
      fc.property(pane, flocks, fc.double({ min: 0.1, max: 1, noNaN: true }), (one, flock, share) => {
        const finer = { ...one, layers: one.layers.map((l) => ({ ...l, opening: l.opening * share })) };
        // What no longer passes is looked at for whether it is torn: that is another way, which was none before.
        neverWorse([one], [finer], flock, ['through', 'reach']);
        for (const id of THREAT_IDS) {
          const by: JudgedBy = { ...NOBODY, threats: { [id]: 'seen' }, flock };
          const [was, is] = [worstOfThreat(judge([one], by), id), worstOfThreat(judge([finer], by), id)];
          if (was && is) expect([id, worseFirst(is, was) >= 0]).toEqual([id, true]);
        }
      }),
    );
  });
  test('a deeper or wider skirt', () => {
    fc.assert(
      fc.property(footing, flocks, mm(0, 500), fc.constantFrom('depth', 'out'), (one, flock, more, field) => {
        const larger = {
          ...one,
          // What was flat stays flat: a skirt in the ground is another one.
          laid: one.laid.map((s) => (s[field] > 0 ? { ...s, [field]: s[field] + more } : s)),
        };
        neverWorse([one], [larger], flock);
      }),
    );
  });
  test('another skirt beside the one there is', () => {
    fc.assert(
      fc.property(footing, skirting, flocks, (one, more, flock) =>
        neverWorse([one], [{ ...one, laid: [...one.laid, more] }], flock),
      ),
    );
  });
  test('a higher wall, or one that hangs out', () => {
    fc.assert(
      fc.property(head, flocks, mm(0, 900), (one, flock, more) => {
        neverWorse([one], [{ ...one, height: (one.height ?? 0) + more }], flock);
        neverWorse([one], [{ ...one, overhang: Math.max(0.3, one.overhang) }], flock);
      }),
    );
  });
  test('a cover over an open run', () => {
    fc.assert(
      fc.property(head, fc.array(layer, { minLength: 1, maxLength: 2 }), flocks, (one, layers, flock) => {
        const by: JudgedBy = { ...NOBODY, threats: EVERY, flock };
        const [was, is] = [judge([one], by), judge([one, lid(layers)], by)];
        for (const id of THREAT_IDS) {
          const [before, after] = [worstOfThreat(was, id), worstOfThreat(is, id)];
          if (before && after) expect([id, worseFirst(after, before) >= 0]).toEqual([id, true]);
        }
      }),
    );
  });
  test('one layer more over a pane', () => {
    fc.assert(
      fc.property(pane, layer, flocks, (one, more, flock) => {
        fc.pre(one.layers.length > 0);
        for (const id of THREAT_IDS) {
          const by: JudgedBy = { ...NOBODY, threats: { [id]: 'seen' }, flock };
          const was = worstOfThreat(judge([one], by), id);
          const is = worstOfThreat(judge([{ ...one, layers: [...one.layers, more] }], by), id);
          if (was && is) expect([id, worseFirst(is, was) >= 0]).toEqual([id, true]);
        }
      }),
    );
  });
});

describe('of every plan', () => {
  const plans = DEMO_PLANS.map((plan) => [plan.name, plan] as const);
  test.each(plans)('%s: taking a threat away leaves what is said of the others', (_, plan) => {
    const all = reckon({ ...plan, threats: EVERY }).verdicts;
    for (const gone of ['fox', 'mink', 'hawk', 'bear'] as const) {
      const left = reckon({ ...plan, threats: { ...EVERY, [gone]: 'absent' } }).verdicts;
      const told = (of: readonly Verdict[]) =>
        of
          .filter((v) => v.threat !== gone)
          .map((v) => `${v.threat} ${v.entry} ${formatPart(v.part)} ${v.rating}`)
          .sort();
      expect(told(left)).toEqual(told(all));
    }
  });
  test.each(plans)('%s: every verdict has hours where it delays, and none elsewhere', (_, plan) => {
    for (const v of reckon({ ...plan, threats: EVERY }).verdicts) {
      expect(v.hours !== null).toBe(v.rating === 'delays');
      if (v.hours !== null) expect(v.hours).toBeGreaterThan(0);
    }
  });
  test.each(plans)('%s: every part that is judged is one of the plan', (_, plan) => {
    const ids = new Set(
      [
        ...plan.sides,
        ...plan.corners,
        ...plan.openings,
        ...plan.enclosures,
        ...plan.covers,
        ...plan.arches,
        ...plan.nets,
        ...plan.hotWires,
        ...plan.ground.buildings,
        ...plan.ground.boundaries,
      ].map(({ id }) => id),
    );
    for (const { part } of reckon({ ...plan, threats: EVERY }).verdicts) {
      const { on: _on, band: _band, ...named } = part as Readonly<Record<string, string>>;
      for (const id of Object.values(named))
        expect([formatPart(part), ids.has(id)]).toEqual([formatPart(part), true]);
    }
  });
});

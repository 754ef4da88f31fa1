import { describe, expect, test } from '@jest/globals';
import { FOOT } from '../units/factors';
import type { BirdKind } from '../stages/birds/plan/kinds';
import type { Plan } from '../plan/schema';
import { START_IDS, propose } from './index';
import { apply } from '../plan/changes/apply';
import { checkPlan } from '../formats/planFile';
import { reckon } from '../reckon';
import { PICTURE, STARTS, START_BIRDS, type Sizes } from '.';

const wanted = (count: number, kind: BirdKind = 'hen-heavy', units: Plan['units'] = 'metric') => ({
  id: 'p1',
  name: 'Run',
  units,
  flock: count > 0 ? [{ id: 'f1', kind, count, keeping: 'confined' as const }] : [],
  sizes: {},
});
const redOf = (plan: Plan) => reckon(plan).findings.filter((f) => f.severity !== 'know');

describe.each(START_IDS)('%s', (start) => {
  test('is a plan that can be bought, and shows nothing to mend that its own defaults made', () => {
    const all: string[] = [];
    for (const units of ['metric', 'imperial'] as const)
      for (const kind of START_BIRDS)
        for (const count of [0, 1, 8, 40]) {
          const plan = propose({ ...wanted(count, kind, units), start });
          const read = checkPlan(plan);
          expect(read.ok).toBe(true);
          // What stands is told of as it was found, with a way to mend it.
          const matters = redOf(plan).filter(
            (f) => !(f.code === 'mesh.torn' && f.params.of === 'standing' && f.mends(plan).length > 0),
          );
          const red = matters.map((f) => `${units} ${kind} ${count} ${f.code} ${JSON.stringify(f.params)}`);
          all.push(...red);
          expect(reckon(plan).docket.complete).toBe(true);
        }
    expect(all).toEqual([]);
  });
  test('its picture stays within its frame', () => {
    for (const shape of STARTS[start].picture)
      for (const { x, y } of 'points' in shape ? shape.points : [shape.at]) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(PICTURE.width);
        expect(y).toBeGreaterThanOrEqual(-PICTURE.deep);
        expect(y).toBeLessThanOrEqual(PICTURE.high);
      }
  });
});

const feet = (start: 'alone' | 'roof', sizes: Sizes) =>
  propose({ ...wanted(8, 'hen-heavy', 'imperial'), start, sizes });
const [six, twenty] = [6 * FOOT, 20 * FOOT];

describe('against the house', () => {
  test('8 heavy hens and a wall of 1.83 m: half metres, wider than the house, its wall no fence', () => {
    const plan = propose({ ...wanted(8), start: 'house', sizes: { house: 1.83 } });
    const { figures } = reckon(plan);
    expect(figures.area).toBeGreaterThanOrEqual(8);
    const run = plan.corners.map((c) => c.x);
    const wide = Math.max(...plan.corners.map((c) => c.y));
    expect(Math.max(...run) * wide).toBeCloseTo(figures.area ?? NaN, 9);
    expect(figures.fenceLength).toBeCloseTo(2 * (Math.max(...run) + wide) - 1.83, 9);
  });
});

describe('a run that stands alone', () => {
  test('20 × 20 ft is 400 square feet within 80 ft of fence, all of it fence', () => {
    const { figures } = reckon(feet('alone', { width: twenty, depth: twenty }));
    expect(figures.area).toBeCloseTo(400 * FOOT ** 2, 9);
    expect(figures.fenceLength).toBeCloseTo(80 * FOOT, 9);
  });
  test('where one length is given, the other follows from the birds', () => {
    const plan = feet('alone', { width: 30 * FOOT });
    const deep = Math.max(...plan.corners.map((c) => c.y));
    expect(deep * 30 * FOOT).toBeGreaterThanOrEqual(reckon(plan).figures.areaWanted ?? NaN);
  });
});

describe('under a roof', () => {
  const under = feet('roof', { roofWidth: twenty, roofDepth: twenty, eave: six, roofHigh: six });
  const alone = apply(feet('alone', { width: twenty, depth: twenty }), {
    verb: 'set-band',
    scope: { scope: 'plan' },
    id: 'high',
    to: { top: six },
  });
  test('twelve posts of the roof stand: three bays a side of 6 ft 8', () => {
    // Four corners, and two more a side.
    expect(reckon(under).figures['posts.standing']).toBe(12);
  });
  test('it is cheaper than the same run alone by the posts it does not buy, and takes less work', () => {
    const moved = { ...alone, openings: under.openings };
    const posts = (plan: Plan) =>
      reckon(plan)
        // Mesh is stapled to what stands, and clipped to new posts of steel.
        .docket.lines.filter((l) => l.stage === 'posts' || /^pack:(clip|staple)$/.test(l.id))
        .reduce((sum, l) => sum + (l.price ?? 0), 0);
    const [a, b] = [reckon(moved), reckon(under)];
    const saved = posts(moved) - posts(under);
    expect(saved).toBeGreaterThan(0);
    // The yard states its prices without a fifth of tax.
    expect(a.docket.total - b.docket.total).toBe(Math.round(saved * 1.2));
    expect(b.workings.hours.value).toBeLessThan(a.workings.hours.value);
  });
  test('no leaf goes in under an eave that is lower than it: walls and gate end there', () => {
    for (const eave of [1, 1.4, 1.75, 2.4, 3]) {
      const plan = propose({ ...wanted(8), start: 'roof', sizes: { eave } });
      expect(reckon(plan).findings.filter((f) => f.code === 'gate.under-eave')).toEqual([]);
      const higher = apply(plan, {
        verb: 'set-band',
        scope: { scope: 'plan' },
        id: 'high',
        to: { top: eave + 0.3 },
      });
      expect(reckon(higher).findings.map((f) => f.code)).toContain('gate.under-eave');
    }
  });
});

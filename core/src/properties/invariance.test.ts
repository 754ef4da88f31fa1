import { describe, expect, test } from '@jest/globals';
import { byName } from '../testing/byName';
import fc from 'fast-check';
import { EXPORT_KINDS, exportAs } from '../formats/exchange';
import { terrainOf } from '../ground/terrain';
import { type Vector, lerp } from '../ground/vector';
import { DEMO_PLANS } from '../plan/samples';
import type { Plan } from '../plan/schema';
import type { Reckoning } from '../reckoning';
import { apply } from '../plan/changes/apply';
import { checkPlan, readPlan, writePlan } from '../formats/planFile';
import { reckon } from '../reckon';
import { stakeMarks, stakeOut } from '../stakeout';
import { aRandomRun, aChosenRun, moved, turnedBy } from '../testing/randomRun';
import { sampled } from '../testing/sampled';
import { uniform } from '../testing/uniform';

/** Runs as they may be chosen, with a turn and a way to move them. */
const ofChosen = sampled(aChosenRun, 48, fc.tuple(uniform(-3, 3), uniform(-50, 50), uniform(-50, 50)));
/** Runs of any shape on ground of any lie, with a level to measure from. */
const ofRandom = sampled(aRandomRun, 60, uniform(-40, 400));

/** Everything that is counted and bought is the same; lengths to a hundredth of a millimetre. */
function sameReckoning(a: Reckoning, b: Reckoning) {
  expect(Object.keys(b.figures).sort()).toEqual(Object.keys(a.figures).sort());
  // A direction turns with the sheet.
  const lengths = Object.entries(byName(a.figures)).filter(([name]) => !name.endsWith('.direction'));
  for (const [name, value] of lengths)
    expect([name, byName(b.figures)[name]]).toEqual([name, expect.closeTo(value, 5)]);
  expect(b.docket.lines.map((l) => [l.id, l.buy])).toEqual(a.docket.lines.map((l) => [l.id, l.buy]));
  expect(b.docket.total).toBeCloseTo(a.docket.total, 5);
  expect(b.findings.map((f) => f.code).sort()).toEqual(a.findings.map((f) => f.code).sort());
}

describe('the same run', () => {
  test('elsewhere on the sheet and turned is the same run', () => {
    ofChosen((reckoning, plan, [turn, x, y]) => {
      sameReckoning(reckoning, reckon(moved(plan, turnedBy(turn, { x, y }))));
    });
  });
  test('of the demo, with its house, trees, pipe, hedge and slope, turned and moved, is the same', () => {
    const [orchard] = DEMO_PLANS;
    const leat = DEMO_PLANS.find((p) => p.nets.length > 0);
    if (!orchard || !leat) throw new Error('no demo plan');
    for (const plan of [orchard, leat])
      for (const turn of [0.3, 1.7, -2.4])
        sameReckoning(reckon(plan), reckon(moved(plan, turnedBy(turn, { x: 31, y: -12 }))));
  });
  test('with every height measured from another level is the same', () => {
    ofRandom((reckoning, plan, by) => {
      const spotHeights = plan.ground.spotHeights.map((s) => ({ ...s, height: s.height + by }));
      sameReckoning(reckoning, reckon({ ...plan, ground: { ...plan.ground, spotHeights } }));
    });
  });
  test('read in feet is the same', () => {
    ofRandom(({ figures }, plan) => {
      const feet = apply(plan, { verb: 'set-units', units: 'imperial' });
      expect(reckon(feet).figures).toEqual(figures);
    });
  });
  test('saved as a file and read again is the same', () => {
    ofRandom((_, plan) => {
      const read = readPlan(writePlan(plan));
      if (!read.ok) throw new Error(JSON.stringify(read.problems));
      expect(read.plan).toEqual(plan);
    });
  });
});

describe('figures worked out another way', () => {
  const cornersOf = (plan: Plan): readonly Vector[] => plan.corners;
  test('area is that of the triangles about the middle, fence is all round less the gate', () => {
    ofRandom((reckoning, plan) => {
      expect(checkPlan(plan).ok).toBe(true);
      const corners = cornersOf(plan);
      const next = (i: number) => corners[(i + 1) % corners.length] ?? { x: 0, y: 0 };
      // The middle of a star shape sees every side: Heron's rule for each triangle.
      const area = corners.reduce((total, p, i) => {
        const q = next(i);
        const [a, b, c] = [Math.hypot(p.x, p.y), Math.hypot(q.x, q.y), Math.hypot(p.x - q.x, p.y - q.y)];
        const s = (a + b + c) / 2;
        return total + Math.sqrt(Math.max(0, s * (s - a) * (s - b) * (s - c)));
      }, 0);
      const round = corners.reduce((t, p, i) => t + Math.hypot(p.x - next(i).x, p.y - next(i).y), 0);
      const { figures } = reckoning;
      expect(figures.area).toBeCloseTo(area, 4);
      expect(figures.perimeter).toBeCloseTo(round, 6);
    });
  });
  test('length along the ground is that of four thousand short steps over it', () => {
    ofRandom((reckoning, plan) => {
      const terrain = terrainOf(plan.ground.spotHeights);
      const corners = cornersOf(plan);
      const steps = 4000;
      let walked = 0;
      corners.forEach((p, i) => {
        const q = corners[(i + 1) % corners.length] ?? p;
        const level = Math.hypot(q.x - p.x, q.y - p.y) / steps;
        let before = terrain.heightAt(p);
        for (let k = 1; k <= steps; k++) {
          const height = terrain.heightAt(lerp(p, q, k / steps));
          walked += Math.hypot(level, height - before);
          before = height;
        }
      });
      const { figures } = reckoning;
      // Where the ground drops at an edge of what was measured, so does the walk: both along the fence alone.
      expect(Math.abs((figures.groundLength ?? 0) - walked)).toBeLessThan(0.002 + 0.0005 * walked);
    }, 25);
  });
});

describe('what goes back to the yard', () => {
  test('has every post within its string, in order, and gates as wide as they are to be', () => {
    ofRandom((reckoning, plan) => {
      const { parts, figures } = reckoning;
      const [a, b] = stakeMarks(plan);
      if (!a || !b) throw new Error('no marks');
      const out = stakeOut(plan, parts, [a, b]);
      for (const line of out.strings) {
        const marks = line.posts.map((p) => p.mark);
        expect(marks).toEqual([...marks].sort((p, q) => p - q));
        expect(Math.min(...marks)).toBeGreaterThanOrEqual(-1e-9);
        expect(Math.max(...marks)).toBeLessThanOrEqual(line.level + 1e-9);
        for (const gate of line.gates) expect(gate.clear).toBeCloseTo(0.95, 9);
        expect(line.ground).toBeGreaterThanOrEqual(line.level - 1e-9);
      }
      const standing = new Set(out.strings.flatMap((s) => s.posts.map((p) => p.part)));
      expect(standing.size).toBe(figures['posts.total']);
    });
  });
  test('leaves as every kind of file, the same each time', () => {
    ofRandom((reckoning, plan) => {
      const read = structuredClone(plan);
      const { parts } = reckon(read);
      for (const kind of EXPORT_KINDS) {
        const once = exportAs(kind, plan, reckoning.parts);
        expect(once).not.toMatch(/NaN|Infinity|undefined/);
        expect(exportAs(kind, read, parts)).toBe(once);
      }
    }, 15);
  });
});

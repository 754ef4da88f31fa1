import { expect, test } from '@jest/globals';
import { DEMO_PLANS } from '../plan/samples';
import type { Plan } from '../plan/schema';
import { emptyPlan } from '../starts/newPlan';
import { freeGround } from './freeGround';
import { insideOrOn, toSegment } from './vector';
import { aRun } from '../testing/aRun';

const half = { x: 2.5, y: 2.5 };
const distances = (plan: Plan, at: { x: number; y: number }) => {
  const { buildings, trees, obstacles } = plan.ground;
  const rings = [
    plan.corners,
    ...buildings.map((b) => b.outline),
    ...plan.nets.flatMap((n) => (n.points ? [n.points] : [])),
  ];
  const off = rings
    .filter((r) => r.length > 1)
    .map((ring) =>
      insideOrOn(at, ring, 0)
        ? 0
        : Math.min(...ring.map((p, i) => toSegment(at, p, ring[(i + 1) % ring.length] ?? p))),
    );
  return [
    ...off,
    ...trees.map((t) => Math.hypot(t.at.x - at.x, t.at.y - at.y) - t.crown),
    ...obstacles.map((o) => Math.hypot(o.at.x - at.x, o.at.y - at.y)),
  ];
};

test('something new stands clear of all that is there, twelve things one after the other', () => {
  for (const demo of [...DEMO_PLANS, aRun(), emptyPlan('p', 'P', 'metric')]) {
    let plan: Plan = demo;
    for (let i = 0; i < 12; i++) {
      const at = freeGround(plan, half);
      for (const off of distances(plan, at)) expect(off).toBeGreaterThanOrEqual(half.x);
      const tree = { id: `new${i}`, name: 'tree', at, trunk: 0.3, roots: 2.5, crown: 2 };
      plan = { ...plan, ground: { ...plan.ground, trees: [...plan.ground.trees, tree] } };
    }
  }
});

test('it stands on our side of a boundary where it can', () => {
  const plan = aRun();
  const beyond = {
    id: 'y',
    name: 'hedge',
    kind: 'boundary' as const,
    line: [
      { x: 7.5, y: -50 },
      { x: 7.5, y: 50 },
    ],
  };
  const at = freeGround({ ...plan, ground: { ...plan.ground, boundaries: [beyond] } }, half);
  expect(at.x + half.x).toBeLessThan(7.5);
});

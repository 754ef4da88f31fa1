import { terrainOf } from '../../ground/terrain';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Change } from '../../plan/changes/types';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { reckon } from '../../reckon';
import { surveyRings } from '../../ground/survey';
import { aRun, onSlope } from '../../testing/aRun';
import { riseUnder, swingOf, toSwing } from './swing';
import { near } from '../../testing/near';
import { uniform } from '../../testing/uniform';

const plan = aRun({ house: 'none' });
const gateOf = (p: Plan) => {
  const gate = p.openings.find((o) => o.kind === 'gate');
  const side = surveyRings(p)[0]?.sides.find((s) => s.side.id === gate?.side);
  if (!gate || !side) throw new Error('no gate');
  return { gate, side };
};
const withTree = (x: number, y: number): Plan => ({
  ...plan,
  ground: {
    ...plan.ground,
    trees: [{ id: 't', name: 'pear', at: { x, y }, trunk: 0.3, roots: 2.5, crown: 2 }],
  },
});
const found = (p: Plan, code: string) => reckon(p).findings.filter((f) => f.code === code);

describe('a leaf sweeps a quarter circle', () => {
  // The far side runs up at x = 6; the gate stands in it from 1.325 to 2.275.
  test('outwards from its hinge', () => {
    const { gate, side } = gateOf(plan);
    const swing = swingOf(side, gate);
    expect(swing.hinge).toMatchObject({ x: 6, y: near(1.325, 6) });
    expect(swing.open).toMatchObject({
      x: near(6.95, 6),
      y: near(1.325, 6),
    });
    expect(swingOf(side, { ...gate, hinge: 'far', swing: 'in' })).toMatchObject({
      hinge: { y: near(2.275, 6) },
      open: { x: near(5.05, 6) },
    });
  });
  test('whose distance from a point agrees with trying every place in it', () => {
    const { gate, side } = gateOf(plan);
    const swing = swingOf(side, gate);
    fc.assert(
      fc.property(uniform(4, 9), uniform(-1, 5), (x, y) => {
        let least = Infinity;
        for (let i = 0; i <= 60; i++) {
          for (let r = 0; r <= 60; r++) {
            const angle = (Math.PI / 2) * (i / 60);
            const reach = (0.95 * r) / 60;
            const p = { x: 6 + reach * Math.sin(angle), y: 1.325 + reach * Math.cos(angle) };
            least = Math.min(least, Math.hypot(p.x - x, p.y - y));
          }
        }
        expect(Math.abs(toSwing({ x, y }, swing) - least)).toBeLessThan(0.03);
      }),
      { numRuns: 60 },
    );
  });
});

describe('a gate that opens into something', () => {
  test('a tree: it hangs on the other post, swings in or moves', () => {
    const blocked = withTree(6.6, 1.6);
    const [into] = found(blocked, 'gate.into');
    expect(into?.params).toMatchObject({ name: 'pear' });
    const mends = into?.mends(blocked) ?? [];
    expect(mends.length).toBeGreaterThan(0);
    for (const mend of mends) expect(found(apply(blocked, mend), 'gate.into')).toEqual([]);
    expect(found(withTree(8, 1.6), 'gate.into')).toEqual([]);
  });
  test('ground that rises 0.10 within its arc: it swings in, downhill', () => {
    const uphill = onSlope(plan, 0.1 / 0.95, 0);
    const spots = [
      ...uphill.ground.spotHeights,
      { id: 'far', at: { x: 12, y: -3 }, height: (12 * 0.1) / 0.95 },
      { id: 'far2', at: { x: 12, y: 8 }, height: (12 * 0.1) / 0.95 },
    ];
    const sloping = { ...uphill, ground: { ...uphill.ground, spotHeights: spots } };
    const { gate, side } = gateOf(sloping);
    expect(riseUnder(terrainOf(sloping.ground.spotHeights), swingOf(side, gate))).toBeCloseTo(0.1, 6);
    const [up] = found(sloping, 'gate.uphill');
    expect((up?.params as { rise: number }).rise).toBeCloseTo(0.1, 6);
    const inwards = up?.mends(sloping).find((m) => m.verb === 'set-opening' && 'swing' in m.to);
    expect(found(apply(sloping, inwards as Change), 'gate.uphill')).toEqual([]);
    expect(found(onSlope(plan, 0.03, 0), 'gate.uphill')).toEqual([]);
  });
});

describe('a pop door', () => {
  const door = (along: number): Plan =>
    apply(plan, {
      verb: 'add-opening',
      opening: { id: 'd1', kind: 'pop-door', side: 's1', along, width: 0.3, height: 0.35, make: 'kit' },
    });
  test('hangs in the mesh: posts and mesh stay, a kit and an hour’s part are added', () => {
    const [before, after] = [reckon(plan), reckon(door(0.5))];
    expect(after.figures['posts.total']).toBe(before.figures['posts.total']);
    expect(after.figures['mesh.wall.length']).toBe(before.figures['mesh.wall.length']);
    expect(after.figures.gates).toBe(before.figures.gates);
    expect((after.figures.hours ?? 0) - (before.figures.hours ?? 0)).toBeCloseTo(0.7, 9);
    expect(after.docket.lines.find((l) => l.id === 'kit:pop-door-kit@0.3')).toMatchObject({ buy: 1 });
  });
  test('in front of a post moves beside it', () => {
    const met = door(1.9);
    const [onPost] = found(met, 'flap.on-post');
    expect(onPost).toBeDefined();
    expect(found(apply(met, onPost?.mends(met)[0] as Change), 'flap.on-post')).toEqual([]);
  });
});

import {
  type Plan,
  acrossArch,
  apply,
  emptyPlan,
  newArches,
  previewArches,
  sectionScene,
} from '@aviarum/core';
import { describe, expect, test } from '@jest/globals';
import { baseBy, basePulled, feetOf, toBase } from './pull';

const empty = emptyPlan('p', 'P', 'metric');
const [offer] = newArches(empty).filter((o) => o.where === 'alone' && o.kind === 'panel');
if (offer?.change.verb !== 'add-arch') throw new Error('no arch is offered');
const plan: Plan = apply(empty, offer.change);
const { arch } = offer.change;
const line = acrossArch(plan, arch.id);
if (!line) throw new Error('no section');
const sceneOf = (of: Plan) => sectionScene(of, previewArches(of), line);
const scene = sceneOf(plan);
const [left, right, crown] = feetOf(scene) ?? [];
if (!left || !right || !crown) throw new Error('no curve');

describe('an arch is pulled in its section', () => {
  test('a foot goes with the hand, and the other as far the other way', () => {
    const base = basePulled(plan, arch, { pulled: 'foot', to: { x: right.x + 0.1, y: right.y } }, scene);
    expect(base).toBeCloseTo(2.6, 9);
    const next = feetOf(sceneOf(apply(plan, toBase(arch.id, base ?? 0))));
    expect(next?.[1].x).toBeCloseTo(right.x + 0.1, 6);
    expect(next?.[0].x).toBeCloseTo(left.x - 0.1, 6);
  });
  test('the crown goes where it is pulled, to the centimetre of its base', () => {
    const base = basePulled(plan, arch, { pulled: 'crown', to: { x: crown.x, y: crown.y - 0.1 } }, scene);
    const next = feetOf(sceneOf(apply(plan, toBase(arch.id, base ?? 0))));
    expect(base).toBeGreaterThan(2.4);
    expect(Math.abs((next?.[2].y ?? 0) - (crown.y - 0.1))).toBeLessThan(0.01);
  });
  test('neither further than it can stand: a foot over the other’s place, or flat on the ground', () => {
    for (const x of [-40, 0, 1, 60]) {
      const base = basePulled(plan, arch, { pulled: 'foot', to: { x, y: 0 } }, scene);
      expect(base).toBeGreaterThan(0.9);
      expect(base).toBeLessThan(4.88);
    }
    expect(basePulled(plan, arch, { pulled: 'crown', to: { x: 0, y: 30 } }, scene)).toBeNull();
    expect(baseBy(plan, arch, 50)).toBeLessThan(4.88);
    expect(baseBy(plan, arch, -50)).toBeGreaterThan(0.9);
  });
});

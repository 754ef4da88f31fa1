import { describe, expect, test } from '@jest/globals';
import {
  DEMO_PLANS,
  type Plan,
  type StageId,
  apply,
  blocking,
  makeReader,
  reckon,
  sheetScene,
} from '@aviarum/core';
import { dragTo, grip } from './drag';
import { movingScene, stillScene, touchedBy } from './heldScene';
import { nudge } from './nudge';
import { removalOf } from './removal';
import { STAGE_VIEWS } from '../stages/stages';

const [orchard] = DEMO_PLANS;
if (!orchard) throw new Error('no demo plan');
const reader = makeReader('metric', 'XXX');
const STAGES = Object.keys(STAGE_VIEWS) as readonly StageId[];
const MAKES = new Map(
  await Promise.all(STAGES.map(async (stage) => [stage, await STAGE_VIEWS[stage].stops?.()] as const)),
);
const stopsOf = (stage: StageId, plan: Plan = orchard, open: string | null = null) => {
  const { parts } = reckon(plan);
  return MAKES.get(stage)?.({ plan, scene: sheetScene(plan, parts), parts, reader, open }) ?? [];
};
const stop = (stage: StageId, id: string) => {
  const found = stopsOf(stage).find((s) => s.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};

describe('what can be touched', () => {
  test('on the outline are corners and sides in turn along the fence', () => {
    const names = stopsOf('outline').map((s) => s.name);
    expect(names.slice(0, 4)).toEqual(['Corner 1, 90°', 'Side 1, 9.00 m', 'Corner 2, 90°', 'Side 2, 4.50 m']);
    expect(names).toHaveLength(16);
  });
  test('on the ground are houses, trees, services, boundaries and heights; a house that is open shows its corners', () => {
    const kinds = (open: string | null) => stopsOf('ground', orchard, open).map((s) => s.id.split(':')[0]);
    expect(new Set(kinds(null))).toEqual(new Set(['building', 'tree', 'service', 'boundary', 'spot']));
    expect(kinds('building:house').length - kinds(null).length).toBe(4);
  });
  test('with the posts are all of them, in order', () => {
    expect(stopsOf('posts')).toHaveLength(reckon(orchard).figures['posts.total'] ?? -1);
  });
  test('is nothing where a stage is not about the sheet', () => {
    expect(stopsOf('docket')).toEqual([]);
  });
  test('has a name of its own, and where it moves a change that moves it there', () => {
    for (const stage of ['outline', 'ground', 'posts', 'ways'] as const) {
      const stops = stopsOf(stage);
      expect(new Set(stops.map((s) => s.id)).size).toBe(stops.length);
      for (const s of stops) {
        expect(s.name.length).toBeGreaterThan(2);
        const change = nudge(s, 'ArrowUp', 'metric', 'small');
        expect(change === null).toBe(s.move === null);
        if (change) expect(apply(orchard, change)).not.toEqual(orchard);
      }
    }
  });
});

describe('a thing in hand', () => {
  test('goes with the pointer and falls on what is near', () => {
    const taken = grip(orchard, stop('outline', 'corner:c3'));
    const held = dragTo(taken, { x: 0.52, y: 0.03 }, 'metric', 40);
    expect(held?.at).toEqual({ x: 9.5, y: 4.5 });
    expect(held?.guides.length).toBeGreaterThan(0);
    expect(held && blocking(apply(orchard, held.change))).toEqual([]);
  });
  test('on a side moves along its normal only', () => {
    const taken = grip(orchard, stop('outline', 'side:s2'));
    expect(dragTo(taken, { x: 0.33, y: 2 }, 'metric', 40)?.change).toEqual({
      verb: 'move-side',
      side: 's2',
      by: 0.3,
    });
  });
  test('redraws its own sides, and the rest stands still: together they are the fence', () => {
    const touched = touchedBy(orchard, 'corner:c3');
    expect(touched.own).toEqual(['s2', 's3']);
    const still = stillScene(orchard, touched);
    const moving = movingScene(orchard, touched, []);
    expect([...still.layers.side, ...moving.layers.side].map((s) => s.part).sort()).toEqual(
      sheetScene(orchard, [])
        .layers.side.map((s) => s.part)
        .sort(),
    );
    const posts = new Set([...still.layers.post, ...moving.layers.post].map((p) => p.part));
    expect(posts.size).toBe(reckon(orchard).figures['posts.total']);
  });
  test('that is a tree leaves the fence alone', () => {
    expect(touchedBy(orchard, 'tree:damson')).toEqual({ own: [], beside: [] });
  });
});

describe('taking out', () => {
  test.each([
    ['corner:c3', 'remove-corner'],
    ['opening:g1', 'remove-opening'],
    ['tree:damson', 'remove-from-ground'],
    ['boundary:hedge/1', 'set-on-ground'],
    ['building:house/0', 'set-on-ground'],
    ['spot:z1', 'remove-from-ground'],
  ])('%s: %s', (path, verb) => {
    expect(removalOf(orchard, path)?.change.verb).toBe(verb);
  });
  test('is not offered where too little would be left', () => {
    expect(removalOf(orchard, 'service:water/0')).toBeNull();
    expect(removalOf(orchard, 'side:s1')).toBeNull();
    expect(removalOf(orchard, 'post:corner:c1/post')).toBeNull();
  });
});

import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Change } from '../../plan/changes/types';
import { PLAIN_GATE } from './plan/kinds/gate';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { blocking } from '../blocking';
import { checkPlan } from '../../formats/planFile';
import { freePlace } from './freePlace';
import { reckon } from '../../reckon';
import { aRun, anOutline } from '../../testing/aRun';
import { uniform } from '../../testing/uniform';

type To = Extract<Change, { verb: 'set-opening' }>['to'];
const plan = aRun({ house: 'none' });
const set = (to: To, on: Plan = plan, id = 'g1') => apply(on, { verb: 'set-opening', id, to });
const pieces = (p: Plan, use: string) =>
  reckon(p)
    .cutting.flatMap((pool) => pool.rolls.flatMap((r) => r.pieces))
    .filter((piece) => piece.use === use)
    .map((piece) => Number(piece.length.toFixed(4)))
    .sort((a, b) => b - a);
const found = (p: Plan, code: string) => reckon(p).findings.filter((f) => f.code === code);
const mended = (p: Plan, code: string) => {
  const [first] = found(p, code);
  const [mend] = first?.mends(p) ?? [];
  if (!mend) throw new Error(`no mend for ${code}`);
  return apply(p, mend);
};

describe('a gate 0.95 clear in a wall 1.8 high, built', () => {
  const built = set({ make: 'built' });
  test('has a leaf 1.00 × 1.80', () => {
    expect(reckon(built).figures).toMatchObject({ 'leaf.g1.width': 1, 'leaf.g1.height': 1.8 });
    expect(pieces(built, 'leaf')).toEqual([1]);
  });
  test('of two stiles, three rails and one diagonal, over a sill of the clear width', () => {
    expect(pieces(built, 'frame')).toEqual([Number(Math.hypot(1, 1.8).toFixed(4)), 1.8, 1.8, 1, 1, 1]);
    expect(pieces(built, 'sill')).toEqual([0.95]);
    expect(pieces(set({ sill: 'none' }, built), 'sill')).toEqual([]);
  });
  test('takes 2.0 h where a kit takes 0.7, and no kit is bought', () => {
    const { figures, docket } = reckon(built);
    expect(figures['hours.gates']).toBe(2);
    expect(reckon(plan).figures['hours.gates']).toBeCloseTo(0.7, 9);
    expect(docket.lines.map((l) => l.product)).not.toContain('gate-kit');
    expect(docket.complete).toBe(true);
  });
  test('lower than the wall: mesh above it is a piece of its own with both ends turned back', () => {
    const low = set({ height: 1.2 }, built);
    expect(reckon(low).figures['leaf.g1.height']).toBe(1.2);
    const above = reckon(low)
      .cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces))
      .filter((p) => p.part.on === 'above-leaf');
    expect(above.map((p) => p.length)).toEqual([expect.closeTo(0.95 + 0.2, 9)]);
    expect(found(set({ height: 2.4 }), 'gate.taller-than-wall')).toHaveLength(1);
  });
  test('takes no extra roll where an off-cut of the wall holds its leaf', () => {
    const rolls = (p: Plan) => reckon(p).cutting.find((c) => c.product === 'welded-50')?.rolls.length;
    expect(rolls(built)).toBe(rolls(aRun({ house: 'none', gate: 0 })));
  });
});

describe('a leaf swings', () => {
  test('over ground that rises 0.10 within its arc: a finding with a way out', () => {
    // The gate stands in the far side at x = 6 and opens outward; the ground climbs 0.10 in its 0.95.
    const at = (x: number, y: number, height: number, i: number) => ({ id: `z${i}`, at: { x, y }, height });
    const spotHeights = [at(0, -1, 0, 1), at(0, 5, 0, 2), at(6, -1, 0, 3), at(6, 5, 0, 4)].concat([
      at(6.95, -1, 0.1, 5),
      at(6.95, 5, 0.1, 6),
    ]);
    const steep = { ...plan, ground: { ...plan.ground, spotHeights } };
    const [uphill] = found(steep, 'gate.uphill');
    expect((uphill?.params as { rise: number }).rise).toBeGreaterThan(0.05);
    expect((uphill?.params as { rise: number }).rise).toBeLessThan(0.1 + 1e-9);
    expect(found(mended(steep, 'gate.uphill'), 'gate.uphill')).toEqual([]);
  });
  test('under an eave lower than its top: a finding', () => {
    const shed = (y: number, eaves: number) => ({
      ...plan,
      ground: {
        ...plan.ground,
        buildings: [
          {
            id: 'shed',
            name: 'shed',
            outline: [
              { x: 6.4, y },
              { x: 8, y },
              { x: 8, y: y - 2 },
              { x: 6.4, y: y - 2 },
            ],
            eaves,
            stands: 'walls' as const,
            height: 2.5,
          },
        ],
      },
    });
    // The hinge stands at y = 1.325; open, the leaf lies along y = 1.325 from x = 6 to 6.95, 0.1 from the shed's wall.
    expect(found(shed(1.225, 1.6), 'gate.under-eave')).toHaveLength(1);
    expect(found(shed(1.225, 1.9), 'gate.under-eave')).toEqual([]);
    expect(found(shed(1.025, 1.6), 'gate.under-eave')).toEqual([]);
    expect(found(mended(shed(1.225, 1.6), 'gate.under-eave'), 'gate.under-eave')).toEqual([]);
  });
  test('out over stones: a finding, mended by swinging in or hanging otherwise', () => {
    const stones = aRun({ house: 'none', choices: { skirt: { kind: 'stone', width: 0.3, height: 0.2 } } });
    expect(found(stones, 'gate.over-stones')).toHaveLength(1);
    expect(found(mended(stones, 'gate.over-stones'), 'gate.over-stones')).toEqual([]);
  });
  test('into the fence round a sharp corner: a finding', () => {
    // The corner at the origin is 45°: a leaf hung there and opened inward meets the other side.
    const wedge: Plan = {
      ...anOutline([
        [0, 0],
        [6, 0],
        [6, 6],
      ]),
      openings: [{ ...PLAIN_GATE, id: 'g1', side: 'e0', along: 0, width: 0.95, swing: 'in' }],
    };
    expect(found(wedge, 'gate.into-fence')).toHaveLength(1);
    expect(found(set({ swing: 'out' }, wedge), 'gate.into-fence')).toEqual([]);
  });
});

describe('where a way in stands', () => {
  test('within 0.30 of a corner is too near; right on it is worth knowing; both can be moved', () => {
    expect(found(set({ along: 0.15 }), 'gate.near-corner')).toMatchObject([{ severity: 'mend' }]);
    expect(found(set({ along: 0 }), 'gate.on-corner')).toMatchObject([{ severity: 'know' }]);
    expect(found(mended(set({ along: 0.15 }), 'gate.near-corner'), 'gate.near-corner')).toEqual([]);
    expect(found(set({ along: 0.3 }), 'gate.near-corner')).toEqual([]);
  });
  const door = {
    id: 'd1',
    kind: 'pop-door',
    side: 's1',
    along: 1,
    width: 0.3,
    height: 0.35,
    make: 'kit',
  } as const;
  const low = aRun({
    house: 'none',
    choices: { bands: [{ id: 'wall', mesh: 'fine-13', top: 0.6, widths: [0.6] }] },
  });
  test('a pop door above the mesh is a finding whose mend lowers it', () => {
    const tall = apply(low, { verb: 'add-opening', opening: { ...door, height: 0.9 } });
    expect(found(tall, 'flap.above-wall')[0]?.params).toMatchObject({ top: 0.9, wall: 0.6 });
    expect(found(mended(tall, 'flap.above-wall'), 'flap.above-wall')).toEqual([]);
  });
  test('a hatch above the mesh is moved down', () => {
    const hatch = {
      id: 'h1',
      kind: 'hatch',
      use: 'eggs',
      side: 's1',
      along: 1,
      width: 0.4,
      height: 0.3,
    } as const;
    const high = apply(low, { verb: 'add-opening', opening: { ...hatch, bottom: 0.5, make: 'kit' } });
    expect(found(high, 'flap.above-wall')).toHaveLength(1);
    const after = mended(high, 'flap.above-wall');
    expect(after.openings.find((o) => o.id === 'h1')).toMatchObject({ bottom: 0.3, height: 0.3 });
    expect(found(after, 'flap.above-wall')).toEqual([]);
  });
  test('two openings in one place block, and the mend parts them', () => {
    fc.assert(
      fc.property(uniform(0, 2.5), uniform(0.3, 1.2), (along, width) => {
        const twice = apply(plan, {
          verb: 'add-opening',
          opening: { ...PLAIN_GATE, id: 'g2', side: 's2', along, width },
        });
        const clash = blocking(twice).filter((f) => f.code === 'gate.overlaps' || f.code === 'gate.past-end');
        const [mend] = clash.flatMap((f) => f.mends(twice));
        if (mend) expect(blocking(apply(twice, mend))).toEqual([]);
        // Without a mend there is no room on the side beside the other: 3.6 less 0.95 in the middle.
        else if (clash.length > 0) expect(width).toBeGreaterThan(1.325 - 1e-6);
      }),
    );
  });
});

test('a door finds its place in the middle of the bay nearest to the middle of the side, clear of posts and gates', () => {
  // Side 1 is 6.0 in three bays of 2.0; side 2 is 3.6 with a gate from 1.325 to 2.275 between two bays of 1.325.
  expect(freePlace(plan, 's1', 6, 0.4)).toBeCloseTo(2 + (2 - 0.4) / 2, 9);
  expect(freePlace(plan, 's2', 3.6, 0.3)).toBeCloseTo((1.325 - 0.3) / 2, 4);
  expect(freePlace(plan, 's2', 3.6, 1.3)).toBeUndefined();
  for (const width of [0.2, 0.4, 0.9]) {
    const along = freePlace(plan, 's1', 6, width) ?? NaN;
    const opening = {
      id: 'd',
      kind: 'pop-door',
      side: 's1',
      along,
      width,
      height: 0.35,
      make: 'kit',
    } as const;
    expect(found(apply(plan, { verb: 'add-opening', opening }), 'flap.on-post')).toEqual([]);
  }
});

describe('what shuts it', () => {
  test('raccoons and people ask for two-step catches, people for a lock as well', () => {
    const seen = { ...plan, threats: { raccoon: 'seen', person: 'likely' } } as Plan;
    expect(found(seen, 'gate.catches')[0]?.params).toEqual({ threats: ['raccoon', 'person'] });
    const after = mended(mended(seen, 'gate.catches'), 'gate.lock');
    expect([...found(after, 'gate.catches'), ...found(after, 'gate.lock')]).toEqual([]);
    expect(found(plan, 'gate.catches')).toEqual([]);
  });
  test('where nothing passes under it in the ground a gate wants a sill', () => {
    const bare = aRun({ house: 'none', choices: { skirt: { kind: 'none' } } });
    const open = set({ make: 'built', sill: 'none' }, bare);
    expect(found(open, 'gate.no-sill')).toHaveLength(1);
    expect(found(mended(open, 'gate.no-sill'), 'gate.no-sill')).toEqual([]);
    // An apron ends in front of the leaf; what is buried goes on beneath it.
    expect(found(set({ make: 'built', sill: 'none' }), 'gate.no-sill')).toHaveLength(1);
    const skirt = { kind: 'buried', mesh: 'fine-13', depth: 0.45, lapUp: 0.1 } as const;
    const buried = aRun({ house: 'none', choices: { skirt } });
    expect(found(set({ make: 'built', sill: 'none' }, buried), 'gate.no-sill')).toEqual([]);
  });
  test('a width that no kit has can be built', () => {
    const wide = set({ width: 1.1 });
    const [noKit] = found(wide, 'way.no-kit');
    expect(noKit?.mends(wide)).toContainEqual({ verb: 'set-opening', id: 'g1', to: { make: 'built' } });
    expect(found(set({ make: 'built' }, wide), 'way.no-kit')).toEqual([]);
  });
  test('a hatch from a kit is bought, built it is sawn, hinged and hung in 0.7 h', () => {
    const opening = {
      id: 'h1',
      kind: 'hatch',
      use: 'cleaning',
      side: 's1',
      along: 1,
      width: 0.6,
      height: 0.6,
      bottom: 0.3,
    } as const;
    const kit = reckon(apply(plan, { verb: 'add-opening', opening: { ...opening, make: 'kit' } }));
    expect(kit.docket.lines.find((l) => l.id === 'kit:cleaning-hatch-kit@0.6')?.need).toBe(1);
    const built = reckon(apply(plan, { verb: 'add-opening', opening: { ...opening, make: 'built' } }));
    expect(built.figures['hours.flaps']).toBeCloseTo(0.7, 9);
    const needs = Object.fromEntries(built.docket.lines.map((l) => [l.id, l.need]));
    expect(needs).toMatchObject({ 'pack:hinge': 2, 'pack:catch': 1 });
    // Two uprights of 0.60 and two heads of 0.60; five boards of 0.15 for a flap 0.65 high and wide.
    expect(needs['timber:frame-63x38']).toBeCloseTo(4 * 0.6, 9);
    expect(needs['timber:board-150x25']).toBeCloseTo(5 * 0.65, 9);
  });
});

describe('a lobby', () => {
  const ids = {
    enclosure: 'lobby',
    opening: 'g2',
    corners: ['n1', 'n2', 'n3', 'n4'],
    sides: ['t1', 't2', 't3', 't4', 't5'],
  } as const;
  const double = apply(plan, { verb: 'add-lobby', opening: 'g1', depth: 1.2, ids });
  test('is a run of its own outside the gate, shut by a second gate', () => {
    expect(checkPlan(double).ok).toBe(true);
    expect(blocking(double)).toEqual([]);
    const { enclosures, figures } = reckon(double);
    expect(enclosures.map((e) => [e.name, Number(e.figures.area?.toFixed(4))])).toEqual([
      ['Run', 21.6],
      ['Lobby', Number((0.95 * 1.2).toFixed(4))],
    ]);
    expect(figures.gates).toBe(2);
    expect(figures.fenceLength).toBeCloseTo(19.2 + 1.2 + 0.95 + 1.2, 9);
  });
  test('the first gate opens into the run, the second out of the lobby', () => {
    expect(double.openings).toMatchObject([
      { id: 'g1', swing: 'in' },
      { id: 'g2', swing: 'out' },
    ]);
  });
  test('leaves a plan without such a gate as it was', () => {
    expect(apply(plan, { verb: 'add-lobby', opening: 'none', depth: 1.2, ids })).toBe(plan);
  });
});

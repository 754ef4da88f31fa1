import { describe, expect, test } from '@jest/globals';
import { leanTo as aLeanTo } from '../testing/leanTo';
import type { Change } from '../plan/changes/types';
import { DEMO_PLANS } from '../plan/samples';
import { LATEST_EDITION } from '../catalogue/editions';
import type { Plan } from '../plan/schema';
import { apply } from '../plan/changes/apply';
import { reckon } from '../reckon';

const [demo] = DEMO_PLANS;
if (!demo) throw new Error('the demo plans are gone');
/** Open to the sky: what covers take is told of them. */
const orchard: Plan = { ...demo, covers: [] };
const leanTo = aLeanTo();

const need = (plan: Plan, pack: string) =>
  reckon(plan).docket.lines.find((l) => l.id === `pack:${pack}`)?.need ?? 0;
const whole = { scope: 'plan' } as const;
const after = (plan: Plan, ...changes: readonly Change[]) => changes.reduce(apply, plan);
const gate = (to: Extract<Change, { verb: 'set-opening' }>['to']): Change => ({
  verb: 'set-opening',
  id: 'g1',
  to,
});

/*
 * The lean-to: 14′ and 9′ of fence round one corner, a gate 3′ clear from 9′ on. Seven timber posts: 2 at walls, 1 corner,
 * 2 at the gate, 2 between. Bands 0 to 1.2192 and, lapping by 0.05, 1.1692 to 1.778. Apron 0.45 with 0.10 up the wall.
 */
describe('the lean-to takes', () => {
  test('staples: 7 posts × (⌈1.2192/0.10⌉ + 1 = 14) and 7 × (⌈0.6088/0.15⌉ + 1 = 6)', () => {
    expect(need(leanTo, 'staple')).toBe(7 * 14 + 7 * 6);
  });
  test('rings: bands lap along 2.7432 (20) and 3.3528 (24) and the leaf 0.9644 (8); the apron along 20 + 6 + 20', () => {
    expect(need(leanTo, 'ring')).toBe(20 + 24 + 8 + (20 + 6 + 20));
  });
  test('pegs: ⌈(7.0104 + 0.90) / 0.5⌉ and one for the open end', () => {
    expect(need(leanTo, 'peg')).toBe(16 + 1);
  });
  test('no clips, no ties, no arms and no loose hinges: its posts are timber, its gate a kit', () => {
    for (const pack of ['clip', 'tie', 'arm', 'hinge', 'catch', 'stop']) expect(need(leanTo, pack)).toBe(0);
  });
  test('concrete: two gate posts of 100 mm, 0.75 deep in holes of 0.30, 5 bags each', () => {
    expect(need(leanTo, 'concrete')).toBe(2 * Math.ceil(((Math.PI / 4) * (0.09 - 0.01) * 0.75) / 0.0095));
  });
});

describe('the lean-to changed takes', () => {
  test('with a board at the ground, along each bay mesh and apron: 4 × 15 and 8, twice', () => {
    const plan = after(leanTo, { verb: 'set-boards', scope: whole, boards: { ground: 'board-150x25' } });
    expect(need(plan, 'staple')).toBe(140 + 2 * (4 * 15 + 8));
  });
  test('with a rail at the top, along each bay the upper band: 4 × 11 and 6', () => {
    const plan = after(leanTo, { verb: 'set-boards', scope: whole, boards: { top: 'rail-88x38' } });
    expect(need(plan, 'staple')).toBe(140 + 4 * 11 + 6);
  });
  test('with a built gate 1.778 high: three hinges, two catches, a stop', () => {
    const plan = after(leanTo, gate({ make: 'built' }));
    expect(['hinge', 'catch', 'stop'].map((pack) => need(plan, pack))).toEqual([3, 2, 1]);
  });
  test('with a built gate: two stiles × (14 + 6) and three rails × 8 staples more', () => {
    expect(need(after(leanTo, gate({ make: 'built' })), 'staple')).toBe(140 + 2 * (14 + 6) + 3 * 8);
  });
  test('with a built gate 1.40 high: two hinges', () => {
    expect(need(after(leanTo, gate({ make: 'built', height: 1.4 })), 'hinge')).toBe(2);
  });
  test('with a kit and two-step catches at top and foot: two of them beside the kit', () => {
    const plan = after(leanTo, gate({ catches: 'two-step', closer: 'spring', lock: 'padlock' }));
    expect(['two-step-catch', 'spring', 'padlock', 'hinge'].map((p) => need(plan, p))).toEqual([2, 1, 1, 0]);
  });
  const folded = after(leanTo, {
    verb: 'set-skirt',
    scope: whole,
    skirt: { kind: 'folded', mesh: 'fine-13', up: 0.5, out: 0.5 },
  });
  test('with a folded skirt 0.5 + 0.5: seven posts × (⌈0.5/0.10⌉ + 1 = 6) staples more', () => {
    expect(need(folded, 'staple')).toBe(140 + 7 * 6);
  });
  test('with a folded skirt: ⌈(7.0104 + 1.0) / 0.5⌉ and one pegs', () => {
    expect(need(folded, 'peg')).toBe(17 + 1);
  });
  test('with an overhang: an arm a post, and a patch at the corner ringed along two edges of 0.30', () => {
    const plan = after(leanTo, { verb: 'set-overhang', scope: whole, overhang: 0.3 });
    expect(need(plan, 'arm')).toBe(7);
    const patch = reckon(plan)
      .cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces))
      .filter((p) => p.use === 'patch');
    expect(patch.map((p) => p.length)).toEqual([0.3]);
    expect(need(plan, 'ring')).toBeGreaterThanOrEqual(98 + 2 * 3);
  });
  test('with panels for its wall: five ties a post, no staples but none', () => {
    const bands = [{ id: 'wall', mesh: 'panel-close', top: 1.2, widths: [48 * 0.0254] }];
    const plan = {
      ...leanTo,
      // The edition it was priced by has no panels yet.
      buying: { ...leanTo.buying, edition: LATEST_EDITION },
      choices: { ...leanTo.choices, plan: { ...leanTo.choices.plan, bands } },
    };
    expect(need(plan, 'tie')).toBe(7 * 5);
    expect(need(plan, 'staple')).toBe(0);
  });
  test('with a buried skirt: no pegs at all', () => {
    const skirt = { kind: 'buried', mesh: 'fine-13', depth: 0.3, lapUp: 0.1 } as const;
    expect(need(after(leanTo, { verb: 'set-skirt', scope: whole, skirt }), 'peg')).toBe(0);
  });
});

/*
 * The orchard run: ten timber posts and nine of steel. Sides 8, 2, 4 and 6 step down the slope, so that their lowest band
 * is higher than 0.60 by the largest drop of their bays: 0.16, 0.165, 0.13, 0.08. The upper band is 1.20 high everywhere.
 */
describe('the orchard run takes', () => {
  test('staples post by post, a corner post for the higher of its two walls: 6 × (9 + 9), 2 × (8 + 9), 2 × (7 + 9)', () => {
    expect(need(orchard, 'staple')).toBe(6 * 18 + 2 * 17 + 2 * 16);
  });
  test('clips: nine steel posts × (⌈1.75/0.30⌉ = 6, of which five come with the post)', () => {
    expect(need(orchard, 'clip')).toBe(9);
  });
  test('pegs: ⌈(31.836 + 5 × 0.90) / 0.5⌉ and one for the open end', () => {
    expect(need(orchard, 'peg')).toBe(73 + 1);
  });
  test('pegs with the apron carried round the house: no open end, three walls and two corners more', () => {
    const skirt = { kind: 'house-apron', mesh: 'fine-13', width: 0.45, lapUp: 0.1 } as const;
    const plan = after(orchard, { verb: 'set-skirt', scope: whole, skirt });
    // 1.8 + 2.4 + 1.8 of house, 0.90 at each of its two outer corners.
    expect(need(plan, 'peg')).toBe(Math.ceil((31.8361 + 5 * 0.9 + 6 + 1.8) / 0.5));
    // Nailed to the house boards each 0.10: 19 + 25 + 19.
    expect(need(plan, 'staple')).toBe(174 + 19 + 25 + 19);
  });
});

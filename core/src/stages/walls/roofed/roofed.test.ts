import { describe, expect, test } from '@jest/globals';
import { apply } from '../../../plan/changes/apply';
import type { Building, Plan } from '../../../plan/schema';
import { reckon } from '../../../reckon';
import { PLAIN, aRun } from '../../../testing/aRun';
import { PLAIN_GATE } from '../../ways/plan/kinds/gate';
import type { Roof } from '../../ground/plan/roof';

const [WIDE, DEEP, LOW, HIGH] = [5.4, 3.6, 1.9, 2.5];

/** A roof on posts over 5.4 × 3.6, closed in; its back is a wall unless it is open all round. */
function under(roof: Partial<Roof>, top = LOW, back: 'wall' | 'fence' = 'wall'): Plan {
  const bare = aRun({
    house: 'none',
    gate: 0,
    width: DEEP,
    depth: WIDE,
    choices: { ...PLAIN, skirt: { kind: 'none' } },
    threats: { fox: 'seen' },
  });
  const bands = [{ id: 'all', mesh: 'welded-50x25', top, widths: 'cheapest' as const }];
  const corners = new Map(bare.corners.map((c) => [c.id, { x: c.x, y: c.y }]));
  const outline = bare.sides.map((s) => corners.get(s.from) ?? { x: 0, y: 0 });
  const building: Building = {
    id: 'shed',
    name: 'Tractor shed',
    outline,
    eaves: LOW,
    height: HIGH,
    stands: 'posts',
    roof: { kind: 'sheet', shape: 'one-way', low: 0, spacing: 1.8, ...roof },
  };
  const plan: Plan = {
    ...bare,
    choices: { ...bare.choices, plan: { ...bare.choices.plan, bands } },
    ground: { ...bare.ground, buildings: [building] },
  };
  return back === 'fence' ? plan : apply(plan, { verb: 'set-side-kind', side: 's3', kind: 'wall' });
}
const codes = (plan: Plan) => reckon(plan).findings.map((f) => f.code);
/** Pieces that are cut for what is above the bands. */
const rakesOf = (plan: Plan) =>
  reckon(plan).cutting.flatMap(({ task }) => task.runs.filter((run) => run.part.on === 'rake'));
const area = (plan: Plan, side: string, of: 'area' | 'rake') =>
  (reckon(plan).figures as Readonly<Record<string, number>>)[`roofed.${side}.${of}`];

describe('a lean-to 5.4 wide and 3.6 deep, 1.9 at its low side and 2.5 at its high', () => {
  const plan = under({});
  const { figures, docket, findings } = reckon(plan);
  test('has end walls of 7.92 m² to a top that rises 0.60', () => {
    for (const side of ['s2', 's4']) {
      expect(area(plan, side, 'area')).toBeCloseTo((DEEP * (LOW + HIGH)) / 2, 9);
      expect(area(plan, side, 'rake')).toBeCloseTo((DEEP * (HIGH - LOW)) / 2, 9);
    }
    expect(area(plan, 's1', 'area')).toBeCloseTo(WIDE * LOW, 9);
    expect(area(plan, 's1', 'rake')).toBe(0);
  });
  test('both rakes are cut from one piece, slope against slope, each lapping the band under it', () => {
    const rakes = rakesOf(plan);
    expect(rakes).toHaveLength(1);
    const bandLap = 0.05;
    const [first] = rakes;
    expect([first?.length, first?.across].map((v) => v ?? 0).sort()).toEqual([
      expect.closeTo(HIGH - LOW + 2 * bandLap, 9),
      expect.closeTo(DEEP, 9),
    ]);
  });
  test('stands on its own posts: none bought, none braced, nothing clipped to them', () => {
    // Along the front three bays of 1.8, two at each end; a wall stands at the back.
    expect(figures['posts.standing']).toBe(figures['posts.total']);
    expect(figures['posts.total']).toBe(4 + 2 * 1 + 2);
    expect(figures['posts.braces']).toBe(0);
    expect(docket.lines.filter((l) => l.stage === 'posts' && l.buy > 0)).toEqual([]);
  });
  test('a post set for a gate there is held at its head by the roof, and takes no brace', () => {
    const gated = (roofed: boolean) => {
      const shed = under({}, LOW, 'fence');
      const of: Plan = {
        ...shed,
        openings: [{ ...PLAIN_GATE, id: 'g1', side: 's1', along: 2.5, width: 0.9 }],
      };
      return reckon(roofed ? of : { ...of, ground: { ...of.ground, buildings: [] } }).figures['posts.braces'];
    };
    expect(gated(true)).toBe(0);
    expect(gated(false)).toBeGreaterThan(0);
  });
  test('is closed to the roof, and covered by it', () => {
    const about = findings.map((f) => f.code);
    for (const code of ['roof.gap', 'roof.low', 'cover.bare', 'post.standing-low'])
      expect(about).not.toContain(code);
  });
  test('is stapled along its rafters and ringed to the bands', () => {
    const plain = under({ shape: 'flat' });
    const need = (of: Plan, id: string) => reckon(of).docket.lines.find((l) => l.id === id)?.need ?? 0;
    const rafter = Math.ceil(Math.hypot(DEEP, HIGH - LOW) / 0.15) + 1;
    expect(need(plan, 'pack:staple') - need(plain, 'pack:staple')).toBe(2 * rafter);
    expect(need(plan, 'pack:ring') - need(plain, 'pack:ring')).toBe(2 * (Math.ceil(DEEP / 0.15) + 1));
    const mesh = (of: Plan) => reckon(of).figures['hours.mesh'] ?? 0;
    expect(mesh(plan) - mesh(plain)).toBeCloseTo(2 * DEEP * 0.08, 9);
  });
});

describe('other roofs that stand', () => {
  test('a gable has two slopes in each end wall, all four from two pieces', () => {
    const plan = under({ shape: 'gable' }, LOW, 'fence');
    for (const side of ['s2', 's4']) {
      expect(area(plan, side, 'area')).toBeCloseTo(DEEP * LOW + (DEEP * (HIGH - LOW)) / 2, 9);
      expect(area(plan, side, 'rake')).toBeCloseTo((DEEP * (HIGH - LOW)) / 2, 9);
    }
    expect(rakesOf(plan)).toHaveLength(2);
    expect(area(plan, 's1', 'rake')).toBe(0);
    expect(area(plan, 's3', 'rake')).toBe(0);
  });
  test('a flat one lies level over all walls', () => {
    const plan = under({ shape: 'flat' }, LOW, 'fence');
    for (const side of ['s1', 's2', 's3', 's4']) expect(area(plan, side, 'rake')).toBe(0);
  });
  test('steeper than a hand is wide, its mesh hangs in upright strips', () => {
    const plan = under({}, LOW);
    const steep: Plan = {
      ...plan,
      ground: { ...plan.ground, buildings: plan.ground.buildings.map((b) => ({ ...b, height: LOW + 1.6 })) },
    };
    expect(rakesOf(steep)).toHaveLength(2 * Math.ceil(DEEP / 0.9));
  });
  test.each<['roof.gap' | 'roof.low', number]>([
    ['roof.gap', LOW - 0.3],
    ['roof.low', LOW + 0.3],
  ])('%s is told with a mend that makes it go', (code, top) => {
    const plan = under({}, top);
    const found = reckon(plan).findings.filter((f) => f.code === code);
    expect(found.length).toBeGreaterThan(0);
    const mends = found[0]?.mends(plan) ?? [];
    const after = mends.map((change) => codes(apply(plan, change)));
    expect(after.some((c) => !c.includes(code))).toBe(true);
  });
  test('what it drops on is told; a net drops nothing', () => {
    const gated = (plan: Plan, side: string) =>
      apply(plan, { verb: 'add-opening', opening: { ...PLAIN_GATE, id: 'g1', side, along: 1, width: 0.95 } });
    expect(codes(gated(under({}), 's1'))).toContain('roof.drips');
    expect(codes(gated(under({}), 's2'))).not.toContain('roof.drips');
    expect(codes(gated(under({ kind: 'net' }), 's1'))).not.toContain('roof.drips');
  });
  test('over the end of the land it is moved back', () => {
    const plan = under({});
    const reach = Math.max(...plan.corners.map((c) => c.x));
    const line = [
      { x: reach - 0.4, y: -20 },
      { x: reach - 0.4, y: 20 },
    ];
    const over: Plan = {
      ...plan,
      ground: { ...plan.ground, boundaries: [{ id: 'b', name: 'Beck', kind: 'boundary', line }] },
    };
    const found = reckon(over).findings.find((f) => f.code === 'roof.over-boundary');
    expect((found?.params as { readonly by: number }).by).toBeCloseTo(0.4, 6);
    const [mend] = found?.mends(over) ?? [];
    if (!mend) throw new Error('no mend');
    expect(codes(apply(over, mend))).not.toContain('roof.over-boundary');
  });
});

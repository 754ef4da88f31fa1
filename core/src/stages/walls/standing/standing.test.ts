import { describe, expect, test } from '@jest/globals';
import { apply } from '../../../plan/changes/apply';
import { walledCorner } from '../../../plan/samples/walledCorner';
import type { Plan } from '../../../plan/schema';
import { reckon } from '../../../reckon';
import { PLAIN, aRun } from '../../../testing/aRun';
import { type Standing, usualStanding } from '../../outline/plan/standing';
import { keptFrom } from './down';
import { PLAIN_GATE } from '../../ways/plan/kinds/gate';

const NO_SKIRT = { kind: 'none' } as const;
const FOLDED = { kind: 'folded', mesh: 'welded-75x50', up: 0.5, out: 0.5 } as const;
const HEX: Partial<Standing> = { bands: [{ mesh: 'hex-50', top: 1.5 }] };

/** A pen of 8.0 × 5.0 that stands all round. */
function aPen(skirt: Plan['choices']['plan']['skirt'], to: Partial<Standing> = HEX): Plan {
  const bare = aRun({
    house: 'none',
    gate: 0,
    width: 5,
    depth: 8,
    choices: { ...PLAIN, skirt },
    threats: { fox: 'seen', dog: 'seen' },
    flock: [{ id: 'f1', kind: 'hen-heavy', count: 8, keeping: 'confined' }],
  });
  const sides = bare.sides.map((s) => s.id);
  return apply(bare, { verb: 'set-standing', sides, standing: { ...usualStanding(1.5), ...to } });
}
const bought = (plan: Plan) => reckon(plan).docket.lines.filter((l) => l.buy > 0);
const codes = (plan: Plan) => reckon(plan).findings.map((f) => f.code);

describe('a pen that stands all round', () => {
  test('is bought nothing for, and takes no hours but to look at', () => {
    const plan = aPen(NO_SKIRT);
    expect(bought(plan)).toEqual([]);
    const { figures } = reckon(plan);
    expect(figures.fenceLength).toBe(0);
    expect(figures.standing).toBeCloseTo(26, 9);
    // Four corners, and three and two more a side where bays are of 2.4 at most.
    expect(figures['posts.standing']).toBe(4 + 2 * 3 + 2 * 2);
    expect(figures['posts.standing']).toBe(figures['posts.total']);
    expect(figures['posts.braces']).toBe(0);
    expect(figures.hours).toBe(0);
  });
  test('gets a folded skirt: 26.0 and four woven corners of 0.5, from mesh of 1.0, and no mesh of walls', () => {
    const plan = aPen(FOLDED);
    const { figures, docket } = reckon(plan);
    expect(figures['skirt.stripLength']).toBeCloseTo(28, 9);
    expect(figures['skirt.stripWidth']).toBeCloseTo(1, 9);
    expect(figures['skirt.rollWidth']).toBeCloseTo(1.2, 9);
    expect(docket.lines.filter((l) => l.stage === 'walls' && l.buy > 0)).toEqual([]);
    expect(docket.lines.filter((l) => l.stage === 'posts' && l.buy > 0)).toEqual([]);
  });
  test('is torn above the fold, and dug under no more', () => {
    const [bare, folded] = [aPen(NO_SKIRT), aPen(FOLDED)];
    expect(codes(bare)).toEqual(expect.arrayContaining(['skirt.none', 'mesh.torn']));
    expect(codes(folded)).not.toContain('skirt.none');
    const torn = reckon(folded).findings.filter((f) => f.code === 'mesh.torn');
    expect(torn.map((f) => f.params)).toEqual([
      expect.objectContaining({ of: 'standing', sides: [1, 2, 3, 4] }),
    ]);
  });
  test('folded up to its top nothing of its own mesh counts any more', () => {
    const high = aPen({ ...FOLDED, up: 1.5 });
    expect(codes(high)).not.toContain('mesh.torn');
  });
});

describe('what is found of a fence that stands', () => {
  test('the shorter side of its mesh is judged, unknown mesh as hexagonal of 50 mm', () => {
    const known = aPen(FOLDED, { bands: [{ mesh: 'welded-100x50', top: 1.5 }] });
    const unknown = aPen(FOLDED, { bands: [{ mesh: null, top: 1.5 }] });
    const hex = aPen(FOLDED);
    expect(codes(unknown)).toEqual(codes(hex));
    expect(codes(known)).not.toEqual(codes(hex));
  });
  test('tired wire counts as a third thinner', () => {
    // Strong enough for fox and dog when it was new.
    const bands = [{ mesh: 'welded-50x25', top: 1.5 }];
    const sound = aPen(FOLDED, { bands, state: 'sound' });
    const tired = aPen(FOLDED, { bands, state: 'tired' });
    const wires = (plan: Plan) =>
      reckon(plan).findings.flatMap((f) => (f.code === 'mesh.torn' ? [f.params.wire] : []));
    expect(wires(sound)).toEqual([]);
    for (const wire of wires(tired)) expect(wire).toBeCloseTo((0.00203 * 2) / 3, 12);
    expect(wires(tired).length).toBeGreaterThan(0);
  });
  test.each<[string, Partial<Standing>]>([
    ['standing.unmeasured', { ...HEX, height: null }],
    ['standing.over-posts', { bands: [{ mesh: 'hex-50', top: 2 }] }],
    ['standing.bare', { bands: [] }],
    ['standing.broken', { ...HEX, state: 'broken' }],
  ])('%s is told with a mend that makes it go', (code, to) => {
    const plan = aPen(FOLDED, to);
    const found = reckon(plan).findings.find((f) => f.code === code);
    const [mend] = found?.mends(plan) ?? [];
    if (!mend) throw new Error(`no mend for ${code}`);
    const after = reckon(apply(plan, mend)).findings.filter(
      (f) => f.code === code && JSON.stringify(f.part) === JSON.stringify(found?.part),
    );
    expect(after).toEqual([]);
  });
  test('a broken fence is open as high as it is', () => {
    expect(reckon(aPen(FOLDED, { ...HEX, state: 'broken' })).figures.openingLeft).toBeCloseTo(1.5, 9);
  });
  test('a skirt as found counts as far as it is known', () => {
    const found = (depth: number | null, out: number) =>
      codes(aPen(NO_SKIRT, { ...HEX, foot: { depth, out } })).includes('skirt.none');
    expect([found(null, 0), found(0.2, 0), found(0.6, 0), found(null, 0.6)]).toEqual([
      true,
      true,
      false,
      false,
    ]);
  });
});

describe('a fence that is built anew where one stood', () => {
  const plan = apply(aPen(NO_SKIRT), { verb: 'set-standing', sides: ['s1'], standing: null });
  const { figures, findings } = reckon(plan);
  test('is bought as any other, and takes the hours to take the old one down', () => {
    expect(figures.fenceLength).toBeCloseTo(8, 9);
    expect(figures.standing).toBeCloseTo(18, 9);
    const { replaces: _, ...bare } = plan.sides[0] as Extract<Plan['sides'][number], { kind: 'fence' }>;
    const fresh = reckon({ ...plan, sides: [bare, ...plan.sides.slice(1)] }).figures;
    expect((figures.hours ?? 0) - (fresh.hours ?? 0)).toBeCloseTo(8 * 0.05, 9);
    expect(figures['posts.total']).toBe(fresh['posts.total']);
  });
  test('keeps what stood, and is told of, until it is said to stand again', () => {
    expect(findings.find((f) => f.code === 'standing.replaced')?.params).toEqual({ sides: [1] });
    const again = apply(plan, {
      verb: 'set-standing',
      sides: ['s1'],
      standing: { ...usualStanding(1.5), ...HEX },
    });
    expect(again).toEqual(aPen(NO_SKIRT));
  });
});

describe('a finer band tied over a fence that stands', () => {
  const low = { mesh: 'fine-13', top: 0.6 };
  const plan = aPen(FOLDED, { ...HEX, low });
  test('is bought, cut and tied each 0.30 along foot, top and posts', () => {
    const { docket, figures } = reckon(plan);
    expect(docket.lines.filter((l) => l.id.startsWith('roll:fine-13'))).toHaveLength(1);
    expect(figures['mesh.added.length']).toBeGreaterThanOrEqual(26);
    const ties = docket.lines.find((l) => l.id === 'pack:tie');
    // All round in one run of 26.0: 88 along the foot, 88 along the top; 14 posts with 3 each.
    expect(ties?.need).toBe(2 * (Math.ceil(26 / 0.3) + 1) + 14 * (Math.ceil(0.6 / 0.3) + 1));
    expect(docket.lines.find((l) => l.id === 'pack:clip' && l.need > 0)).toBeUndefined();
  });
  test('what is torn above it stays', () => {
    const [torn] = reckon(plan).findings.filter((f) => f.code === 'mesh.torn');
    expect(torn).toBeDefined();
    const over = apply(plan, {
      verb: 'set-low-band',
      sides: plan.sides.map((s) => s.id),
      low: { mesh: 'welded-25', top: 1.5 },
    });
    expect(codes(over)).not.toContain('mesh.torn');
  });
});

describe('a gate cut into a fence that stands', () => {
  test('has posts of its own, and nothing else is bought for the line', () => {
    const plan = apply(aPen(NO_SKIRT), {
      verb: 'add-opening',
      opening: { ...PLAIN_GATE, id: 'g1', side: 's1', along: 3, width: 0.95 },
    });
    const { figures, docket } = reckon(plan);
    expect(figures['posts.gate']).toBe(2);
    // The post that stood where it opens is gone.
    expect(figures['posts.standing']).toBe(14);
    expect(docket.lines.filter((l) => l.stage === 'posts' && l.buy > 0).length).toBeGreaterThan(0);
    expect(docket.lines.filter((l) => l.id.startsWith('roll:'))).toEqual([]);
  });
});

describe('a corner between two brick walls, one fence tired and one new', () => {
  const { sides, ...corner } = walledCorner();
  // Nothing comes down first: the new one stands where there was none.
  const plan: Plan = { ...corner, sides: sides.map((s) => ({ ...s, replaces: undefined })) };
  const { figures, findings, docket } = reckon(plan);
  test('is told apart: what stands, what is new, and posts at their meeting stand', () => {
    expect(figures.standing).toBeCloseTo(9.6, 9);
    expect(figures.fenceLength).toBeCloseTo(6, 9);
    // Three line posts and both ends of the old line; the gate and the new line have theirs.
    expect(figures['posts.standing']).toBe(5);
    expect(figures['posts.total']).toBe(5 + 2 + 2 + 1);
    // Folded along both lines, round the corner between them.
    expect(figures['skirt.stripLength']).toBeCloseTo(9.6 + 6 + 0.5 + 0.5 * 0.6, 9);
  });
  test('is open at the lights of the dovecote alone, and what is hung anyway covers them for nothing', () => {
    const red = findings.filter((f) => f.severity === 'mend');
    expect(red.map((f) => f.code)).toEqual(['opening.passes']);
    const [first] = red[0]?.mends(plan) ?? [];
    if (!first) throw new Error('no mend');
    const after = reckon(apply(plan, first));
    expect(after.findings.filter((f) => f.severity === 'mend')).toEqual([]);
    const rolls = (lines: typeof docket.lines) =>
      lines.filter((l) => l.id.startsWith('roll:')).map((l) => [l.id, l.buy]);
    expect(rolls(after.docket.lines)).toEqual(rolls(docket.lines));
  });
});

describe('two rotten posts beside each other in a line of 9.6', () => {
  const line = (anew: readonly number[]): Plan => {
    const bare = aRun({
      house: 'none',
      gate: 0,
      width: 4,
      depth: 9.6,
      choices: { ...PLAIN, skirt: NO_SKIRT },
    });
    const post = { ...bare.choices.plan.posts, line: 'round-100' };
    const plan = apply(apply(bare, { verb: 'set-posts', scope: { scope: 'plan' }, posts: post }), {
      verb: 'set-standing',
      sides: bare.sides.map((s) => s.id),
      standing: { ...usualStanding(1.5), ...HEX },
    });
    return {
      ...plan,
      postPins: anew.map((along, i) => ({ id: `n${i}`, side: 's1', along, post: { kind: 'new' } })),
    };
  };
  test('are two posts, an hour of digging, and three bays of mesh taken off and hung again', () => {
    const { figures, workings } = reckon(line([2.4, 4.8]));
    expect(figures['posts.standing']).toBe((reckon(line([])).figures['posts.total'] ?? 0) - 2);
    expect(figures['hours.posts']).toBeCloseTo(1, 9);
    expect(figures['hours.mesh']).toBeCloseTo(7.2 * 0.05 + 7.2 * 0.08, 9);
    expect(JSON.stringify(workings.hours)).toContain('hours.take-off');
  });
  test('apart they are four bays', () => {
    expect(reckon(line([2.4, 7.2])).figures['hours.mesh']).toBeCloseTo(9.6 * 0.13, 9);
  });
});

describe('a gate that hangs in a fence that stands', () => {
  const hung = (found: object | undefined, to: object = {}) =>
    apply(aPen(NO_SKIRT), {
      verb: 'add-opening',
      opening: {
        ...PLAIN_GATE,
        id: 'g1',
        side: 's1',
        along: 3,
        width: 0.95,
        make: 'built',
        sill: 'none',
        ...(found && { found }),
        ...to,
      },
    });
  const asFound = { catches: 'one-step', sill: 'none', lock: 'none', closer: 'none' };
  test('is bought nothing for and takes no hours; its posts stand; it is judged', () => {
    const plan = hung(asFound);
    const { figures } = reckon(plan);
    expect(bought(plan)).toEqual([]);
    expect(figures.hours).toBe(0);
    expect(figures['posts.gate']).toBe(2);
    expect(figures['posts.standing']).toBe(figures['posts.total']);
    expect(codes(plan)).toContain('gate.no-sill');
  });
  test('what is chosen beyond what it was found with is bought, and no more', () => {
    const plan = hung(asFound, { sill: 'board', catches: 'two-step', lock: 'padlock' });
    const ids = bought(plan).map((l) => [l.id, l.need]);
    expect(ids).toEqual(
      expect.arrayContaining([
        ['pack:two-step-catch', 2],
        ['pack:padlock', 1],
      ]),
    );
    expect(ids).toHaveLength(3);
    expect(codes(plan)).not.toContain('gate.no-sill');
  });
});

describe('a fence that stands made higher', () => {
  const sides = ['s1', 's2', 's3', 's4'];
  const plan = apply(aPen(NO_SKIRT), {
    verb: 'set-higher',
    sides,
    higher: { mesh: 'welded-50x25', top: 2.1 },
  });
  const { docket, figures, findings } = reckon(plan);
  const need = (id: string) => docket.lines.find((l) => l.id === id)?.need;
  test('a timber beside every post, 0.45 down it, two bolts each', () => {
    const posts = 4 + 2 * 3 + 2 * 2;
    expect(need('pack:bolt')).toBe(2 * posts);
    const timbers = reckon(plan).cutting.flatMap(({ task }) =>
      task.runs.filter((r) => r.part.on === 'sister'),
    );
    expect(timbers).toHaveLength(posts);
    for (const { length } of timbers) expect(length).toBeCloseTo(2.1 - 1.5 + 0.45, 9);
  });
  test('its mesh laps the old, and is tied along both edges and up every post', () => {
    const height = 2.1 - 1.5 + 0.05;
    expect(need('pack:tie')).toBe(2 * (Math.ceil(26 / 0.3) + 1) + 14 * (Math.ceil(height / 0.3) + 1));
    expect(figures['mesh.higher.length']).toBeGreaterThanOrEqual(26);
    expect(findings.map((f) => f.code)).not.toContain('post.standing-low');
    expect(findings.map((f) => f.code)).not.toContain('band.hole');
  });
  test('left as high as it stands, nothing of it is left', () => {
    expect(apply(plan, { verb: 'set-higher', sides, higher: null })).toEqual(aPen(NO_SKIRT));
  });
});

describe('what comes down', () => {
  const built = apply(aPen(NO_SKIRT), { verb: 'set-standing', sides: ['s1'], standing: null });
  test('is kept for the shed: mesh by its length and height, posts but those at its ends', () => {
    expect(keptFrom(built)).toEqual([
      expect.objectContaining({ kind: 'roll', product: 'hex-50', length: 8, width: 1.5, condition: 'worn' }),
      expect.objectContaining({ kind: 'post', count: 3, length: 2.1, condition: 'worn' }),
    ]);
    const { figures } = reckon(built);
    expect(figures['down.length']).toBeCloseTo(8, 9);
    expect(figures['down.posts']).toBe(3);
  });
  test('tired it is poor, broken it is not kept, unknown mesh is none', () => {
    const of = (to: Partial<Standing>) =>
      keptFrom(
        apply(aPen(NO_SKIRT, { ...HEX, ...to }), { verb: 'set-standing', sides: ['s1'], standing: null }),
      );
    expect(of({ state: 'tired' }).map((p) => p.condition)).toEqual(['poor', 'poor']);
    expect(of({ state: 'broken' })).toEqual([]);
    expect(of({ bands: [{ mesh: null, top: 1.5 }] }).map((p) => p.kind)).toEqual(['post']);
  });
});

describe('a run made longer', () => {
  const pen = aPen(NO_SKIRT);
  const beside = apply(pen, {
    verb: 'add-beside',
    side: 's2',
    depth: 3,
    enclosure: { id: 'more', name: 'More' },
    corners: ['q1', 'q2'],
    sides: ['r1', 'r2', 'r3'],
  });
  test('beside the old, the fence between stands, and a gate is cut into it as a way through', () => {
    const through = apply(beside, {
      verb: 'add-opening',
      opening: { ...PLAIN_GATE, id: 'g1', side: 's2', along: 1, width: 0.95 },
    });
    const { figures } = reckon(through);
    expect(figures.standing).toBeCloseTo(26, 9);
    expect(figures.fenceLength).toBeCloseTo(3 + 5 + 3, 9);
    expect(figures['posts.gate']).toBe(2);
  });
  test('in one with it, the fence between comes down, and what is new alone is bought', () => {
    const joined = apply(beside, { verb: 'join-enclosures', side: 's2' });
    const { figures } = reckon(joined);
    expect(joined.enclosures).toHaveLength(1);
    expect(figures.area).toBeCloseTo(8 * 5 + 3 * 5, 9);
    expect(figures.standing).toBeCloseTo(8 + 5 + 8, 9);
    expect(figures.fenceLength).toBeCloseTo(11, 9);
    expect(figures['down.length']).toBeCloseTo(5, 9);
    // Both ends of the old fence stand where the new one goes on.
    expect(figures['posts.standing']).toBe(4 + 3 + 2 + 3);
    const alone = reckon({ ...joined, takenDown: [] }).figures;
    expect((figures.hours ?? 0) - (alone.hours ?? 0)).toBeCloseTo(5 * 0.05, 9);
    expect(keptFrom(joined).map((p) => p.kind)).toEqual(['roll', 'post']);
  });
});

import { formatPart } from '../../plan/partRef';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Change } from '../../plan/changes/types';
import type { FindingCode } from '../../findings/types';
import type { Part } from '../told';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { reckon } from '../../reckon';
import { toPolyline } from '../../ground/polyline';
import { aRun, anOutline } from '../../testing/aRun';
import { near } from '../../testing/near';
import { uniform } from '../../testing/uniform';

const long = (choices: Partial<Plan['choices']['plan']> = {}) =>
  anOutline(
    [
      [0, 0],
      [12, 0],
      [12, 4.8],
      [0, 4.8],
    ],
    choices,
  );
const withPipe = (plan: Plan, x: number): Plan => ({
  ...plan,
  ground: {
    ...plan.ground,
    services: [
      {
        id: 'w',
        name: 'water pipe',
        kind: 'water',
        depth: 0.7,
        line: [
          { x, y: -5 },
          { x, y: 9 },
        ],
      },
    ],
  },
});
const withTree = (plan: Plan, x: number, y: number, trunk = 0.3): Plan => ({
  ...plan,
  ground: {
    ...plan.ground,
    trees: [{ id: 't', name: 'damson', at: { x, y }, trunk, roots: 2.5, crown: 2 }],
  },
});
const found = (plan: Plan, code: FindingCode) => reckon(plan).findings.filter((f) => f.code === code);
const posts = (plan: Plan) =>
  reckon(plan).parts.filter((p): p is Extract<Part, { kind: 'post' }> => p.kind === 'post');
const on = (plan: Plan, side: string) =>
  posts(plan)
    .filter((p) => p.side === side)
    .map((p) => Number(p.along.toFixed(3)))
    .sort((a, b) => a - b);
const pin = (id: string, along: number, post: Plan['postPins'][number]['post'] = { kind: 'new' }) =>
  ({ id, side: 'e0', along, post }) as const;

describe('a post on a buried service', () => {
  test('is said, with the nearest place within the spacing where it can be dug', () => {
    const plan = withPipe(long(), 4.8);
    const finding = found(plan, 'post.on-service').find((f) => formatPart(f.part).startsWith('side:e0'));
    expect(finding?.params).toMatchObject({ distance: near(0, 9), name: 'water pipe' });
    // On both sides of the pipe a post, which is one more: no place within the spacing is free.
    expect(finding?.mends(plan)[0]).toMatchObject({
      pin: { side: 'e0', along: near(4.3, 9) },
      beside: { side: 'e0', along: near(5.3, 9) },
    });
    // At 2.4 apart in five bays of 2.4 nothing can move; in bays of 2.4 at most of a spacing of 3.0 it can.
    const roomy = withPipe(long({ spacing: 3 }), 6);
    const [loose] = found(roomy, 'post.on-service').filter((f) => formatPart(f.part).startsWith('side:e0'));
    expect(loose?.mends(roomy)[0]).toMatchObject({ beside: { side: 'e0' } });
    const slack = withPipe(long({ spacing: 3.4 }), 6);
    const [mend] =
      found(slack, 'post.on-service')
        .find((f) => formatPart(f.part).startsWith('side:e0'))
        ?.mends(slack) ?? [];
    expect(mend).toMatchObject({
      verb: 'set-pin',
      pin: { side: 'e0', along: near(6.5, 1) },
    });
  });
  test('moved off keeps every bay within the spacing and is off it, with no post more where one place will do', () => {
    fc.assert(
      fc.property(uniform(0.8, 11.2), uniform(1.8, 3.5), (x, spacing) => {
        const plan = withPipe(long({ spacing }), x);
        const before = found(plan, 'post.on-service').find((f) => formatPart(f.part).startsWith('side:e0/'));
        const [mend] = before?.mends(plan) ?? [];
        if (!mend) return;
        const next = apply(plan, mend);
        const [was, is] = [on(plan, 'e0').length, on(next, 'e0').length];
        // Of a place within the spacing there is one; of those further off there are more.
        if (before?.mends(plan).length === 1) expect(is).toBe(was);
        else expect(is).toBeLessThanOrEqual(was + 2);
        const stops = [0, ...on(next, 'e0').filter((a) => a > 0), 12];
        stops.slice(1).forEach((to, i) => expect(to - (stops[i] ?? 0)).toBeLessThanOrEqual(spacing + 2e-3));
        const pipe = next.ground.services[0]?.line ?? [];
        for (const pinned of next.postPins)
          expect(toPolyline({ x: pinned.along, y: 0 }, pipe)).toBeGreaterThanOrEqual(0.5 - 1e-4);
      }),
      { numRuns: 60 },
    );
  });
  test('that is a gate post moves the gate', () => {
    const plan = withPipe(aRun({ house: 'none', width: 9 }), 6);
    // The far side of this run lies along x = 6: the pipe runs under all of it, and no place helps.
    expect(found(plan, 'post.on-service').length).toBeGreaterThan(0);
    const across: Plan = {
      ...plan,
      ground: {
        ...plan.ground,
        services: plan.ground.services.map((s) => ({
          ...s,
          line: [
            { x: -5, y: 4 },
            { x: 9, y: 4 },
          ],
        })),
      },
    };
    const [mend] =
      found(across, 'post.on-service')
        .find((f) => formatPart(f.part).startsWith('opening:'))
        ?.mends(across) ?? [];
    expect(mend).toMatchObject({ verb: 'set-opening', id: 'g1' });
    const next = apply(across, mend as Change);
    expect(found(next, 'post.on-service').filter((f) => formatPart(f.part).startsWith('opening:'))).toEqual(
      [],
    );
  });
});

describe('a post among roots', () => {
  test('is worth knowing, in the trunk itself it is to be mended', () => {
    const near = found(withTree(long(), 4.8, -2), 'post.in-roots');
    expect(near.map((f) => f.severity)).toContain('know');
    expect(found(withTree(long(), 4.8, -0.2), 'post.in-roots').map((f) => f.severity)).toContain('mend');
    expect(found(withTree(long(), 4.8, -2.6), 'post.in-roots')).toEqual([]);
  });
});

describe('posts set by hand', () => {
  test('stay, and the rest re-space between them', () => {
    const plan = { ...long(), postPins: [pin('p1', 5)] };
    expect(on(plan, 'e0')).toEqual([0, 1.667, 3.333, 5, 7.333, 9.667, 12]);
  });
  test('go along when their side is stretched', () => {
    const plan = { ...long(), postPins: [pin('p1', 5)] };
    const next = apply(plan, { verb: 'move-side', side: 'e1', by: 12 });
    expect(next.postPins[0]?.along).toBeCloseTo(10, 6);
  });
  test('that stand here already are not bought, dug or set in concrete', () => {
    const bought = (plan: Plan) => reckon(plan).figures['posts.t-40.buy.2.4'];
    const plan = { ...long(), postPins: [pin('p1', 2.4, { kind: 'standing', above: 1.8 })] };
    expect(on(plan, 'e0')).toEqual(on(long(), 'e0'));
    expect(bought(plan)).toBe((bought(long()) ?? 0) - 1);
    const { figures } = reckon(plan);
    expect(figures['posts.standing']).toBe(1);
    expect(figures['posts.total']).toBe(reckon(long()).figures['posts.total']);
    expect(figures.hours).toBeCloseTo((reckon(long()).figures.hours ?? 0) - 0.12, 9);
  });
  test('at a corner make the corner post one that stands here', () => {
    const plan = { ...long(), postPins: [pin('p1', 0, { kind: 'standing', above: 1.8 })] };
    expect(
      posts(plan)
        .filter((p) => p.origin === 'standing')
        .map((p) => [p.role, formatPart(p.part)]),
    ).toEqual([['corner', 'corner:p0/post']]);
  });
  test('that are lower than the wall are said to be', () => {
    const plan = { ...long(), postPins: [pin('p1', 2.4, { kind: 'standing', above: 1.5 })] };
    expect(found(plan, 'post.standing-low')[0]?.params).toMatchObject({ above: 1.5, needs: 1.8 });
  });
});

describe('panels as bays', () => {
  test('stand full from the near post, the rest last', () => {
    expect(on(long({ spacing: 2.44, bays: 'module' }), 'e0')).toEqual([0, 2.44, 4.88, 7.32, 9.76, 12]);
    expect(on(long({ spacing: 2.44 }), 'e0')).toEqual([0, 2.4, 4.8, 7.2, 9.6, 12]);
  });
  test('are as many as equal bays would be', () => {
    fc.assert(
      fc.property(uniform(0.5, 5), (spacing) => {
        const count = (bays: 'equal' | 'module') => reckon(long({ spacing, bays })).figures['posts.total'];
        expect(count('module')).toBe(count('equal'));
      }),
      { numRuns: 40 },
    );
  });
});

describe('what posts stand', () => {
  const depthOf = (choices: Partial<Plan['choices']['plan']>, role: string) =>
    posts(long(choices)).find((p) => p.role === role)?.depth;
  test('0.15 deeper under a cover, and to the frost under a roof', () => {
    expect(depthOf({}, 'line')).toBeCloseTo(0.6, 9);
    expect(depthOf({ load: 'cover' }, 'line')).toBeCloseTo(0.75, 9);
    expect(depthOf({ load: 'cover' }, 'corner')).toBeCloseTo(0.9, 9);
    const cold = { ...long({ load: 'roof' }), ground: { ...long().ground, frost: 1.1 } };
    expect(posts(cold).map((p) => p.depth)).toEqual(posts(cold).map(() => 1.1));
  });
  test('on spikes are bought without the part in the ground, and a spike each', () => {
    const spike = 'spike-100';
    const plan = long({
      posts: { corner: spike, end: spike, wall: spike, gate: spike, line: spike },
      bands: [{ id: 'wall', mesh: 'welded-50', top: 1.2, widths: 'cheapest' }],
      spacing: 2.4,
    });
    const { figures, docket } = reckon(plan);
    expect(figures['posts.spike-100.buy.1.8']).toBe(figures['posts.total']);
    expect(docket.lines.find((l) => l.id === 'pack:spike')).toMatchObject({ need: figures['posts.total'] });
    const high = apply(plan, { verb: 'set-band', scope: { scope: 'plan' }, id: 'wall', to: { top: 1.8 } });
    expect(found(high, 'post.spike-high').length).toBeGreaterThan(0);
  });
  test('nearly fit: corner posts of 2.55 set 0.15 shallower come from 2.4', () => {
    const [nearly] = found(long(), 'post.nearly-fits');
    expect(nearly?.params).toMatchObject({
      role: 'corner',
      length: 2.4,
      needs: near(2.55, 9),
      by: near(0.15, 9),
    });
    const next = apply(long(), nearly?.mends(long())[0] as Change);
    expect(reckon(next).figures['posts.round-100.buy.2.4']).toBe(4);
    expect(found(next, 'post.shallow')[0]?.params).toMatchObject({ role: 'corner' });
    expect(
      found(apply(next, found(next, 'post.shallow')[0]?.mends(next)[0] as Change), 'post.shallow'),
    ).toEqual([]);
  });
  test.each([
    ['T posts', { spacing: 3.2 }, 3],
    ['timber', { spacing: 2.6, posts: { ...long().choices.plan.posts, line: 'round-75' } }, 2.4],
    ['with a cover', { spacing: 2.4, load: 'cover' as const }, 1.8],
  ])('too far apart, %s: the largest is offered', (_, choices, most) => {
    const plan = long(choices);
    const [far] = found(plan, 'posts.far-apart');
    expect(far?.params).toMatchObject({ most });
    expect(found(apply(plan, far?.mends(plan)[0] as Change), 'posts.far-apart')).toEqual([]);
  });
});

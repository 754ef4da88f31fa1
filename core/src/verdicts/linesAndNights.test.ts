import { describe, expect, test } from '@jest/globals';
import { apply } from '../plan/changes/apply';
import { reckon } from '../reckon';
import { USUAL_ROOF } from '../stages/ground/plan/roof';
import type { ThreatId } from '../stages/threats/plan/kinds';
import { panels } from '../testing/anArch';
import { standingsOf } from './rated/standings';
import type { Plan } from '../plan/schema';
import { HENS, seen, bands, APRON, run, rated } from '../testing/judged';
import { longestNight, nightsByMonth } from './night';

describe('what is left open', () => {
  test('four sides left open: the first in the list is fox, through', () => {
    const plan = run(['fox', 'hawk'], bands(['fine-13', 1.8]), { gate: 0 });
    const open = plan.sides.reduce(
      (at, { id }) => apply(at, { verb: 'set-side-kind', side: id, kind: 'open' }),
      plan,
    );
    const { verdicts, worst } = reckon(open);
    expect(verdicts[0]).toMatchObject({
      threat: 'fox',
      entry: 'through',
      rating: 'open',
      part: { on: 'side' },
    });
    expect(worst.hawk).toMatchObject({ entry: 'through', rating: 'open' });
  });
  test('nobody is named: nothing is said', () => {
    const { verdicts, worst } = reckon(run([], bands(['hex-25', 1.8])));
    expect([verdicts, worst]).toEqual([[], {}]);
  });
});

describe('arches and roofs that stand', () => {
  const under = (to: object, threats: readonly ThreatId[]): Plan => ({
    ...panels({ base: 2.4, length: 3.8 }, { skin: null, film: 'film', filmEnds: 'closed', ...to }),
    threats: seen(...threats),
    flock: [...HENS],
  });
  test('film over a panel of 150 × 200 counts for nothing to a fox, and holds a hawk', () => {
    const plan = under({}, ['fox', 'hawk']);
    expect(rated(plan, 'fox')).toMatchObject({ through: 'open', above: 'open' });
    expect(rated(plan, 'hawk').above).toBe('holds');
  });
  test('a low band and a mesh skin hold it', () => {
    const plan = under({ skin: 'welded-25', low: 'fine-13', lowHeight: 0.6 }, ['fox', 'raccoon']);
    expect(rated(plan, 'fox')).toMatchObject({ through: 'holds', above: 'holds', tear: 'holds' });
    expect(rated(plan, 'raccoon')).toMatchObject({ through: 'holds', above: 'holds', reach: 'holds' });
  });
  test('an arch that cannot be reckoned closes nothing', () => {
    const plan = under({ skin: 'welded-25' }, ['fox', 'hawk']);
    // No rectangle any more: one corner is drawn out.
    const drawn = (c: Plan['corners'][number]) => (c.id === 'c1' ? { ...c, x: -2, y: -2 } : c);
    const cut = { ...plan, corners: plan.corners.map(drawn) };
    expect(rated(cut, 'fox').through).toBe('open');
    expect(rated(cut, 'hawk').through).toBe('open');
  });
  const roof = (mesh: string): Plan => {
    const base = run(['hawk', 'crow'], { ...bands([mesh, 1.8]), skirt: APRON }, { gate: 0 });
    const outline = base.corners.map(({ x, y }) => ({ x, y }));
    return {
      ...base,
      ground: {
        ...base.ground,
        buildings: [
          {
            id: 'r',
            name: 'Roof',
            outline,
            eaves: 1.8,
            height: 1.8,
            stands: 'posts',
            roof: { ...USUAL_ROOF, shape: 'flat' },
          },
        ],
      },
    };
  };
  test('a roof that stands holds a hawk from above, and mesh under 60 at the sides', () => {
    expect(rated(roof('welded-50'), 'hawk')).toEqual({ through: 'holds', above: 'holds' });
    const open = apply(roof('welded-50'), { verb: 'set-side-kind', side: 's1', kind: 'open' });
    expect(rated(open, 'hawk')).toMatchObject({ through: 'open', above: 'holds' });
  });
});

describe('bears and live lines', () => {
  const bare = run(['bear', 'fox'], { ...bands(['fine-13', 1.8]), skirt: APRON });
  const lined = apply(bare, {
    verb: 'add-net',
    net: {
      id: 'n1',
      name: 'Loop',
      form: 'loop',
      kind: 'double-122',
      points: [
        { x: -3, y: -3 },
        { x: 9, y: -3 },
        { x: 9, y: 7 },
        { x: -3, y: 7 },
      ],
      pieces: null,
      inside: ['run:run'],
      gate: null,
      when: 'always',
      foot: 'live',
      dips: [],
    },
  });
  const live = apply(lined, {
    verb: 'set-power',
    to: { energiser: { kind: 'own', output: 2, draw: null, supply: 'mains' } },
  });
  test('no mesh holds a bear, and what mends it is a live line', () => {
    expect(rated(bare, 'bear')).toMatchObject({ tear: 'open', over: 'open', door: 'open' });
    const tear = reckon(bare).verdicts.find((v) => v.threat === 'bear' && v.entry === 'tear');
    const mends = typeof tear?.mends === 'function' ? tear.mends(bare) : (tear?.mends ?? []);
    expect(mends.map((m) => m.verb)).toEqual(['add-net']);
  });
  test.each<[number | null, string, string]>([
    [null, 'open', 'holds'],
    [6.2, 'holds', 'holds'],
    [6, 'holds', 'holds'],
    [5.9, 'open', 'holds'],
    [2.9, 'open', 'open'],
    [0, 'open', 'open'],
  ])('with a line that reads %s kV: bear %s, fox %s', (reading, bear, fox) => {
    const { figures } = reckon(live);
    expect(figures.hours).toBeGreaterThan(0);
    expect(rated(live, 'bear', reading).tear).toBe(bear);
    expect(rated(live, 'fox', reading).over).toBe(fox);
  });
  test('a line that stands by day alone holds nothing that comes at any hour, nor by night', () => {
    const byDay = apply(live, { verb: 'set-net', id: 'n1', to: { when: 'day' } });
    const plan = { ...byDay, threats: seen('fox', 'mink', 'heavy-dog') };
    expect(rated(plan, 'mink').over).toBe('open');
    expect(rated(plan, 'fox').over).toBe('open');
    expect(rated(plan, 'heavy-dog').over).toBe('open');
  });
  test('what a line holds is told with what is left when it fails', () => {
    const over = reckon(live).verdicts.find((v) => v.threat === 'fox' && v.entry === 'over');
    expect(over).toMatchObject({ rating: 'holds', line: 'live', behind: 'open' });
  });
});

describe('nights', () => {
  test('at 54.1° N the longest is 16.65 h, and short delays end before dawn', () => {
    expect(Math.abs(longestNight(54.1) - 16.65)).toBeLessThan(0.1);
    const plan = run(['fox'], {
      ...bands(['fine-13', 2.1]),
      overhang: 0.3,
      skirt: { kind: 'buried', mesh: 'fine-13', depth: 0.3, lapUp: 0.1 },
    });
    const { worst, night } = reckon(plan);
    expect(standingsOf(worst, night)).toEqual({ open: 0, within: 1, later: 0 });
    expect(standingsOf(worst, 1)).toEqual({ open: 0, within: 0, later: 1 });
  });
  test('by month the longest is in December in the north, in June in the south, and a pole has nights without an end', () => {
    const [north, south] = [nightsByMonth(54.1), nightsByMonth(-54.1)];
    expect(north.indexOf(Math.max(...north))).toBe(11);
    expect(south.indexOf(Math.max(...south))).toBe(5);
    expect(longestNight(80)).toBe(24);
    expect(Math.min(...nightsByMonth(80))).toBe(0);
    for (const night of nightsByMonth(0)) expect(Math.abs(night - 11.9)).toBeLessThan(0.1);
  });
});

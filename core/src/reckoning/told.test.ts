import { describe, expect, test } from '@jest/globals';
import { THREAT_IDS, THREATS, type Threatened } from '../stages/threats/plan/kinds';
import { reckon } from '../reckon';
import { TOLD_CASES, type ToldWay } from '../testing/toldCases';
import { fromAbove } from '../stages/cover/wanted';

/** Codes by the way that they speak of. */
const CODES: Readonly<Record<ToldWay, readonly string[]>> = {
  through: ['opening.passes'],
  reach: ['opening.reached'],
  tear: ['mesh.torn'],
  above: ['cover.bare'],
  'open side': ['side.open'],
  unseen: ['side.unseen'],
  'over it go': ['birds.over', 'birds.cover'],
};

describe('what is told of a plan', () => {
  test.each(TOLD_CASES.map((c) => [`${c.name}: ${c.told}`, c] as const))(
    '%s',
    (_, { plan, who, way, told }) => {
      const said = reckon(plan()).findings.some(({ code, params }) => {
        if (!CODES[way].includes(code)) return false;
        const { threats = [], kind } = params as { threats?: readonly string[]; kind?: string };
        return threats.includes(who) || kind === who;
      });
      expect(said ? 'told' : 'not told').toBe(told);
    },
  );
  test('each row of the table is of a way that findings tell, and every way is told and not told', () => {
    for (const way of Object.keys(CODES) as ToldWay[])
      expect([way, new Set(TOLD_CASES.filter((c) => c.way === way).map((c) => c.told)).size]).toEqual([
        way,
        way === 'unseen' ? 1 : 2,
      ]);
  });
});

describe('how each animal comes (rules: Threats)', () => {
  const about = (id: string): Threatened & { flock: [] } => ({
    threats: { [id]: 'seen' },
    threatFigures: {},
    flock: [],
  });
  test.each(THREAT_IDS)('%s', (id) => {
    const { moves, climbs, over, scrambles, takes } = THREATS[id];
    // A wall as high as its figure is cleared, one a hair higher holds what does not climb, and flyers come from above.
    const comes = (top: number, overhang = 0) => fromAbove(about(id), { top, overhang }).includes(id);
    if (takes === 'feed') return expect(comes(0.1)).toBe(false);
    expect(comes(9)).toBe(climbs || moves === 'flies' || scrambles);
    expect(comes(9, 0.3)).toBe(climbs || moves === 'flies');
    if (over !== null && !climbs) expect([comes(over), comes(over + 0.01, 0.3)]).toEqual([true, false]);
    expect(moves === 'flies' && (climbs || over !== null)).toBe(false);
  });
});

import { describe, expect, test } from '@jest/globals';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { blocking } from '../blocking';
import { checkPlan } from '../../formats/planFile';
import { reckon } from '../../reckon';
import { PLAIN } from '../../testing/aRun';
import { hoops, panels } from '../../testing/anArch';

/** Rolls of one width and length alone, so that nothing else is chosen. */
const rolls = (width: number, length: number): Plan['buying']['ownProducts'] => [
  {
    id: 'skin',
    type: 'welded',
    opening: { up: 0.025, along: 0.025 },
    wire: 0.00159,
    widths: [width],
    lengths: [length],
  } as unknown as Plan['buying']['ownProducts'][number],
];

const figures = (plan: Plan) => {
  const { figures: all } = reckon(plan);
  return (name: string): number => (all as Readonly<Record<string, number>>)[`arch.a.${name}`] ?? NaN;
};
const codes = (plan: Plan) => reckon(plan).findings.map((f) => f.code);
const line = (plan: Plan, id: string) => reckon(plan).docket.lines.find((l) => l.id === id);

describe('a panel of 4.88 without a board', () => {
  test('on 2.20 stands 1.866 high and 1.507 wide at 1.50, 1.066 at 1.70', () => {
    const at = figures(panels({ base: 2.2, length: 3.81 }, { board: 0 }, 1.5));
    expect(at('rise')).toBeCloseTo(1.866, 3);
    expect(at('ratio')).toBeCloseTo(0.4508, 4);
    expect(at('endAngle')).toBeCloseTo(90.6, 1);
    expect(at('endArea')).toBeCloseTo(3.448, 3);
    expect(at('standingWidth')).toBeCloseTo(1.507, 3);
    expect(figures(panels({ base: 2.2, length: 3.81 }, { board: 0 }, 1.7))('standingWidth')).toBeCloseTo(
      1.066,
      3,
    );
    expect(at('headroom')).toBe(at('rise'));
  });
  test('on 2.60 stands 1.787 high', () => {
    const at = figures(panels({ base: 2.6, length: 3.81 }, { board: 0 }, 1.5));
    expect([at('rise'), at('endArea'), at('standingWidth')].map((x) => Number(x.toFixed(3)))).toEqual([
      1.787, 3.631, 1.446,
    ]);
  });
  test('a board lifts the curve, and nobody stands where it is lower than they are', () => {
    const at = figures(panels({ base: 2.6, length: 3.81 }, { board: 0.15 }, 1.65));
    expect(at('headroom')).toBeCloseTo(1.937, 3);
    expect(at('standingWidth')).toBeCloseTo(1.446, 3);
    expect(figures(panels({ base: 2.6, length: 3.81 }, { board: 0 }, 1.9))('standingWidth')).toBe(0);
  });
});

describe('three panels 1.27 wide', () => {
  const own = (to: Parameters<typeof panels>[1] = {}) => {
    const plan = panels({ base: 2.4, length: 3.81 }, { skin: 'skin', roll: 1.2, board: 0, ...to });
    return { ...plan, buying: { ...plan.buying, ownProducts: rolls(1.2, 30) } };
  };
  test('knitted make 3.81, lapped by 0.10 make 3.61', () => {
    expect(figures(own())('length')).toBeCloseTo(3.81, 9);
    expect(figures(own())('panels')).toBe(3);
    const lapped = panels({ base: 2.4, length: 3.61 }, { join: 'lapped', joinLap: 0.1 });
    expect(figures(lapped)('panels')).toBe(3);
    expect(figures(lapped)('length')).toBeCloseTo(3.61, 9);
  });
  test('take four strips of 5.18, 20.72, from rolls of 1.2 lapped by 0.05', () => {
    const at = figures(own());
    expect(at('skinStrips')).toBe(4);
    expect(at('skinLength')).toBeCloseTo(20.72, 9);
  });
  test('have two strips of the base on each end, from the ground up', () => {
    const at = figures(own());
    // (1.83 − 0.05) ÷ 1.15, rounded up.
    expect(at('endStrips')).toBe(4);
    expect(at('endStripLength')).toBeCloseTo(4 * 2.4, 9);
  });
  test('whose ends are as long as the greatest width where the feet lean out', () => {
    const plan = panels({ base: 1.9, length: 3.81 }, { skin: 'skin', roll: 1.2, board: 0 });
    const at = figures({ ...plan, buying: { ...plan.buying, ownProducts: rolls(1.2, 30) } });
    expect(at('endStripLength') / at('endStrips')).toBeGreaterThan(1.9);
  });
  test('a sheet of the shed that covers it is used, and no size on sale is told to be short', () => {
    const plan = panels({ base: 2.4, length: 3.81 }, { film: 'film' });
    const film = { ...plan, arches: plan.arches.map((a) => ({ ...a, film: 'sheet-of-mine' })) };
    const own: Plan = {
      ...film,
      buying: {
        ...plan.buying,
        ownProducts: [
          {
            id: 'sheet-of-mine',
            type: 'film',
            opening: { up: 0.001, along: 0.001 },
            wire: 0.0002,
            widths: [1.37],
            lengths: [10.06],
          },
        ],
      },
    };
    const small = reckon(own).findings.filter((f) => f.code === 'arch.film-small');
    expect(small).toHaveLength(1);
    const [mend] = small[0]?.mends(own) ?? [];
    expect(mend && reckon(apply(own, mend)).findings.some((f) => f.code === 'arch.film-small')).toBe(false);
    const shed: Plan = {
      ...own,
      owned: [
        {
          id: 'vinyl',
          kind: 'roll',
          product: 'sheet-of-mine',
          width: 5.49,
          length: 6.2,
          count: 1,
          condition: 'worn',
          note: '',
        },
      ],
    };
    expect(reckon(shed).findings.filter((f) => f.code === 'arch.film-small')).toEqual([]);
    expect(
      reckon(shed).docket.lines.some((l) => l.id.startsWith('piece:sheet-of-mine@') && l.buy === 0),
    ).toBe(true);
  });
  test('stand on ten stakes, and film is held by three straps', () => {
    const plan = panels({ base: 2.4, length: 3.81 }, { film: 'film' });
    const at = figures(plan);
    expect(at('stakes')).toBe(10);
    expect(at('straps')).toBe(3);
    expect(line(plan, 'pack:stake')?.need).toBe(10);
    // Each 4.88 + 2 × 0.30, from straps of 5 m.
    expect(line(plan, 'pack:strap')?.need).toBe(6);
    expect([at('across'), at('along')]).toEqual([4.88 + 0.2, 3.81 + 0.4].map((x) => expect.closeTo(x, 9)));
  });
  test('are bought as three panels, tied at every second crossing along two seams', () => {
    const plan = panels({ base: 2.4, length: 3.81 });
    expect(
      reckon(plan)
        .docket.lines.filter((l) => l.product === 'panel-stock')
        .map((l) => l.need),
    ).toEqual([3]);
    // 4.88 ÷ 0.40 is 12.2: 14 a seam.
    expect(line(plan, 'pack:tie')?.need).toBe(28);
    expect(reckon(plan).docket.complete).toBe(true);
  });
});

describe('hoops each 0.61', () => {
  test('have pieces of 0.572 between tees whose sockets take 0.019', () => {
    const plan = hoops({ base: 1.5, length: 2.44 }, { lines: 'pieces' });
    const at = figures(plan);
    expect(at('panels')).toBe(5);
    expect(at('piece')).toBeCloseTo(0.572, 9);
    const pieces = reckon(plan)
      .cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces))
      .filter((p) => p.use === 'arch-stick');
    expect(pieces.filter((p) => Math.abs(p.length - 0.572) < 1e-9)).toHaveLength(3 * 4);
    expect(pieces.filter((p) => Math.abs(p.length - 3) < 1e-9)).toHaveLength(5);
    expect(line(plan, 'pack:tee')?.need).toBe(15);
  });
  test('of one piece have three lines as long as the pen', () => {
    const plan = hoops({ base: 1.5, length: 2.44 });
    const pieces = reckon(plan).cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces));
    expect(pieces.filter((p) => p.use === 'arch-stick' && Math.abs(p.length - 2.44) < 1e-9)).toHaveLength(3);
  });
});

test('an arch is a plan’s, encloses its floor, and asks for no post and no wall', () => {
  const plan = panels({ base: 2.4, length: 3.81 });
  expect(checkPlan(plan).ok).toBe(true);
  expect(blocking(plan)).toEqual([]);
  const told = reckon(plan);
  expect(told.figures.area).toBeCloseTo(2.4 * 3.81, 3);
  expect(told.figures['posts.total']).toBe(0);
  expect(told.parts.filter((p) => p.kind === 'post' || p.kind === 'mesh')).toEqual([]);
  expect(codes(plan)).not.toContain('birds.cover');
});

test('its sides take a skirt like any side', () => {
  const plan = panels({ base: 2.4, length: 3.81 });
  const skirted = apply(plan, {
    verb: 'set-skirt',
    scope: { scope: 'plan' },
    skirt: PLAIN.skirt as Plan['choices']['plan']['skirt'],
  });
  const told = reckon(skirted);
  // All four sides and four convex corners of 0.45.
  expect(told.figures['skirt.stripLength']).toBeCloseTo(2 * (2.4 + 3.81) + 4 * 0.45, 6);
});

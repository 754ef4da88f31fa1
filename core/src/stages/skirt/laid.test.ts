import { formatPart } from '../../plan/partRef';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Plan } from '../../plan/schema';
import { type Skirt, KIND_IDS } from './plan/kinds';
import { apply } from '../../plan/changes/apply';
import { proposePlan } from '../../starts';
import { reckon } from '../../reckon';
import { recompute } from '../../working/term';
import { skirtOfKind, stopsDigging } from './plan/wanted';
import { aPolygon, aRun, anOutline } from '../../testing/aRun';
import { uniform } from '../../testing/uniform';
import { type Laid, shapeOf } from './plan/shape';

/** Kinds that are made of mesh, whatever is kept. */
const MESHED = KIND_IDS.filter(
  (kind) => 'mesh' in skirtOfKind({ threats: {}, threatFigures: {} }, kind, { kind: 'none' }),
);

const withSkirt = (skirt: Skirt, options: Parameters<typeof aRun>[0] = {}): Plan =>
  aRun({ ...options, choices: { ...options.choices, skirt } });
const figures = (plan: Plan) => reckon(plan).figures;
const codes = (plan: Plan) => reckon(plan).findings.map((f) => f.code);
const toe = { kind: 'toe', mesh: 'fine-13', depth: 0.3, out: 0.3, lapUp: 0.1 } as const;

describe('a toe of 0.30 + 0.30 round the run of 6.0 × 3.6 beside the house', () => {
  const f = figures(withSkirt(toe));
  test('is a strip 0.70 wide from a roll of 0.9, and 16.2 long: it turns two corners like an apron', () => {
    expect(f['skirt.stripWidth']).toBeCloseTo(0.7, 9);
    expect(f['skirt.rollWidth']).toBe(0.9);
    expect(f['skirt.stripLength']).toBeCloseTo(16.2, 9);
  });
  test('lies in a trench 15.6 long and 0.35 wide, of 1.638 m³', () => {
    expect(f['skirt.trenchLength']).toBeCloseTo(15.6, 9);
    expect(f['skirt.trenchWidth']).toBeCloseTo(0.35, 9);
    expect(f['skirt.trenchVolume']).toBeCloseTo(1.638, 9);
    expect(f['hours.skirt']).toBeCloseTo(1.638 * 4.4, 9);
  });
  test('has no pegs, and clay stretches its hours by half', () => {
    const clay = apply(withSkirt(toe), { verb: 'set-soil', soil: 'clay' });
    expect(figures(clay)['hours.skirt']).toBeCloseTo(1.638 * 4.4 * 1.5, 9);
    expect(f['skirt.outerEdge']).toBeUndefined();
  });
});

describe('each kind', () => {
  test('straight down goes in a trench 0.15 wide, corners not added', () => {
    const f = figures(withSkirt({ kind: 'buried', mesh: 'fine-13', depth: 0.4, lapUp: 0.1 }));
    expect(f['skirt.trenchVolume']).toBeCloseTo(15.6 * 0.15 * 0.4, 9);
  });
  test('folded is one strip as wide as both halves, and corners like an apron of the flat half', () => {
    const f = figures(withSkirt({ kind: 'folded', mesh: 'fine-13', up: 0.5, out: 0.5 }));
    expect(f['skirt.stripWidth']).toBeCloseTo(1, 9);
    expect(f['skirt.rollWidth']).toBe(1.2);
    expect(f['skirt.stripLength']).toBeCloseTo(15.6 + 2 * 0.5, 9);
    expect(f['skirt.outerEdge']).toBeCloseTo(15.6 + 2 * 2 * 0.5 * Math.tan(Math.PI / 4), 9);
  });
  test('stones and concrete take their volume and no mesh', () => {
    const stones = reckon(withSkirt({ kind: 'stone', width: 0.3, height: 0.2 }));
    expect(stones.figures['skirt.stoneVolume']).toBeCloseTo(15.6 * 0.06, 9);
    expect(stones.figures['skirt.stripLength']).toBe(0);
    expect(stones.docket.lines.find((l) => l.id === 'pack:stone')?.need).toBe(Math.ceil(0.936 / 0.5));
    const poured = reckon(withSkirt({ kind: 'concrete', width: 0.15, depth: 0.3 }));
    expect(poured.figures['skirt.concreteVolume']).toBeCloseTo(0.702, 9);
    const posts = reckon(withSkirt(toe)).docket.lines.find((l) => l.id === 'pack:concrete')?.need ?? NaN;
    expect(poured.docket.lines.find((l) => l.id === 'pack:concrete')?.need).toBe(
      posts + Math.ceil(0.702 / 0.0095),
    );
  });
  test('an apron with stones on it has both', () => {
    const stones = { width: 0.3, height: 0.2 };
    const f = figures(withSkirt({ kind: 'apron', mesh: 'fine-13', width: 0.45, lapUp: 0.1, stones }));
    expect(f['skirt.stoneVolume']).toBeCloseTo(0.936, 9);
    expect(f['skirt.stripLength']).toBeCloseTo(16.5, 9);
  });
  test('shows how its figures come about', () => {
    for (const kind of KIND_IDS) {
      const {
        workings,
        docket,
        figures: f,
      } = reckon(withSkirt(skirtOfKind({ threats: {}, threatFigures: {} }, kind, toe)));
      expect(recompute(workings.skirt)).toBeCloseTo(f['skirt.stripLength'] ?? NaN, 9);
      expect(recompute(workings.hours)).toBeCloseTo(f.hours ?? NaN, 9);
      for (const line of docket.lines) expect(recompute(line.working.need)).toBeCloseTo(line.need, 6);
    }
  });
});

describe('an apron round the house', () => {
  const round = (width: number): Laid => ({ kind: 'house-apron', mesh: 'fine-13', width, lapUp: 0.1 });
  test('where the house is as wide as the run is the apron of both together', () => {
    fc.assert(
      fc.property(uniform(2, 9), uniform(2, 6), uniform(0.2, 0.8), (depth, width, apron) => {
        // The house is 1.8 deep: the two are one rectangle.
        const both = figures(withSkirt(round(apron), { depth, width }));
        const alone = figures(
          withSkirt({ ...round(apron), kind: 'apron' } as Skirt, {
            depth: depth + 1.8,
            width,
            house: 'none',
          }),
        );
        // Corners are laid out to a tenth of a millimetre, those of the two outlines each by itself.
        expect(both['skirt.stripLength']).toBeCloseTo(alone['skirt.stripLength'] ?? NaN, 3);
        expect(both['skirt.outerEdge']).toBeCloseTo(alone['skirt.outerEdge'] ?? NaN, 3);
      }),
      { numRuns: 40, examples: [[3.2897499999999997, 2, 0.2]] },
    );
  });
  test('where the house is narrower turns four reflex corners with nothing and two of the house with a width', () => {
    const plan = proposePlan({
      id: 'p',
      name: 'P',
      units: 'metric',
      flock: [{ id: 'f', kind: 'hen-heavy', count: 12, keeping: 'confined' }],
      houseWidth: 2.4,
    });
    const skirt = round(0.45);
    const f = figures(apply(plan, { verb: 'set-skirt', scope: { scope: 'plan' }, skirt }));
    const fence = f.fenceLength ?? NaN;
    // Four corners of the run and two of the house; 1.8 + 2.4 + 1.8 of its walls.
    expect(f['skirt.stripLength']).toBeCloseTo(fence + 6 + 6 * 0.45, 6);
  });
  test('closes the ends that an apron leaves open', () => {
    const apron = { ...round(0.45), kind: 'apron' } as Skirt;
    expect(codes(withSkirt(apron))).toContain('skirt.end-open');
    const [mend] = reckon(withSkirt(apron)).findings.flatMap((f) =>
      f.code === 'skirt.end-open' ? f.mends(withSkirt(apron)) : [],
    );
    if (!mend) throw new Error('no mend');
    expect(codes(apply(withSkirt(apron), mend))).not.toContain('skirt.end-open');
  });
  test('of a run that stands alone is a plain apron', () => {
    const alone = { house: 'none' } as const;
    expect(figures(withSkirt(round(0.45), alone))['skirt.stripLength']).toBeCloseTo(21, 9);
  });
});

describe('what digs', () => {
  test('a toe and a fold count as deep and as wide: badger is held by 0.6 + 0.3, mink and rat by 0.3 + 0.3', () => {
    expect(stopsDigging({ threatFigures: {} }, 'badger', shapeOf({ ...toe, depth: 0.6 }))).toBe(true);
    expect(stopsDigging({ threatFigures: {} }, 'badger', shapeOf(toe))).toBe(false);
    for (const id of ['mink', 'rat'] as const)
      expect(stopsDigging({ threatFigures: {} }, id, shapeOf(toe))).toBe(true);
    expect(
      stopsDigging(
        { threatFigures: {} },
        'fox',
        shapeOf({ kind: 'folded', mesh: 'fine-13', up: 0.5, out: 0.5 }),
      ),
    ).toBe(true);
  });
  test('mink and rats go between stones; a raccoon does not go under 0.30 of them', () => {
    const stones = shapeOf({ kind: 'stone', width: 0.3, height: 0.2 });
    expect(stopsDigging({ threatFigures: {} }, 'rat', stones)).toBe(false);
    expect(stopsDigging({ threatFigures: {} }, 'raccoon', stones)).toBe(true);
  });
  test('the kind offered stops everything present, whatever is about', () => {
    const ids = [
      'fox',
      'dog',
      'raccoon',
      'badger',
      'mink',
      'rat',
      'skunk',
      'weasel',
      'lynx',
      'coyote',
    ] as const;
    fc.assert(
      fc.property(fc.subarray([...ids]), fc.constantFrom(...MESHED), (about, kind) => {
        const threats = Object.fromEntries(about.map((id) => [id, 'seen'])) as Plan['threats'];
        const skirt = skirtOfKind({ threats, threatFigures: {} }, kind, { kind: 'none' });
        if (skirt.kind === 'none') throw new Error('no skirt');
        for (const id of about)
          expect([id, stopsDigging({ threatFigures: {} }, id, shapeOf(skirt))]).toEqual([id, true]);
      }),
    );
  });
});

describe('the mesh of a skirt', () => {
  const worn = (mesh: string, threats: Plan['threats']) =>
    withSkirt({ kind: 'house-apron', mesh, width: 0.6, lapUp: 0.1 }, { threats });
  const about = (mesh: string, threats: Plan['threats']) =>
    reckon(worn(mesh, threats)).findings.filter((f) => f.stage === 'skirt');
  const mended = (mesh: string, threats: Plan['threats'], code: string) =>
    about(mesh, threats).flatMap((f) =>
      f.code === code
        ? f
            .mends(worn(mesh, threats))
            .map((m) => (m.verb === 'set-skirt' && 'mesh' in m.skirt ? m.skirt.mesh : ''))
        : [],
    );
  test('of 75 × 50 lets a mink through: openings of 13', () => {
    expect(mended('welded-75x50', { mink: 'seen' }, 'opening.passes')).toEqual(['fine-13']);
  });
  test('of 13 × 13 × 1.04 is broken by dogs: thick wire with wide openings', () => {
    expect(mended('fine-13', { dog: 'seen' }, 'mesh.torn')).toEqual(['welded-75x50']);
  });
  test('with mink and dogs about: 13 × 13 heavy', () => {
    expect(mended('welded-75x50', { mink: 'seen', dog: 'seen' }, 'opening.passes')).toEqual([
      'fine-13-heavy',
    ]);
    expect(mended('fine-13', { mink: 'seen', dog: 'seen' }, 'mesh.torn')).toEqual(['fine-13-heavy']);
    expect(about('fine-13-heavy', { mink: 'seen', dog: 'seen' })).toEqual([]);
  });
});

test('a skirt wider than any roll is a finding, and its mend fits the widest', () => {
  const plan = aPolygon(4, 6, { skirt: { kind: 'apron', mesh: 'fine-13', width: 1.5, lapUp: 0.1 } });
  const found = reckon(plan).findings.find((f) => f.code === 'skirt.no-roll');
  expect(found?.params).toMatchObject({ width: 1.6, widest: 1.2 });
  const [mend] = found?.mends(plan) ?? [];
  if (!mend) throw new Error('no mend');
  const after = reckon(apply(plan, mend));
  expect(after.findings.map((f) => f.code)).not.toContain('skirt.no-roll');
  expect(after.figures['skirt.stripWidth']).toBeCloseTo(1.2, 9);
});

describe('by side', () => {
  const square = anOutline([
    [0, 0],
    [6, 0],
    [6, 6],
    [0, 6],
  ]);
  test('one side buried among aprons ends the aprons at its corners', () => {
    const skirt = { kind: 'buried', mesh: 'fine-13', depth: 0.3, lapUp: 0.1 } as const;
    const plan = apply(square, { verb: 'set-skirt', scope: { scope: 'side', of: 'e1' }, skirt });
    const f = figures(plan);
    // Three sides of apron turn two corners among themselves; the buried one goes straight.
    expect(f['skirt.stripLength']).toBeCloseTo(18 + 2 * 0.45 + 6, 9);
    expect(f['skirt.trenchLength']).toBeCloseTo(6, 9);
  });
  test('aprons of different width close the corner between them: each runs on by the width of the other', () => {
    const wide = { kind: 'apron', mesh: 'welded-75x50', width: 0.8, lapUp: 0.1 } as const;
    const plan = apply(square, { verb: 'set-skirt', scope: { scope: 'side', of: 'e1' }, skirt: wide });
    const strips = reckon(plan)
      .cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces))
      .filter((p) => p.use === 'skirt')
      .reduce<Record<string, number>>(
        (all, p) => ({ ...all, [formatPart(p.part)]: (all[formatPart(p.part)] ?? 0) + p.to - p.from }),
        {},
      );
    // The wider strip runs on by the 0.45 of its neighbours at both ends, whichever way one walks; the others by 0.45 at one.
    expect(strips['side:e0/skirt']).toBeCloseTo(6, 9);
    expect(strips['side:e1/skirt']).toBeCloseTo(6.9, 9);
    expect(strips['side:e2/skirt']).toBeCloseTo(6.45, 9);
    expect(strips['side:e3/skirt']).toBeCloseTo(6.45, 9);
    // Outer edge of both together: at a right angle each strip's edge is its side and its own width at either end.
    expect(figures(plan)['skirt.outerEdge']).toBeCloseTo(18 + 6 * 0.45 + 6 + 2 * 0.8, 9);
  });
  test('chosen as the whole fence again, nothing is left of it', () => {
    const own = apply(square, {
      verb: 'set-skirt',
      scope: { scope: 'side', of: 'e1' },
      skirt: { kind: 'none' },
    });
    expect(own.choices.side.e1?.skirt).toEqual({ kind: 'none' });
    const back = apply(own, {
      verb: 'choose-as-plan',
      scope: { scope: 'side', of: 'e1' },
      choices: ['skirt'],
    });
    expect(back).toEqual(square);
  });
});

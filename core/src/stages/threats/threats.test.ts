import { formatPart } from '../../plan/partRef';
import { describe, expect, test } from '@jest/globals';
import type { Plan } from '../../plan/schema';
import { apply as applyChange } from '../../plan/changes/apply';
import { reckon } from '../../reckon';
import { aRun } from '../../testing/aRun';
import { openingLimits } from './shown/openings';

const HENS = [{ id: 'f', kind: 'hen-heavy', count: 8, keeping: 'confined' }] as const;
const CHICKS = [{ id: 'f', kind: 'chick', count: 8, keeping: 'confined' }] as const;
const band = (mesh: string) => ({ bands: [{ id: 'wall', mesh, top: 1.8, widths: 'cheapest' as const }] });
const skirt = (mesh: string, width = 0.45) => ({
  skirt: { kind: 'apron' as const, mesh, width, lapUp: 0.1 },
});
const about = (plan: Plan, code: string) =>
  reckon(plan)
    .findings.filter((f) => f.code === code)
    .map((f) => [formatPart(f.part), f.severity, (f.params as { threats?: string[] }).threats?.join(' ')]);

describe('the largest opening', () => {
  test('is the least of the birds’ and the present threats’ squeeze and reach', () => {
    expect(
      openingLimits({ threats: { fox: 'likely' }, threatFigures: {}, flock: [...HENS] }).largestOpening,
    ).toBe(0.06);
    expect(
      openingLimits({ threats: { fox: 'likely', raccoon: 'seen' }, threatFigures: {}, flock: [...HENS] })
        .largestOpening,
    ).toBe(0.025);
    expect(
      openingLimits({ threats: { fox: 'absent' }, threatFigures: {}, flock: [...HENS] }).largestOpening,
    ).toBe(0.075);
    expect(openingLimits({ threats: {}, threatFigures: {}, flock: [] }).largestOpening).toBeNull();
  });
  test('a young rat passes 13 mm where chicks sleep', () => {
    expect(
      openingLimits({ threats: { rat: 'likely' }, threatFigures: {}, flock: [...CHICKS] }).largestOpening,
    ).toBe(0.013);
    expect(
      openingLimits({ threats: { rat: 'likely' }, threatFigures: {}, flock: [...HENS] }).largestOpening,
    ).toBe(0.015);
  });
});

describe('an opening holds only what is larger than it', () => {
  test('25 mm does not hold a mink of 25, 13 mm does', () => {
    const coarse = aRun({
      threats: { mink: 'seen' },
      flock: HENS,
      choices: { ...band('welded-25'), ...skirt('fine-13') },
    });
    expect(about(coarse, 'opening.passes')).toEqual([['band:wall', 'mend', 'mink']]);
    const fine = aRun({
      threats: { mink: 'seen' },
      flock: HENS,
      choices: { ...band('fine-13'), ...skirt('fine-13') },
    });
    expect(about(fine, 'opening.passes')).toEqual([]);
  });
  test('the shorter side counts: 50 × 25 passes what squeezes through 25', () => {
    const plan = aRun({
      threats: { mink: 'seen' },
      flock: HENS,
      choices: { ...band('welded-50x25'), ...skirt('fine-13') },
    });
    expect(about(plan, 'opening.passes')).toEqual([['band:wall', 'mend', 'mink']]);
  });
  test('rats are worth knowing where grown birds alone are shut in, and a mend where bantams are', () => {
    const choices = { ...band('welded-25'), ...skirt('fine-13') };
    expect(about(aRun({ threats: { rat: 'likely' }, flock: HENS, choices }), 'opening.passes')).toEqual([
      ['band:wall', 'know', 'rat'],
    ]);
    const bantams = [{ id: 'f', kind: 'bantam', count: 3, keeping: 'confined' }] as const;
    expect(about(aRun({ threats: { rat: 'likely' }, flock: bantams, choices }), 'opening.passes')).toEqual([
      ['band:wall', 'mend', 'rat'],
    ]);
  });
  test('skirt and gate gap are looked at as well, mice left out at the gate', () => {
    const plan = aRun({
      threats: { weasel: 'seen', mouse: 'seen' },
      flock: HENS,
      choices: { ...band('fine-6'), ...skirt('welded-75x50') },
    });
    const wide = { ...plan, openings: plan.openings.map((o) => ({ ...o, gap: 0.019 })) };
    expect(about(wide, 'opening.passes')).toEqual([
      ['skirt', 'mend', 'weasel'],
      ['opening:g1', 'mend', 'weasel'],
      ['skirt', 'know', 'mouse'],
    ]);
  });
  test('a bird is held by an opening up to its own figure', () => {
    const quail = [{ id: 'f', kind: 'quail', count: 30, keeping: 'confined' }] as const;
    expect(about(aRun({ flock: quail, choices: band('fine-13') }), 'birds.through')).toEqual([]);
    expect(about(aRun({ flock: quail, choices: band('welded-25') }), 'birds.through')).toHaveLength(1);
  });
});

describe('the mend of a finding mends it', () => {
  test('for an opening, a thin wire, a short and a missing skirt', () => {
    const plan = aRun({
      threats: { fox: 'seen', mink: 'seen', badger: 'seen' },
      flock: HENS,
      choices: { ...band('hex-25'), ...skirt('fine-13', 0.3) },
    });
    const before = reckon(plan);
    for (const f of before.findings.filter((x) => x.mends(plan).length > 0 && x.severity === 'mend')) {
      const [mend] = f.mends(plan);
      if (!mend) throw new Error('a mend was promised');
      const after = reckon(applyChange(plan, mend)).findings;
      expect(
        after.filter(
          (g) => g.code === f.code && formatPart(g.part) === formatPart(f.part) && g.severity === 'mend',
        ),
      ).toEqual([]);
    }
    expect(before.findings.map((f) => f.code)).toEqual(
      expect.arrayContaining(['opening.passes', 'mesh.torn', 'skirt.short']),
    );
  });
});

describe('the skirt', () => {
  test('ends open where the house is not wider than the run', () => {
    expect(about(aRun(), 'skirt.end-open')).toHaveLength(2);
  });
  test('ends closed against a longer wall', () => {
    const plan = aRun();
    const [house] = plan.ground.buildings;
    if (!house) throw new Error('no house');
    const wide = {
      ...house,
      outline: house.outline.map((p) => ({ x: p.x, y: p.y < 1 ? p.y - 0.5 : p.y + 0.5 })),
    };
    expect(about({ ...plan, ground: { ...plan.ground, buildings: [wide] } }, 'skirt.end-open')).toEqual([]);
  });
  test('buried near a trunk or a pipe is advised against', () => {
    const base = aRun({ choices: { skirt: { kind: 'buried', mesh: 'fine-13', depth: 0.3, lapUp: 0.1 } } });
    const near: Plan = {
      ...base,
      ground: {
        ...base.ground,
        trees: [{ id: 't', name: 'damson', at: { x: 3, y: -2 }, trunk: 0.3, roots: 2.5, crown: 2 }],
        services: [
          {
            id: 'w',
            name: 'water pipe',
            kind: 'water',
            depth: 0.7,
            line: [
              { x: 6.4, y: -5 },
              { x: 6.4, y: 9 },
            ],
          },
        ],
      },
    };
    expect(about(near, 'skirt.near-tree')).toHaveLength(1);
    expect(about(near, 'skirt.near-service')).toHaveLength(1);
  });
});

import { describe, expect, test } from '@jest/globals';
import type { Way } from '../findings/entry';
import { apply } from '../plan/changes/apply';
import { reckon } from '../reckon';
import type { KINDS as COVERS } from '../stages/cover/plan/kinds';
import type { ThreatId } from '../stages/threats/plan/kinds';
import type { Choices, Flock, Plan } from '../plan/schema';
import { HENS, bands, APRON, NONE, run, covered, rated } from '../testing/judged';

describe('hexagonal 25 × 0.9 alone, 1.8 high, no skirt, no cover', () => {
  const own = { ...reckon(run(['fox'], bands(['hex-25', 1.8]))) };
  const plan = run(['fox', 'raccoon', 'hawk', 'mink'], { ...bands(['hex-25', 1.8]), skirt: NONE });
  test('fox tears it, digs under and clears a wall of its own height', () => {
    expect(own.verdicts.length).toBeGreaterThan(0);
    expect(rated(plan, 'fox')).toMatchObject({ through: 'holds', tear: 'open', under: 'open', over: 'open' });
  });
  test('raccoon tears it, reaches through and climbs', () => {
    expect(rated(plan, 'raccoon')).toMatchObject({
      tear: 'open',
      over: 'open',
      reach: 'open',
      under: 'open',
    });
  });
  test('a hawk comes from above, and through nothing so small', () => {
    expect(rated(plan, 'hawk')).toEqual({ above: 'open', through: 'holds' });
  });
  test('a body of 25 meets an opening of 25', () => {
    expect(rated(plan, 'mink')).toMatchObject({ through: 'open', tear: 'open' });
  });
});

describe('13 × 13 to 0.6, 50 × 25 above to 1.8, an apron of 13 × 13 and a knotted net of 50 over it', () => {
  const choices = { ...bands(['fine-13', 0.6], ['welded-50x25', 1.8]), skirt: APRON };
  const plan = covered(run(['fox', 'raccoon', 'mink', 'hawk'], choices), 'net', 'net-50');
  test('fox is held at every way', () => {
    expect(rated(plan, 'fox')).toMatchObject({
      through: 'holds',
      reach: 'holds',
      tear: 'holds',
      under: 'holds',
      over: 'holds',
      above: 'holds',
    });
  });
  test('raccoon tears the net and reaches through no low mesh', () => {
    expect(rated(plan, 'raccoon')).toMatchObject({
      above: 'open',
      over: 'open',
      under: 'holds',
      through: 'holds',
    });
    const reach = reckon(plan).verdicts.filter((v) => v.threat === 'raccoon' && v.entry === 'reach');
    expect(reach.every((v) => v.rating === 'holds')).toBe(true);
  });
  test('mink comes through the upper band and from above', () => {
    expect(rated(plan, 'mink')).toMatchObject({ through: 'open', above: 'open', under: 'holds' });
    const worst = reckon(plan).verdicts.find((v) => v.threat === 'mink' && v.entry === 'through');
    expect(worst?.part).toMatchObject({ on: 'side-band', band: 'b1' });
  });
  test('hawk is held', () => {
    expect(rated(plan, 'hawk')).toEqual({ through: 'holds', above: 'holds' });
  });
  test('with a one-step catch and no sill raccoon opens the gate and fox digs under it', () => {
    const open = apply(plan, { verb: 'set-opening', id: 'g1', to: { catches: 'one-step', sill: 'none' } });
    expect(rated(open, 'raccoon').door).toBe('open');
    expect(rated(open, 'fox')).toMatchObject({ under: 'open', door: 'open' });
    const shut = apply(plan, { verb: 'set-opening', id: 'g1', to: { catches: 'two-step', sill: 'board' } });
    expect(rated(shut, 'raccoon').door).toBe('holds');
  });
});

describe('skirts against two that ask for opposite things', () => {
  const under = (mesh: string, width: number, threat: ThreatId) =>
    rated(
      run([threat], {
        ...bands(['fine-13-heavy', 1.8]),
        skirt: { kind: 'apron', mesh, width, lapUp: 0.1 },
      }),
      threat,
    ).under;
  test.each<[string, number, ThreatId, string]>([
    ['welded-75x50', 0.6, 'weasel', 'open'],
    ['welded-75x50', 0.6, 'dog', 'holds'],
    ['fine-13', 0.6, 'dog', '1.00'],
    ['fine-13', 0.6, 'weasel', 'holds'],
    ['fine-13-heavy', 0.5, 'dog', 'holds'],
    ['fine-13-heavy', 0.5, 'weasel', 'holds'],
    ['fine-13-heavy', 0.5, 'heavy-dog', '1.00'],
    // 1.04 of 2.0 is less than six tenths.
    ['fine-13', 0.5, 'heavy-dog', 'open'],
    ['hex-25', 0.6, 'dog', 'open'],
    // Both fall short of 1.8 wide: (2 × 0.30 + 0.60) ÷ 3.0 = 0.40 comes before an hour of tearing at 1.59 of 1.8.
    ['fine-13-heavy', 0.6, 'badger', '0.40'],
    ['fine-13-heavy', 0.9, 'badger', '1.00'],
  ])('an apron of %s, %d wide, against %s: %s', (mesh, width, threat, wanted) => {
    expect(under(mesh, width, threat)).toBe(wanted);
  });
});

describe('hours of digging', () => {
  const dug = (skirt: Choices['skirt'], soil: Plan['ground']['soil'], threat: ThreatId = 'fox') => {
    const plan = run([threat], { ...bands(['fine-13-heavy', 1.8]), skirt });
    return rated({ ...plan, ground: { ...plan.ground, soil } }, threat).under;
  };
  const buried = (depth: number) => ({ kind: 'buried', mesh: 'fine-13-heavy', depth, lapUp: 0.1 }) as const;
  test.each<[number, Plan['ground']['soil'], string]>([
    [0.3, 'loam', '1.20'],
    [0.3, 'clay', '2.00'],
    [0.3, 'sand', '0.60'],
    [0.3, 'stony', '3.00'],
    [0.4, 'loam', '1.60'],
    [0.2, 'loam', '1.20'],
    [0.45, 'loam', 'holds'],
  ])('%d deep in %s: %s', (depth, soil, wanted) => {
    expect(dug(buried(depth), soil)).toBe(wanted);
  });
  test('an apron of 0.30: down, up and past it', () => {
    expect(dug({ kind: 'apron', mesh: 'fine-13-heavy', width: 0.3, lapUp: 0.1 }, 'loam')).toBe('1.80');
  });
  test.each<[ThreatId, string]>([
    ['fox', 'holds'],
    ['mink', 'holds'],
    // (2 × 0.30 + 0.30) ÷ 3.0
    ['badger', '0.30'],
    ['coyote', '0.90'],
    ['weasel', 'holds'],
  ])('a toe of 0.30 and 0.30 against %s', (threat, wanted) => {
    const plan = dug(
      { kind: 'toe', mesh: 'fine-13-heavy', depth: 0.3, out: 0.3, lapUp: 0.1 },
      'loam',
      threat,
    );
    expect(plan).toBe(threat === 'fox' ? '1.80' : wanted);
  });
  test('a fold counts by its width out', () => {
    expect(dug({ kind: 'folded', mesh: 'fine-13-heavy', up: 0.5, out: 0.5 }, 'loam')).toBe('holds');
    expect(dug({ kind: 'folded', mesh: 'fine-13-heavy', up: 0.5, out: 0.4 }, 'loam')).toBe('2.00');
  });
  test('stones are gone between by what is small', () => {
    const stones = { kind: 'stone', width: 0.5, height: 0.2 } as const;
    expect(dug(stones, 'loam', 'weasel')).toBe('open');
    expect(dug(stones, 'loam', 'fox')).toBe('holds');
  });
  test('a cat, a snake and a hawk do not dig', () => {
    for (const threat of ['cat', 'snake', 'hawk'] as const) expect(dug(NONE, 'loam', threat)).toBeUndefined();
  });
});

describe('over and above', () => {
  const wall = (top: number, overhang = 0) =>
    ({
      ...bands(['fine-13-heavy', top]),
      skirt: { ...APRON, mesh: 'fine-13-heavy', width: 0.9 },
      overhang,
    }) as const;
  test.each<[ThreatId, number, number, string]>([
    ['mink', 1.8, 0, 'open'],
    ['dog', 1.8, 0, 'open'],
    ['dog', 1.9, 0, 'holds'],
    ['badger', 1.0, 0, 'open'],
    ['badger', 1.2, 0, 'holds'],
    ['skunk', 1.2, 0, 'holds'],
    ['pig', 0.9, 0, 'open'],
    ['pig', 1.0, 0, 'holds'],
    // Whatever scrambles gets over any wall without an overhang.
    ['fox', 2.4, 0, 'open'],
    ['fox', 2.1, 0.3, 'holds'],
    ['fox', 1.8, 0.3, 'open'],
    ['coyote', 2.1, 0.3, 'open'],
  ])('%s at a wall of %d with an overhang of %d: %s', (threat, top, overhang, wanted) => {
    expect(rated(run([threat], wall(top, overhang)), threat).over).toBe(wanted);
  });
  test.each<[ThreatId, keyof typeof COVERS, string, string]>([
    ['fox', 'net', 'net-50', 'holds'],
    ['coyote', 'net', 'net-50', 'holds'],
    ['raccoon', 'net', 'net-50', 'open'],
    ['marten', 'net', 'net-50', 'open'],
    ['cat', 'net', 'net-50', 'holds'],
    ['weasel', 'net', 'net-50', 'open'],
    ['crow', 'net', 'net-50', 'holds'],
    ['eagle', 'net', 'net-50', 'holds'],
    ['raccoon', 'strips', 'welded-25', 'holds'],
    ['mink', 'strips', 'welded-25', 'open'],
    ['mink', 'strips', 'fine-13', 'holds'],
    ['rat', 'strips', 'fine-13', 'holds'],
    ['snake', 'strips', 'fine-13', 'open'],
    ['fox', 'strips', 'hex-25', 'open'],
    ['hawk', 'strips', 'hex-25', 'holds'],
    ['raccoon', 'sheet', 'sheet', 'holds'],
    ['wild-birds', 'sheet', 'sheet', 'holds'],
    ['wild-birds', 'strips', 'fine-13', 'open'],
    ['lynx', 'strips', 'fine-13', '1.00'],
  ])('%s under a cover of %s (%s): %s', (threat, kind, mesh, wanted) => {
    const lid = covered(run([threat], wall(1.8)), kind, mesh);
    // Laid level, so that it meets the walls all round.
    const plan = kind === 'sheet' ? apply(lid, { verb: 'set-cover', id: 'v1', to: { rise: 0 } }) : lid;
    expect(rated(plan, threat).above).toBe(wanted);
  });
  test('a cover higher than the wall leaves a gap', () => {
    const plan = covered(run(['fox', 'hawk'], wall(1.8)), 'net', 'net-50');
    const high = apply(plan, { verb: 'set-cover', id: 'v1', to: { height: 2 } });
    expect(rated(high, 'fox').over).toBe('open');
    expect(rated(high, 'hawk').above).toBe('open');
  });
  test('a cover over half of the run is none to what climbs or flies', () => {
    const plan = covered(run(['mink', 'hawk'], wall(1.8)), 'strips', 'fine-13');
    const [a, b] = [plan.corners[0], plan.corners[2]];
    if (!a || !b) throw new Error('the run has corners');
    const outline = [a, { x: b.x / 2, y: a.y }, { x: b.x / 2, y: b.y }, { x: a.x, y: b.y }].map(
      ({ x, y }) => ({ x, y }),
    );
    const half = apply(plan, { verb: 'set-cover', id: 'v1', to: { outline } });
    expect(rated(half, 'hawk').above).toBe('open');
    expect(rated(half, 'mink').over).toBe('open');
  });
});

describe('openings, by the row', () => {
  const low = (threat: ThreatId, mesh: string, flock: readonly Flock[] = HENS) =>
    rated(
      run([threat], { ...bands([mesh, 1.8]), skirt: { ...APRON, width: 0.9 } }, { flock, gate: 0 }),
      threat,
    );
  test.each<[ThreatId, string, Partial<Record<Way, string>>]>([
    ['fox', 'welded-75x50', { through: 'holds', reach: 'holds', tear: 'holds' }],
    ['fox', 'welded-100x50', { through: 'holds', reach: 'holds', tear: 'holds' }],
    ['dog', 'fine-13', { tear: '1.00' }],
    ['rat', 'fine-6', { through: 'holds', tear: '1.00' }],
    ['rat', 'fine-13', { through: 'holds', reach: 'holds', tear: 'holds' }],
    ['weasel', 'fine-13', { through: 'holds', tear: 'holds' }],
    ['mink', 'welded-25x13', { through: 'holds', reach: 'holds' }],
    ['marten', 'welded-50', { through: 'open', reach: 'open' }],
    ['marten', 'welded-25', { through: 'holds', reach: 'holds', tear: 'holds' }],
    ['hawk', 'welded-50', { through: 'holds' }],
    ['crow', 'welded-50', { through: 'holds', reach: 'open' }],
    ['pig', 'welded-50', { tear: '1.00' }],
    ['mouse', 'fine-13', { through: 'open' }],
    ['snake', 'fine-13', { through: 'open' }],
    ['snake', 'fine-6', { through: 'holds', tear: 'holds' }],
  ])('%s at %s', (threat, mesh, wanted) => {
    expect(low(threat, mesh)).toMatchObject(wanted);
  });
  test('where chicks sleep the young of a rat pass 13', () => {
    const chicks: readonly Flock[] = [{ id: 'f1', kind: 'chick', count: 20, keeping: 'confined' }];
    expect(low('rat', 'fine-13', chicks).through).toBe('open');
    expect(low('rat', 'fine-6', chicks)).toMatchObject({ through: 'holds', tear: '1.00' });
  });
  test('what takes small prey is worth knowing among grown hens, and no more; a mouse always', () => {
    const counts = (threat: ThreatId, kind: Flock['kind']) => {
      const flock: readonly Flock[] = [{ id: 'f1', kind, count: 8, keeping: 'confined' }];
      const plan = run([threat], bands(['welded-50', 1.8]), { flock });
      return reckon(plan).verdicts.every((v) => v.counts);
    };
    expect(counts('rat', 'hen-heavy')).toBe(false);
    expect(counts('rat', 'bantam')).toBe(true);
    expect(counts('fox', 'hen-heavy')).toBe(true);
    expect(counts('mouse', 'bantam')).toBe(false);
  });
});

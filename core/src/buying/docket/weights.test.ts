import { describe, expect, test } from '@jest/globals';
import { DEMO_PLANS } from '../../plan/samples';
import { EDITIONS, LATEST_EDITION } from '../../catalogue/editions';
import { editionOf } from '../../catalogue/editionOf';
import { makeReader } from '../../saying/makeReader';
import { marketOf } from '../../catalogue/market';
import { reckon } from '../../reckon';
import { sayWeightAndTax } from '../../words/docket';
import { buyingAt } from '../../testing/buying';
import { leanTo as aLeanTo } from '../../testing/leanTo';
import { meshWeight } from '../../catalogue/meshWeight';
import { postWeight, timberWeight } from './weights';

const edition = EDITIONS[LATEST_EDITION];
if (!edition) throw new Error('the edition is gone');
const market = marketOf(edition, buyingAt('far-gate', LATEST_EDITION));

describe('weights', () => {
  test('of welded mesh 50 × 50 of 2.5 mm: 19.05 wires a metre each way, 1.47 kg a square metre', () => {
    const metres = 2 / 0.0525;
    expect(meshWeight(market.mesh('welded-50'))).toBeCloseTo(metres * (Math.PI / 4) * 0.0025 ** 2 * 7850, 9);
    expect(meshWeight(market.mesh('welded-50'))).toBeCloseTo(1.468, 3);
  });
  test('of netting are less with wider openings and thinner wire', () => {
    const of = (id: string) => meshWeight(market.mesh(id));
    expect(of('hex-50')).toBeLessThan(of('hex-25'));
    expect(of('chain-50')).toBeLessThan(of('chain-50-heavy'));
    expect(of('fine-13')).toBeLessThan(of('fine-13-heavy'));
    expect(of('plastic-20')).toBeLessThan(of('hex-25'));
  });
  test('of posts: round 100 mm weighs 4.3 kg a metre, steel T 1.9, a tube of 48 mm 2.3', () => {
    expect(postWeight(market.post('round-100'))).toBeCloseTo((Math.PI / 4) * 0.01 * 550, 9);
    expect(postWeight(market.post('t-40'))).toBe(1.9);
    expect(postWeight(market.post('tube-48'))).toBeCloseTo(Math.PI * 0.046 * 0.002 * 7850, 9);
  });
  test('of a board 150 × 25: 2.06 kg a metre', () => {
    expect(timberWeight(market, 'board-150x25')).toBeCloseTo(0.15 * 0.025 * 550, 9);
  });
  test('of a docket is the sum of its lines, each more than nothing where anything is bought', () => {
    for (const plan of DEMO_PLANS) {
      const { lines, weight } = reckon(plan).docket;
      expect(weight).toBeCloseTo(
        lines.reduce((total, l) => total + l.weight, 0),
        9,
      );
      for (const l of lines) if (l.buy > 0) expect(l.weight).toBeGreaterThan(0);
    }
  });
});

describe('a line says how its weight and tax come about', () => {
  const said = (plan: (typeof DEMO_PLANS)[number], id: string, system: 'metric' | 'imperial') => {
    const line = reckon(plan).docket.lines.find((l) => l.id.startsWith(id));
    if (!line) throw new Error(`no line ${id}`);
    return sayWeightAndTax(line, makeReader(system, 'XXX'), marketOf(editionOf(plan), plan.buying));
  };
  const [demo] = DEMO_PLANS;
  if (!demo) throw new Error('the demo plans are gone');
  const orchard = { ...demo, covers: [] };
  const leanTo = aLeanTo();
  test('mesh by the metre, tax held in the price', () => {
    expect(said(orchard, 'roll:welded-50x25', 'metric')).toBe(
      '45.00 m at 1.71 kg a metre, about 77 kg. Tax of 20 % is in the price at Far Gate Supplies.',
    );
  });
  test('by the foot, and nothing of tax where the edition tells none', () => {
    expect(said(leanTo, 'roll:fine-13', 'imperial')).toMatch(
      /^\d+′ at 0\.\d\d lb a foot, about \d+(\.\d)? lb\.$/,
    );
  });
  test('fasteners by the piece', () => {
    expect(said(orchard, 'pack:staple', 'metric')).toContain('200 at 0.0020 kg, about 0.4 kg.');
  });
});
